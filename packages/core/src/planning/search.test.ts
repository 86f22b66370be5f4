import { hatchWork, packPeg } from '../hatch.fixture';
import { seededRandom, type RandomStream } from '../numbers/seededRandom';
import { evenGuard, outsideBy, type GapBoard } from './board';
import { settingsOf } from './candidates';
import { bestAlike } from './equalPlans';
import { leastMisfitToPay, leastToPay } from './leastToPay';
import { planingLines } from './planingLines';
import { searchInSteps, searchPlans } from './searchPlans';
import { GUARD_PRICE, leavesOutside, movedPlaces, OUTSIDE_PRICE, type SearchSpace, type Setting } from './searchSpace';

/** Two edges of three gaps, of which one must be even, and a bolt: small enough to try everything. */
const BOARD: GapBoard = {
  stations: ['a.top', 'a.mid', 'a.foot', 'b.top', 'b.mid', 'b.foot', 'bolt'],
  limits: [...Array.from({ length: 6 }, () => ({ min: 2, target: 3, max: 4 })), { min: -1, target: 0, max: 1 }],
  evenEdgeIds: ['a'],
  evenEdges: [[0, 1, 2]],
  evenWithin: 1,
  onEdge: { a: [0, 1, 2], b: [3, 4, 5] },
  f: [0.1, 0.5, 0.9, 0.1, 0.5, 0.9, 0],
  bolt: 6,
  lowered: Float64Array.from([0, 0, 0, 0, 0, 0, 1]),
  standsAnew: {},
};
const TRUE = [3, 3, 3, 3, 3, 3, 0];
const gaps = (...mm: number[]) => Float64Array.from(mm);
const changed = (change: Record<number, number>) => Float64Array.from(TRUE, (mm, i) => change[i] ?? mm);

/** A place that opens one edge and closes the other, more at its own end; it carries the bolt a little. */
const settingAt = (where: Setting['where'], mm: number, price: number): Setting => {
  const at = where === 'whole' ? 0.5 : where;
  const own = (f: number) => mm * (1 - Math.abs(f - at));
  return {
    action: hatchWork('pack'),
    where,
    amount: mm,
    shiftMm: where === 'whole' ? 0 : mm,
    changes: gaps(own(0.1), own(0.5), own(0.9), -own(0.1), -own(0.5), -own(0.9), 0.2 * mm),
    price,
  };
};
const SETTINGS = [0, 1].map((place) => [-1.5, -0.5, 0.5, 1, 1.5].map((mm) => settingAt(place, mm, 8 + 3 * Math.abs(mm) + place)));

const space = (more: Partial<SearchSpace> = {}): SearchSpace => ({
  board: BOARD,
  start: Float64Array.from(TRUE),
  settings: SETTINGS,
  mustUse: [],
  planes: [],
  strikes: [],
  line: {
    misfit: [
      [0.5, -0.5],
      [-0.5, 0.5],
    ],
  },
  misfitNow: [0, 0],
  guard: evenGuard(BOARD, 0.1),
  misfitAllowedMm: 0.5,
  ...more,
});
const plane = { action: hatchWork('plane', { effect: { kind: 'plane', edge: 'b' } }), price: 30 };
const file = { action: hatchWork('file', { effect: { kind: 'strike', upToMm: 2, leftSdMm: 0.1 } }), upToMm: 2, price: 20 };
const move = { action: hatchWork('move', { effect: { kind: 'strike', upToMm: 9, leftSdMm: 0.1 } }), upToMm: 9, price: 32 };

const randomGaps = (random: RandomStream) => Float64Array.from(TRUE, (mm, i) => mm + (i === 6 ? 1.5 : 0.9) * random.normal());
/** What the gaps cost as they stand. */
const costOf = (at: Float64Array, guard = space().guard) =>
  OUTSIDE_PRICE * outsideBy(BOARD, at) + GUARD_PRICE * outsideBy(BOARD, at, guard);
const sum = (a: Float64Array, b: Float64Array) => a.map((mm, i) => mm + (b[i] ?? 0));

