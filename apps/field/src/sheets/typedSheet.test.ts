import { fromLists } from './fit/openingFields';
import { runEngine } from '@proper-swing/contract/engine';
import { sheet as engineSheet } from '@proper-swing/contract/sheets';
import { lengthWords } from '../design/lengthWords';
import type { BenchName, BenchSheet } from './benchSheet';
import { BENCH_SHEETS, sheetAt, sheetNamed } from './register';
import { inAddress } from '../call/stages';
import { fieldOfError, readSheet, usualTyped, type Typed } from './typedSheet';

const mm = lengthWords({ system: 'mm' });
const inches = lengthWords({ system: 'in', finest: 64 });

/** What a technician types into each sheet besides what stands there. */
const TYPED: Readonly<Partial<Record<BenchName, Typed>>> = {
  'latch.strike': { lowMm: '3.2' },
  'swing.drift': { 'test.did': 'opens', acrossMm: '8' },
  'swing.edge': { 'trim.proudMm': '18' },
  'swing.floor': { closedGapMm: '6', 'gapAt.60': '1', headGapMm: '4' },
  'swing.twist': { stopTopMm: '6', stopBottomMm: '0' },
  'swing.pair': { topMm: '5', middleMm: '3.5', bottomMm: '-1' },
  'sliding.turns': { jambTopMm: '6', jambFootMm: '14', footLeadMm: '3', footTrailMm: '6' },
  'sliding.effort': { pullN: '95' },
  'sliding.ticks': { 'pass.1': '410, 700', 'pass.2': '405', 'pass.3': '408' },
  'sliding.rollers': { 'measured.wheelMm': '32', 'measured.lengthMm': '96', 'measured.groove': 'grooved' },
  'sliding.bifold': { widthsMm: '1214, 1212, 1215', heightAtPivotMm: '2018', heightAtGuideMm: '2020' },
  'sliding.bypass': { widthsMm: '1650, 1648, 1652', stepMm: '4' },
  'sliding.pocket': { heightsMm: '2046, 2041, 2044' },
  'fit.slab': fromLists({ widths: '765, 774, 772', heights: '1995, 1993, 1989', slabWidthsMm: '764', slabHeightsMm: '1985, 1985' }),
  'fit.pair': fromLists({
    ...{ widths: '1370, 1372, 1375', heights: '1960, 1957, 1947' },
    ...{ 'left.widthsMm': '686', 'left.heightsMm': '1981', 'right.widthsMm': '686', 'right.heightsMm': '1981' },
  }),
  'fit.head': { heightsMm: '1957, 1947' },
  'fit.shorten': { heightsMm: '2041, 2043, 2042' },
  'fit.lining': { widthsMm: '765, 774, 772' },
  'fit.reblock': { cutMm: '45' },
  'jamb.foot': { softTopMm: '240' },
  'jamb.splice': { breakFromMm: '820', breakToMm: '1260', widths: '700: 116; 1400: 117' },
  'jamb.leg': { headMm: '2000', clearMm: '767', roughMm: '100: 800; 1900: 804' },
  'jamb.packers': { stacksMm: '7, 8, 11' },
  'cure.clock': { coats: 'adhesive caulk primer:3 paint:4:120' },
  'timber.season': { gapMm: '0.5' },
  'hinge.continuous': { openingWidthsMm: '917, 916, 919', openingHeightsMm: '2139; 2137', slabWidthMm: '906', slabHeightMm: '2120' },
};

function named(name: BenchName): BenchSheet {
  const found = sheetNamed(name);
  if (found === undefined) throw new Error(`no ${name}`);
  return found;
}

function answerOf(name: BenchName): { request: object; result: unknown } {
  const read = readSheet(named(name), { ...usualTyped(named(name), mm.bare), ...TYPED[name] }, 'mm');
  if (read.state !== 'ready') throw new Error(`${name} is ${read.state}`);
  return { request: read.request, result: runEngine(engineSheet(name), read.request) };
}

