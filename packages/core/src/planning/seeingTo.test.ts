import { believe } from '../inference/believe';
import type { Cause } from '../model/cause';
import { modelOf } from '../model/doorModel';
import { hatch, sunkPeg, woodCheck } from '../hatch.fixture';
import { leftUndone } from './atOnce';
import { causesToTreat } from './causesToTreat';
import { worthTrying } from './choose';
import type { Candidate } from './candidate';
import { action, believedAt, gaps, KIND, leftAlone, model, plan, setting, trial } from './planning.fixture';
import { toEnd } from '../stepwise';
import { factsOf } from './facts';
import { settingsAllowed } from './settingsAllowed';
import { causesOfSidesOut } from './sidesOut';
import { workErrorsFrom } from './workErrors';

describe('what was found undone', () => {
  const own = modelOf({ ...KIND, findings: [woodCheck], atOnce: [{ finding: 'wood', answer: 'crushed', action: 'glue' }] }, hatch);
  const found = (answer: string, done: { action: string; amount: number }[] = []) => {
    const observed = { readings: [], findings: [{ finding: 'wood', answer }], rounds: done.length === 0 ? [] : [{ done, readings: [] }] };
    return leftUndone(believe(own, observed), observed, own.tables.actions).map(({ id }) => id);
  };

  it('is done at once, until it is done, and only where it is allowed', () => {
    expect([found('crushed'), found('sound'), found('crushed', [{ action: 'glue', amount: 1 }])]).toEqual([['glue'], [], []]);
    const crushed = { readings: [], findings: [{ finding: 'wood', answer: 'crushed' }] };
    expect(leftUndone(believe(own, crushed), crushed, [])).toEqual([]);
  });

  it('counts as well when it is only seen after work', () => {
    const after = (answer: string) => {
      const rounds = [
        { done: [{ action: 'packPeg', place: 'rightPeg', amount: 1 }], readings: [], findings: [{ finding: 'wood', answer }] },
      ];
      const observed = { readings: [], findings: [{ finding: 'wood', answer: 'sound' }], rounds };
      return leftUndone(believe(own, observed), observed, own.tables.actions).map(({ id }) => id);
    };
    expect([after('crushed'), after('sound')]).toEqual([['glue'], []]);
  });
});

describe('a door that is good as it stands', () => {
  const harmful = { ...KIND, causes: KIND.causes.map((each) => (each.id === 'damp' ? { ...each, harmsUnseen: true as const } : each)) };
  const treated = (chances: Readonly<Record<string, number>>, isGood: boolean, kind = harmful) => {
    const belief = { ...believedAt(chances), model: modelOf(kind, hatch) };
    return causesToTreat(belief, isGood).map(({ id }) => id);
  };

  it('is treated for what harms unseen, when that is likely, and for nothing else', () => {
    const dear = {
      ...harmful,
      actions: harmful.actions.map((each) => (each.id === 'wait' ? { ...each, irreversibility: 1 } : each)),
    };
    expect(treated({ damp: 0.8, sound: 0.2 }, true, dear)).toEqual(['damp']);
    expect(treated({ damp: 0.79, sound: 0.21 }, true, dear)).toEqual([]);
    // What is easily undone may be done for an even chance.
    expect([treated({ damp: 0.5, sound: 0.5 }, true), treated({ damp: 0.49, sound: 0.51 }, true)]).toEqual([['damp'], []]);
    expect([treated({ sunk: 0.95, sound: 0.05 }, true), treated({ sunk: 0.95, sound: 0.05 }, false)]).toEqual([[], ['sunk']]);
  });
});