/** The least price by trying every choice at both places, nothing among them. */
function cheapest({ start, settings, misfitNow, misfitAllowedMm }: SearchSpace): number {
  const [first = [], second = []] = settings.map((own) => [undefined, ...own]);
  const prices = first.flatMap((a) =>
    second.map((b) => {
      const after = [a, b].reduce((at, each) => (each ? sum(at, each.changes) : at), start);
      const [at0, at1] = [a?.shiftMm ?? 0, b?.shiftMm ?? 0];
      const off = [0.5 * (at0 - at1), -0.5 * (at0 - at1)].map((mm, i) => mm + (misfitNow[i] ?? 0));
      const over = off.reduce((total, mm) => total + Math.max(0, Math.abs(mm) - misfitAllowedMm), 0);
      return (a?.price ?? 0) + (b?.price ?? 0) + OUTSIDE_PRICE * over + costOf(after);
    }),
  );
  return Math.min(...prices);
}

describe('searching the settings', () => {
  it('finds what trying every choice finds, on doors already off their line too', () => {
    const random = seededRandom(5);
    for (let n = 0; n < 60; n += 1) {
      const given = space({ start: randomGaps(random), misfitNow: [0.6 * random.normal(), 0.6 * random.normal()] });
      const [found] = searchPlans(given, 1);
      expect(found?.price).toBeCloseTo(cheapest(given), 8);
      const after = (found?.settings ?? []).reduce((at, { changes }) => sum(at, changes), given.start);
      found?.gaps.forEach((mm, i) => expect(mm).toBeCloseTo(after[i] ?? NaN, 12));
    }
  });

  it('keeps as many of the best as are asked for, best first, and no two alike', () => {
    const given = space({ start: changed({ 0: 1.4, 1: 1.6, 2: 1.9 }) });
    const five = searchPlans(given, 5);
    const prices = five.map(({ price }) => price);
    expect(prices).toEqual([...prices].sort((a, b) => a - b));
    expect(new Set(five.map(({ settings }) => settings.map(({ where, amount }) => `${where}:${amount}`).join())).size).toBe(5);
    expect(searchPlans(given, 2).map(({ price }) => price)).toEqual(prices.slice(0, 2));
  });

  it('does nothing where nothing is outside', () => {
    const [found] = searchPlans(space(), 1);
    expect(found).toMatchObject({ settings: [], planed: [], outside: 0, price: 0, misfit: [0, 0] });
    expect(found?.strike).toBeUndefined();
  });

  it('uses what the treated cause must have, at its place if one is named', () => {
    const [any] = searchPlans(space({ mustUse: [{ action: 'pack' }] }), 1);
    expect(any?.settings).toHaveLength(1);
    const [placed] = searchPlans(space({ mustUse: [{ action: 'pack', place: 1 }] }), 1);
    expect(placed?.settings.map(({ where }) => where)).toEqual([1]);
    expect(searchPlans(space({ mustUse: [{ action: 'pray' }] }), 1)).toEqual([]);
  });

  it('counts what stays outside, places off their line included', () => {
    const alone = space({ settings: [[], []], start: changed({ 0: 1.5 }), misfitNow: [0.9, -0.1] });
    const [found] = searchPlans(alone, 1);
    expect(found?.outside).toBeCloseTo(0.5 + (3 - 1.5 - 1) + (0.9 - 0.5), 12);
    expect(found && leavesOutside(found)).toBe(true);
    expect(leavesOutside({ ...(found ?? fail()), outside: 0.004 })).toBe(false);
  });
});

describe('the strike', () => {
  const off = (mm: number, strikes = [file, move]) => searchPlans(space({ settings: [], start: changed({ 6: mm }), strikes }), 1)[0];

  it('is brought to a bolt that is off by what is cheapest and reaches so far', () => {
    expect(off(1.8)).toMatchObject({ strike: { choice: file, mm: -1.8 }, price: 20, outside: 0 });
    expect(off(1.8)?.gaps[6]).toBe(0);
    expect(off(-2)?.strike).toEqual({ choice: file, mm: 2 });
    expect(off(2.1)?.strike?.choice).toBe(move);
    expect(off(-9.1)?.strike).toBeUndefined();
  });

  it('is left where the bolt goes in, or where moving it costs more than it gains', () => {
    expect(off(0.8)?.strike).toBeUndefined();
    expect(off(1.05, [{ ...move, price: 90 }])?.strike).toBeUndefined();
  });
});