describe.each(BENCH_SHEETS.map(({ name }) => name))('%s', (name) => {
  it('takes the usual figures and a few typed ones, and says what to do', () => {
    const { result } = answerOf(name);
    const says = named(name).says(result, mm);
    expect(says).not.toMatch(/undefined|NaN/);
    expect(says.length).toBeGreaterThan(10);
  });

  it('asks the same in inches as in millimetres, to a gauge’s fineness', () => {
    const usual = readSheet(named(name), usualTyped(named(name), inches.bare), 'in');
    const metric = readSheet(named(name), usualTyped(named(name), mm.bare), 'mm');
    expect(usual.state).toBe(metric.state);
    if (usual.state !== 'ready' || metric.state !== 'ready') return;
    const figures = (value: unknown): number[] =>
      typeof value === 'number' ? [value] : typeof value === 'object' && value !== null ? Object.values(value).flatMap(figures) : [];
    const other = figures(metric.request);
    figures(usual.request).forEach((figure, i) => expect(Math.abs(figure - (other[i] ?? 0))).toBeLessThan(0.25));
  });

  it('stands at an address that reads as no file', () => {
    expect(inAddress(name)).not.toContain('.');
    expect(sheetAt(inAddress(name))?.name).toBe(name);
  });
});

describe('reading a sheet', () => {
  const strike = named('latch.strike');
  const usual = usualTyped(strike, mm.bare);

  it('names what is still wanted and what cannot be read, at its field', () => {
    expect(readSheet(strike, { ...usual, playMm: '' }, 'mm')).toMatchObject({ state: 'unfinished', missing: [{ path: 'playMm' }] });
    expect(readSheet(strike, { ...usual, playMm: '2x' }, 'mm')).toMatchObject({
      state: 'faulty',
      errors: { playMm: expect.stringContaining('"x"') },
    });
    expect(readSheet(named('hinge.size'), { ...usualTyped(named('hinge.size'), mm.bare), massKg: 'heavy' }, 'mm')).toMatchObject({
      errors: { massKg: 'Cannot read “heavy” as a number.' },
    });
  });

  it('leaves out a group whose first figure is empty', () => {
    const read = readSheet(strike, usual, 'mm');
    expect(read.state === 'ready' && 'gaps' in read.request).toBe(false);
    expect(readSheet(strike, { ...usual, 'gaps.headLatchMm': '5' }, 'mm')).toMatchObject({
      request: { gaps: { headLatchMm: 5, headHingeMm: 3, wantedHeadMm: 3 } },
    });
  });

  it('puts gaps at their angles, and an error of one back at its field', () => {
    const { request } = answerOf('swing.floor');
    expect(request).toMatchObject({ readings: [{ atDeg: 60, gapMm: 1 }] });
    expect(fieldOfError(named('swing.floor'), 'readings[0].gapMm', request)).toBe('gapAt.60');
    expect(fieldOfError(named('swing.drift'), 'hingeHeightsMm[1]', {})).toBe('hingeHeightsMm');
  });
});

describe('work that follows from an answer', () => {
  it.each([
    ['latch.strike', ['fileStrike/null/1.7', 'moveStrike/null/3.2']],
    ['swing.floor', []],
    ['swing.twist', ['moveStop/null/6', 'throwForTwist/top/5.3']],
    ['hinge.load', ['longScrew/top/1']],
    ['hinge.size', []],
  ] as const)('%s', (name, expected) => {
    const work = named(name)
      .work(answerOf(name).result, answerOf(name).request)
      .map(({ work: { action, hinge, amount } }) => `${action}/${hinge}/${amount}`);
    expect(work).toEqual(expected);
  });

  it('of a drift is a bent pin and a throw at either hinge', () => {
    const { result, request } = answerOf('swing.drift');
    const work = named('swing.drift').work(result, request);
    expect(work.map(({ work: { action } }) => action)).toEqual(['bendPin', 'throwHinge', 'throwHinge']);
  });
});
