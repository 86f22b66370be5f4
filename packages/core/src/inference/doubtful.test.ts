import { HATCH, hatch, sunkPeg, type Hatch } from '../hatch.fixture';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { believe } from './believe';
import { toEnd } from '../stepwise';
import { DOUBT_DECIDING_FROM_SD, doubtfulReadings, doubtsOf } from './doubtful';
import { expectAt } from './expectation';
import type { Observations } from './observed';

/** Five gaps along one straight rim: any three tell what the others must be. */
const at = [0.1, 0.3, 0.5, 0.7, 0.9];
const [left, , bolt] = HATCH.stations;
if (left === undefined || bolt === undefined) throw new Error('the hatch has its stations');
const RIM: DoorKind<Hatch> = {
  ...HATCH,
  stations: [...at.map((f) => ({ ...left, id: `gap.${f}`, f, weights: { left: 1 - f, right: f } })), bolt],
  walk: at.map((f) => `gap.${f}`),
  signs: [],
};
const model = modelOf(RIM, hatch);
const read = (...mm: (number | 'rubs')[]): Observations => ({
  readings: mm.map((each, i) => (each === 'rubs' ? { station: `gap.${at[i]}`, rubs: true } : { station: `gap.${at[i]}`, mm: each })),
  findings: [],
});
const doubted = (observed: Observations) => doubtfulReadings(observed, believe(model, observed));

it('a reading is held against what the rest say: as if it had not been read', () => {
  const slip = read(2, 2.25, 3.4, 2.75, 3);
  const [worst, ...more] = doubted(slip);
  expect(more).toEqual([]);
  const rest = believe(model, { ...slip, readings: slip.readings.filter(({ station }) => station !== 'gap.0.5') });
  const { mean, variance } = expectAt(rest, 'gap.0.5');
  expect(worst).toMatchObject({ station: 'gap.0.5', readMm: 3.4 });
  expect(worst?.expectedMm).toBeCloseTo(mean, 6);
  expect(worst?.sdMm).toBeCloseTo(Math.sqrt(variance + 0.15 ** 2), 6);
});

it('where much is to be decided by it a reading is doubted sooner', () => {
  const somewhat = read(2, 2.25, 3.05, 2.75, 3);
  expect(doubted(somewhat)).toEqual([]);
  expect(doubtfulReadings(somewhat, believe(model, somewhat), DOUBT_DECIDING_FROM_SD).map(({ station }) => station)).toEqual(['gap.0.5']);
});

it('the worst is set aside before the rest are judged, three at most', () => {
  expect(doubted(read(2, 2.3, 9, 2.9, 8)).map(({ station }) => station)).toEqual(['gap.0.5', 'gap.0.9']);
  const wild: DoorKind<Hatch> = { ...RIM, causes: RIM.causes.filter(({ id }) => id !== sunkPeg.id) };
  const all = read(2, 12, 2, 22, 2);
  const told = doubtfulReadings(all, believe(modelOf(wild, hatch), all));
  expect(told.length).toBeLessThanOrEqual(3);
  expect(told.map(({ station }) => station)).toEqual([...new Set(told.map(({ station }) => station))]);
});

it('a nearer limit asked after a wider one goes on from it, with a pause before and after each new estimate', () => {
  const slip = read(2, 2.3, 9, 2.65, 3.6);
  const belief = believe(model, slip);
  const doubts = doubtsOf(slip, belief);
  const stations = (fromSd?: number) => doubtfulReadings(slip, belief, fromSd).map(({ station }) => station);
  const wide = toEnd(doubts());
  expect(wide.map(({ station }) => station)).toEqual(stations());
  const inSteps = doubts(0.1);
  const pauses = [inSteps.next(), inSteps.next(), inSteps.next()].map(({ done }) => done);
  expect(pauses).toEqual([false, false, true]);
  expect(toEnd(doubts(0.1)).map(({ station }) => station)).toEqual(stations(0.1));
  expect(stations(0.1).length).toBeGreaterThan(wide.length);
});

it('what was taken again and found so is the rim itself: it is not doubted, and the rest of the rim does not follow it', () => {
  const slip = read(2, 2.25, 3.4, 2.75, 3);
  const sure: Observations = {
    ...slip,
    readings: slip.readings.map((each) => (each.station === 'gap.0.5' ? { ...each, again: true } : each)),
  };
  expect(doubted(sure)).toEqual([]);
  const at = (observed: Observations, station: string) => expectAt(believe(model, observed), station).mean;
  expect(at(sure, 'gap.0.5')).toBeGreaterThan(3.3);
  expect(at(slip, 'gap.0.5')).toBeLessThan(3.2);
  expect(Math.abs(at(sure, 'gap.0.3') - 2.25)).toBeLessThan(Math.abs(at(slip, 'gap.0.3') - 2.25));
});

it('after work those of the last round are doubted', () => {
  const slip = read(2, 2.25, 3.4, 2.75, 3).readings;
  const worked = { ...read(2, 2.25, 2.5, 2.75, 3), rounds: [{ done: [], readings: slip }] };
  expect(doubted(worked).map(({ station, readMm }) => [station, readMm])).toEqual([['gap.0.5', 3.4]]);
  const sure = { ...worked, rounds: [{ done: [], readings: slip.map((each) => ({ ...each, again: true as const })) }] };
  expect(doubted(sure)).toEqual([]);
});

it('what is no edge is not doubted either, once it was read again', () => {
  const bolt = (again: boolean): Observations => {
    const { readings } = read(2, 2.25, 2.5, 2.75, 3);
    return { readings: [...readings, { station: 'bolt', mm: 9, ...(again && { again: true as const }) }], findings: [] };
  };
  expect([doubted(bolt(false))[0]?.station, doubted(bolt(true)).some(({ station }) => station === 'bolt')]).toEqual(['bolt', false]);
});

it('rubs and what fits are not doubted', () => {
  expect(doubted(read(2, 2.3, 2.6, 2.9, 3.2))).toEqual([]);
  expect(doubted(read('rubs', 0.1, 0.1, 0.1, 0.1))).toEqual([]);
  expect(doubted({ readings: [], findings: [] })).toEqual([]);
});