describe('timber off an edge', () => {
  const lines = (top: number, mid: number, foot: number, guard = 0) =>
    planingLines(BOARD, changed({ 3: top, 4: mid, 5: foot }), 'b', guard).map(({ edge, fromMm, toMm }) => [edge, fromMm, toMm]);

  // Worked by hand: a straight line from·(1 − f) + to·f over the lacks at f = 0.1, 0.5 and 0.9, up to the next half millimetre.
  it('is the least straight line that lifts every gap to its limit, and to its target', () => {
    expect(lines(1.3, 1.3, 1.3)).toEqual([
      ['b', 1, 1],
      ['b', 2, 2],
    ]);
    // 0.9 lacks at the top alone: 0.9/0.9 = 1 there and nothing at the foot; to the target 1.9 at the top and 0 elsewhere.
    expect(lines(1.1, 3, 3)).toEqual([
      ['b', 1, 0],
      ['b', 2.5, 0],
    ]);
    expect(lines(3, 3, 1.1)[0]).toEqual(['b', 0, 1]);
    // Lacks of 0.4 in the middle only: by the top alone 0.4/0.5, by the foot alone the same; half a line is as much timber.
    const [, from, to] = lines(3, 1.6, 3)[0] as [string, number, number];
    expect(0.5 * (from + to)).toBeGreaterThanOrEqual(0.4);
    expect(from + to).toBeLessThanOrEqual(1);
    // 1 at the top and 0.2 at the foot: the line through both, 1.1 to 0.1.
    expect(lines(1, 3, 1.8)[0]).toEqual(['b', 1.5, 0.5]);
  });

  it('clears its limit by the guard, and is none where no gap lacks room or there is no such edge', () => {
    expect(lines(2.2, 2.2, 2.2, 0.3)[0]).toEqual(['b', 0.5, 0.5]);
    expect(lines(2.2, 2.2, 2.2)).toEqual([]);
    expect(planingLines(BOARD, gaps(...TRUE), 'c', 0)).toEqual([]);
  });

  it('never leaves a gap below the limit, and no line half a millimetre less at an end would do', () => {
    const random = seededRandom(9);
    for (let n = 0; n < 200; n += 1) {
      const at = randomGaps(random);
      const [line] = planingLines(BOARD, at, 'b', 0);
      const lifts = (from: number, to: number) =>
        [3, 4, 5].every((i) => (at[i] ?? 0) + from * (1 - (BOARD.f[i] ?? 0)) + to * (BOARD.f[i] ?? 0) >= 2 - 1e-6);
      if (line === undefined) expect(lifts(0, 0)).toBe(true);
      else {
        expect(lifts(line.fromMm, line.toMm)).toBe(true);
        if (line.fromMm >= 1 && line.toMm >= 1) expect(lifts(line.fromMm - 1, line.toMm - 1)).toBe(false);
      }
    }
  });

  it('comes off when the settings leave a lack of room, at its price and a minute a millimetre', () => {
    const tight = space({ settings: [[], []], start: changed({ 3: 1.3, 4: 1.3, 5: 1.3 }), planes: [plane] });
    const [found] = searchPlans(tight, 1);
    expect(found?.planed).toEqual([{ edge: 'b', fromMm: 1, toMm: 1 }]);
    expect([found?.gaps[3], found?.outside]).toEqual([expect.closeTo(2.3, 12), 0]);
    expect(found?.price).toBeCloseTo(30 + 2, 9);
    expect(searchPlans({ ...tight, start: changed({ 3: 4.5 }) }, 1)[0]?.planed).toEqual([]);
    // A bolt that is off is no lack of room.
    expect(searchPlans({ ...tight, start: changed({ 6: 3 }), strikes: [move] }, 4).every(({ planed }) => planed.length === 0)).toBe(true);
    const both = searchPlans({ ...tight, start: changed({ 3: 1.3, 4: 1.3, 5: 1.3, 6: 1.8 }), strikes: [file] }, 1)[0];
    expect([both?.planed.length, both?.strike?.choice]).toEqual([1, file]);
  });
});

