import { runEngine } from '@proper-swing/contract/engine';
import { sheet } from '@proper-swing/contract/sheets';
import type { BenchName } from './benchSheet';
import { sheetNamed } from './register';
import { linesToDo, workTicked } from './ticks';
import { exampleRecord } from '../record/exampleRecord';

/** The lines of a sheet for its example, changed. */
function linesOf(name: BenchName, change: object = {}, typed: Readonly<Record<string, string>> = {}) {
  const own = sheetNamed(name);
  if (own?.list === undefined) throw new Error(`no list of ${name}`);
  const request = { ...(sheet(name).example as object), ...change };
  const result = runEngine(sheet(name), request);
  const steps = own.list.steps(result, request, typed);
  return { own, result, request, steps, ids: steps.map(({ id }) => id), toDo: linesToDo(own, result, request, typed) };
}

describe('lines to be ticked of jambs, layouts and coats', () => {
  it.each(['jamb.foot', 'jamb.splice', 'jamb.leg', 'layout.strike', 'layout.hinges', 'cure.clock'] as const)(
    '%s: each line once, and all of them are its work, logged once with what it was done with',
    (name) => {
      const { own, steps, ids } = linesOf(name);
      expect(new Set(ids).size).toBe(ids.length);
      const work = workTicked(own, steps, { done: ids.join(' ') }, exampleRecord().door);
      expect(work).toHaveLength(1);
      if (name !== 'layout.hinges') expect(work[0]?.part?.length).toBeLessThanOrEqual(120);
    },
  );

  it('what cannot be worked to has no lines, and is not done for that', () => {
    expect(linesOf('jamb.foot', { cutHeightMm: 250 })).toMatchObject({ ids: [], toDo: undefined });
    const differs = { latch: { ...(sheet('layout.strike').example as { latch: object }).latch, markBelowHeadMm: 1050 } };
    expect(linesOf('layout.strike', differs)).toMatchObject({ ids: [], toDo: undefined });
    expect(linesOf('cure.clock', { celsius: -5 })).toMatchObject({ ids: [], toDo: undefined });
    expect(linesOf('jamb.decide', { framingIsWet: true })).toMatchObject({ ids: [], toDo: undefined });
  });

  it('a survey is open until it is chosen what is done', () => {
    expect(linesOf('jamb.decide').toDo).toBe(2);
    expect(linesOf('jamb.decide', {}, { remedy: 'patchFoot' }).toDo).toBe(1);
    expect(linesOf('jamb.decide', {}, { remedy: 'patchFoot', done: 'findWater' }).toDo).toBe(0);
    expect(linesOf('jamb.decide', {}, { remedy: 'fill' }).ids).toContain('filled');
  });

  it('water that came is stopped before the new slab hangs', () => {
    expect(linesOf('layout.hinges').ids).not.toContain('water-head');
    expect(linesOf('layout.hinges', {}, { water: 'both' }).ids.slice(0, 2)).toEqual(['water-head', 'water-foot']);
  });

  it('stock that is as thick as the jamb needs neither windows nor packers, thicker stock is planed', () => {
    expect(linesOf('jamb.foot', { stockThicknessMm: 31.75 }).ids).not.toContain('packers');
    expect(linesOf('jamb.foot', { stockThicknessMm: 35 }).ids).toContain('planed');
  });
});