describe('a side that was read and is out', () => {
  const settable = modelOf(KIND, hatch);

  it('is seen to whatever has brought it there: by the likeliest cause that work on it cures', () => {
    const curing = { ...sunkPeg, cures: ['set'] };
    const belief = {
      ...believedAt({ sunk: 0.1, sound: 0.9 }),
      model: modelOf({ ...KIND, causes: KIND.causes.map((each) => (each.id === 'sunk' ? curing : each)) }, hatch),
    };
    const drawn = (share: number) =>
      Array.from({ length: 10 }, (_, n) => ({
        faults: new Map<string, Float64Array>(),
        errors: workErrorsFrom([]),
        state: new Float64Array(0),
        supposition: 0,
        gaps: gaps(2, 2, 0, n < share * 10 ? 1.2 : 0.5),
      }));
    const seen = (share: number, judged = ['skew'], treat: readonly (typeof curing)[] = [], againstMm = 0) =>
      causesOfSidesOut(
        belief,
        {
          ...trial,
          drawn: drawn(share),
          beside: { sides: settable.tables.sides, judged: new Set(judged), work: againstMm === 0 ? {} : { skew: { againstMm } } },
        },
        treat,
      ).map(({ id }) => id);
    expect([seen(0.6), seen(0.5), seen(1, [])]).toEqual([['sunk'], [], []]);
    // Out by how the slab hangs, and not by what is worked on, it is left to what treats the hang; and seen to when that has been treated.
    const byHang = modelOf({ ...KIND, causes: KIND.causes, sides: KIND.sides.map((side) => ({ ...side, worked: 'left' })) }, hatch);
    const hung = (treat: readonly Cause[]) =>
      causesOfSidesOut(
        { ...belief, model: { ...belief.model, side: byHang.side } },
        { ...trial, drawn: drawn(1), beside: { sides: byHang.tables.sides, judged: new Set(['skew']), work: {} } },
        treat,
      ).map(({ id }) => id);
    const sagging = { ...sunkPeg, id: 'sagging', part: 'rim' };
    const still = { ...sagging, forms: sagging.forms.map((form) => ({ ...form, axes: [] })) };
    expect([hung([sagging]), hung([still]), hung([])]).toEqual([[], ['sunk'], ['sunk']]);
    // What a hand has tried and found in order is not out, whatever the figures are.
    const tried = { sides: settable.tables.sides, judged: new Set(['skew']), inOrder: new Set(['skew']), work: {} };
    expect(causesOfSidesOut(belief, { ...trial, drawn: drawn(1), beside: tried }, [])).toEqual([]);
    // Held by friction it is not out, and what is treated anyway is not treated twice.
    expect([seen(1, ['skew'], [], 0.5), seen(1, ['skew'], [curing])]).toEqual([[], []]);
  });
});

describe('work that was done', () => {
  it('is not planned again in the same visit, whether it took a fault away or brought a side to its place', () => {
    const allowedAfter = (...done: string[]) => {
      const rounds = [{ done: done.map((id) => ({ action: id, amount: 1 })), readings: [] }];
      const observed = { readings: [], findings: [], rounds };
      return toEnd(factsOf(observed, believe(model, observed), {})).allowed.map(({ id }) => id);
    };
    const once = ['glue', 'set', 'hold', 'strike'];
    expect(allowedAfter()).toEqual(expect.arrayContaining([...once, 'packPeg']));
    expect(allowedAfter(...once).filter((id) => once.includes(id))).toEqual([]);
    expect(allowedAfter('packPeg')).toContain('packPeg');
  });
});

describe('setting a place back', () => {
  const done = [{ done: [{ action: 'packPeg', place: 'rightPeg', amount: 2 }], readings: [] as { station: string; mm: number }[] }];
  const belief = believe(model, { readings: [], findings: [], rounds: done });
  const may = (rounds: typeof done) => settingsAllowed(belief, { readings: [], findings: [], rounds }, trial.board);
  const way = (place: number | 'whole', shiftMm: number) => ({ ...setting(place), shiftMm });

  it('waits until every gap has been gauged since; further the same way, and elsewhere, it may go', () => {
    const unchecked = may(done);
    expect([unchecked(way(2, 1)), unchecked(way(2, -1)), unchecked(way(0, 1)), unchecked(way('whole', 1))]).toEqual([
      false,
      true,
      true,
      true,
    ]);
    const all = trial.board.stations.map((station) => ({ station, mm: 2 }));
    expect(may([...done, { done: [], readings: all }])(way(2, 1))).toBe(true);
    expect(may([...done, { done: [], readings: all.slice(1) }])(way(2, 1))).toBe(false);
  });
});

describe('what is tried and looked at first', () => {
  const treat = [{ ...sunkPeg, cures: ['glue', 'saw'] }];
  const make = (id: string, share: number, minutes: number, irreversibility = 0): Candidate => ({
    ...leftAlone,
    found: plan(),
    cures: [action(id)],
    isTrue: Array.from({ length: 10 }, (_, n) => n < share * 10),
    minutes,
    irreversibility,
  });
  const best = make('saw', 1, 40, 3);

  it('is quick, easily undone, and right at least half as often as the best', () => {
    const quick = make('glue', 0.5, 8);
    expect(worthTrying(best, [best, quick], treat)).toBe(quick);
    expect(worthTrying(best, [best, make('glue', 0.4, 8)], treat)).toBeUndefined();
    expect(worthTrying(best, [best, make('glue', 0.9, 11)], treat)).toBeUndefined();
    expect(worthTrying(best, [best, make('glue', 0.9, 8, 2)], treat)).toBeUndefined();
  });

  it('is nothing where the best is nearly as quick, where the cause stays, or where none is treated', () => {
    expect(worthTrying(make('saw', 1, 15), [make('glue', 0.9, 8)], treat)).toBeUndefined();
    expect(worthTrying(best, [{ ...make('glue', 0.9, 8), cures: [] }], treat)).toBeUndefined();
    expect(worthTrying(best, [{ ...make('glue', 0.9, 8), hidesCause: true }], treat)).toBeUndefined();
    expect(worthTrying(best, [make('glue', 0.9, 8)], [])).toBeUndefined();
  });
});