describe('the least that must still be paid', () => {
  it('is the cost itself once every place is chosen', () => {
    const least = leastToPay(space());
    const random = seededRandom(3);
    for (let n = 0; n < 100; n += 1) {
      const at = randomGaps(random);
      expect(least(2, at)).toBeCloseTo(costOf(at), 8);
      // Added up no further than it is asked for, and to the end where it is less.
      const all = least(2, at);
      expect([least(2, at, all + 1), least(2, at, all / 2) >= all / 2, least(2, at, all / 2) <= all]).toEqual([all, true, true]);
    }
  });

  it('is never above what any choice of the places from there on leaves to pay, and for far places is close to it', () => {
    const least = leastToPay(space());
    const random = seededRandom(4);
    for (let n = 0; n < 100; n += 1) {
      const at = randomGaps(random);
      const left = [undefined, ...(SETTINGS[1] ?? [])].map((choice) => costOf(choice ? sum(at, choice.changes) : at));
      expect(least(1, at)).toBeLessThanOrEqual(Math.min(...left) + 1e-9);
    }
    // The second place lifts edge a by 0.9·1.5 mm at its foot at most: a gap of −2 there stays 2.65 below, 2.75 in the guard.
    const far = changed({ 0: 3, 1: 3, 2: -2 });
    const price = OUTSIDE_PRICE * (2.65 + 2.65) + GUARD_PRICE * (2.75 + 2.85);
    expect(least(1, far)).toBeGreaterThan(0.5 * price);
    expect(least(0, far)).toBeLessThan(least(1, far));
    expect(least(1, far)).toBeLessThan(least(2, far));
  });

  it('reckons places off their line exactly once all are chosen, and before that at no more than any choice leaves', () => {
    const random = seededRandom(6);
    for (let n = 0; n < 60; n += 1) {
      const given = space({ misfitNow: [0.8 * random.normal(), 0.8 * random.normal()] });
      const least = leastMisfitToPay(given);
      const off = (...chosen: Setting[]) => {
        const [a = 0, b = 0] = given.misfitNow;
        const apart = chosen.reduce((mm, { where, shiftMm }) => mm + (where === 0 ? shiftMm : -shiftMm), 0) / 2;
        return [a + apart, b - apart];
      };
      const over = (...chosen: Setting[]) => OUTSIDE_PRICE * off(...chosen).reduce((sum, mm) => sum + Math.max(0, Math.abs(mm) - 0.5), 0);
      for (const first of SETTINGS[0] ?? []) {
        const left = (SETTINGS[1] ?? []).map((second) => over(first, second));
        expect(least(1, off(first))).toBeLessThanOrEqual(Math.min(over(first), ...left) + 1e-9);
        (SETTINGS[1] ?? []).forEach((second, i) => expect(least(2, off(first, second))).toBeCloseTo(left[i] ?? NaN, 9));
      }
    }
    // 3 mm off the line, of which the second place brings back 0.75: 1.75 stay beyond what a place gives.
    expect(leastMisfitToPay(space())(1, [3, 0])).toBeCloseTo(OUTSIDE_PRICE * (3 - 0.75 - 0.5), 9);
  });

  it('counts a strike and a plane at their first price at most', () => {
    const strikes = leastToPay(space({ strikes: [move, file] }));
    expect(strikes(2, changed({ 6: 5 }))).toBeCloseTo(20, 9);
    expect(strikes(2, changed({ 6: 1.02 }))).toBeCloseTo(OUTSIDE_PRICE * 0.02 + GUARD_PRICE * 0.12, 9);
    const planes = leastToPay(space({ planes: [{ ...plane, price: 44 }, plane] }));
    expect(planes(2, changed({ 3: 0, 4: 0, 5: 0 }))).toBeCloseTo(30, 9);
    // What is too wide no plane cures.
    expect(planes(2, changed({ 3: 4.5 }))).toBeCloseTo(OUTSIDE_PRICE * 0.5 + GUARD_PRICE * 0.6, 9);
    // An even edge that may be planed is no longer reckoned by its unevenness.
    const onEven = leastToPay(space({ planes: [{ ...plane, action: hatchWork('plane', { effect: { kind: 'plane', edge: 'a' } }) }] }));
    expect(onEven(2, changed({ 0: 2.2, 2: 3.8 }))).toBe(0);
    expect(leastToPay(space())(2, changed({ 0: 2.2, 2: 3.8 }))).toBeCloseTo(OUTSIDE_PRICE * 0.6 + GUARD_PRICE * 0.8, 9);
  });
});

it('cut short, a search gives the best it has found and says so; carried to its end it says nothing', () => {
  const far = space({ start: changed({ 0: 1, 2: 5, 3: 0.5 }) });
  const whole = searchPlans(far, 4);
  expect(whole.some(({ isCutShort }) => isCutShort)).toBe(false);
  const brief = searchPlans(far, 4, 9);
  expect(brief.length).toBeGreaterThan(0);
  expect(brief.every(({ isCutShort }) => isCutShort)).toBe(true);
  expect(brief[0]?.price).toBeGreaterThanOrEqual(whole[0]?.price ?? NaN);
});

it('a search has others take their turn, and takes of what is left what it did', () => {
  const far = space({ settings: [...SETTINGS, ...SETTINGS], start: changed({ 0: 1, 2: 5, 3: 0.5 }) });
  const left = { turns: 5000 };
  const steps = searchInSteps(far, 12, left);
  const told: number[] = [];
  let step = steps.next();
  for (; !step.done; step = steps.next()) told.push(step.value);
  expect(told.length).toBe(Math.floor((5000 - left.turns) / 100));
  expect(told.length).toBeGreaterThan(0);
  expect(step.value).toEqual(searchPlans(far, 12, 5000));
});

describe('an action in each of its amounts', () => {
  const perMm = gaps(1, 0, -1);
  const card = hatchWork('card', {
    effect: { kind: 'shift', mmPerUnit: -0.5, relSd: 0.1, kinks: [] } as never,
    amounts: [1, 2],
    irreversibility: 2,
  });

  it('moves its place and the gaps by so much, and costs its minutes and what is not undone', () => {
    const [one, two] = settingsOf(card, 1, perMm);
    expect(one).toMatchObject({ where: 1, amount: 1, shiftMm: -0.5 });
    expect([...(one?.changes ?? [])]).toEqual([-0.5, -0, 0.5]);
    expect([two?.shiftMm, two?.price]).toEqual([-1, packPeg.minutes.first + packPeg.minutes.each + 4 * 2]);
    expect(settingsOf(card, 1, perMm, 0.5)[0]?.shiftMm).toBe(-0.25);
  });

  it('is for a place or for the slab whole, and for nothing else', () => {
    const lower = hatchWork('lower', { effect: { kind: 'lower', mmPerUnit: 2, relSd: 0.1 } as never, amounts: [1] });
    expect(settingsOf(lower, 1, perMm)).toEqual([]);
    expect(settingsOf(card, 'whole', perMm)).toEqual([]);
    expect(settingsOf(hatchWork('plane', { effect: plane.action.effect }), 1, perMm)).toEqual([]);
    const [whole] = settingsOf(lower, 'whole', perMm);
    expect([whole?.shiftMm, whole?.changes[0]]).toEqual([0, 2]);
    expect(movedPlaces([whole ?? fail(), ...settingsOf(card, 1, perMm)])).toEqual([
      { place: 1, shiftMm: -0.5 },
      { place: 1, shiftMm: -1 },
    ]);
  });
});

function fail(): never {
  throw new Error('nothing was found');
}

describe('the same work at every place', () => {
  const start = changed({ 0: 2.2, 1: 2.2, 2: 1.9, 3: 3.9, 4: 3.8, 5: 4 });
  const isAlike = ({ settings }: { settings: readonly Setting[] }) =>
    settings.length === SETTINGS.length && new Set(settings.map(({ amount }) => amount)).size === 1;

  it('is the best of all that do so, as the search itself would price it', () => {
    const all = searchPlans(space({ start }), 10_000, 100_000).filter((each) => isAlike(each) && each.strike === undefined);
    const best = bestAlike(space({ start }));
    expect(all.length).toBeGreaterThan(3);
    expect(best?.settings.map(({ amount }) => amount)).toEqual(all[0]?.settings.map(({ amount }) => amount));
    expect(best?.price).toBeCloseTo(all[0]?.price ?? 0, 9);
    expect([best?.outside, best?.misfit]).toEqual([all[0]?.outside, all[0]?.misfit]);
  });

  it('is none where it is not what must be used, or not for every place', () => {
    expect(bestAlike(space({ mustUse: [{ action: 'bend' }] }))).toBeUndefined();
    expect(bestAlike(space({ settings: [SETTINGS[0] ?? [], []] }))).toBeUndefined();
  });
});
