import { HATCH, hatch, hatchWork, packPeg, soundHatch, sunkPeg, type Hatch } from '../hatch.fixture';
import { believe } from '../inference/believe';
import { expectAt } from '../inference/expectation';
import type { Observations } from '../inference/observed';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { seededRandom } from '../numbers/seededRandom';
import { gapBoard } from './board';
import { candidate, untreated, workKey, type Candidate, type Trial } from './candidate';
import { drawDoors } from './drawnDoors';
import type { FoundPlan } from './searchSpace';

const KIND: DoorKind<Hatch> = {
  ...HATCH,
  sides: [{ id: 'skew', title: 'skew', weights: { left: 1, right: -1 }, worked: 'right', min: -1, target: 0, max: 1, readAt: ['bolt'] }],
  actions: [
    packPeg,
    hatchWork('set', {
      effect: { kind: 'set', side: 'skew', cures: ['sunk'], leftSdMm: 0.1 },
      minutes: { first: 7, each: 0 },
      irreversibility: 3,
      holds: 0.7,
    }),
    hatchWork('hold', { effect: { kind: 'hold', side: 'skew', cures: ['sunk'], againstMm: 2 } }),
    hatchWork('plane', { effect: { kind: 'plane', edge: 'rim' }, minutes: { first: 30, each: 0 }, irreversibility: 5 }),
    hatchWork('file', { effect: { kind: 'strike', upToMm: 3, leftSdMm: 0.2 }, minutes: { first: 12, each: 0 }, irreversibility: 2 }),
  ],
  // A peg that sinks drags the rim with it: two measures of one cause.
  causes: [
    soundHatch,
    {
      ...sunkPeg,
      forms: [
        {
          id: 'usual',
          share: 1,
          axes: [
            { measure: 'peg down', mean: 4, sd: 1.5, moves: { right: 1 } },
            { measure: 'rim dragged', mean: 1, sd: 0.5, moves: { left: 1 } },
          ],
        },
      ],
    },
  ],
};
const model = modelOf(KIND, hatch);
const board = gapBoard(model, new Set());
const nothing: Observations = { readings: [], findings: [] };
const COUNT = 3000;
const drawn = (observed: Observations) => drawDoors(believe(model, observed), board, seededRandom(11), COUNT);
const mean = (list: readonly number[]) => list.reduce((sum, each) => sum + each, 0) / list.length;
const variance = (list: readonly number[]) => mean(list.map((each) => (each - mean(list)) ** 2));

describe('doors drawn from a belief', () => {
  it('have each cause as often as it is likely, and what it does to each gap', () => {
    const doors = drawn(nothing);
    const sunken = doors.filter(({ faults }) => faults.has('sunk'));
    expect(sunken.length / COUNT).toBeCloseTo(0.5, 1);
    expect(doors.length - sunken.length).toBe(doors.filter(({ faults }) => faults.size === 0).length);
    const [left, right, bolt] = [0, 1, 2].map((i) => sunken.map(({ faults }) => faults.get('sunk')?.[i] ?? NaN));
    expect([mean(left ?? []), mean(right ?? []), mean(bolt ?? [])]).toEqual([1, 4, 4].map((mm) => expect.closeTo(mm, 0) as number));
    expect(Math.sqrt(variance(right ?? []))).toBeCloseTo(1.5, 0);
    expect(Math.sqrt(variance(left ?? []))).toBeCloseTo(0.5, 1);
    expect(right).toEqual(bolt);
  });

  it('are by answers as the belief then is', () => {
    const crushed = drawn({ readings: [], findings: [{ finding: 'wood', answer: 'crushed' }] });
    expect(crushed.filter(({ faults }) => faults.has('sunk')).length / COUNT).toBeCloseTo(0.9 / 0.95, 1.5);
  });

  it('have gaps and sides with the mean and the spread that is believed', () => {
    const observed: Observations = { readings: [{ station: 'gap.left', mm: 2.6 }], findings: [{ finding: 'wood', answer: 'crushed' }] };
    const doors = drawn(observed);
    const belief = believe(model, observed);
    board.stations.forEach((station, i) => {
      const believed = expectAt(belief, station);
      const gaps = doors.map((door) => door.gaps[i] ?? NaN);
      expect(Math.abs(mean(gaps) - believed.mean)).toBeLessThan(0.1);
      expect(Math.sqrt(variance(gaps))).toBeCloseTo(Math.sqrt(believed.variance), 0.8);
    });
    const skews = doors.map(({ gaps }) => (gaps[3] ?? NaN) - ((gaps[0] ?? 0) - (gaps[1] ?? 0)));
    expect(Math.abs(mean(skews))).toBeLessThan(0.05);
  });

  it('are the same for the same chance, and none where none is asked for', () => {
    const belief = believe(model, nothing);
    const five = (seed: number) =>
      drawDoors(belief, board, seededRandom(seed), 5).map(({ gaps, errors }) => ({ gaps, onStrike: errors.ofStrike }));
    expect(five(3)).toEqual(five(3));
    expect(five(3)).not.toEqual(five(4));
    expect(drawDoors(belief, board, seededRandom(3), 0)).toEqual([]);
  });
});

describe('work that may be proposed', () => {
  const action = (id: string) => model.action(id);
  const trial: Trial = {
    model,
    board,
    drawn: drawn(nothing).slice(0, 50),
    misfitNow: [0, 0],
    beside: { sides: [], judged: new Set(), work: {} } as never,
  };
  const found: FoundPlan = {
    settings: [{ action: action('packPeg'), where: 1, amount: 3, shiftMm: -3, changes: new Float64Array(3), price: 1 }],
    planed: [{ edge: 'rim', fromMm: 1, toMm: 0.5 }],
    strike: { choice: { action: action('file'), upToMm: 3, price: 1 }, mm: 1 },
    gaps: Float64Array.from([2, 2, 0]),
    misfit: [0, 0],
    outside: 0,
    price: 0,
  };
  const sides = [{ action: action('set'), mm: 1 }];

  it('adds the minutes and what is not undone of all it does, and holds as its weakest part', () => {
    const each = candidate(trial, { ...untreated(trial), sides }, found);
    expect([each.minutes, each.irreversibility, each.holds]).toEqual([6 + 30 + 12 + 7, 0 + 5 + 2 + 3, 0.7]);
    expect(each.hidesCause).toBe(false);
    const bare = candidate(trial, untreated(trial), { ...found, settings: [], planed: [] });
    expect([bare.minutes, bare.irreversibility, bare.holds]).toEqual([12, 2, 0.9]);
  });

  it('is named by everything it does: what differs in any of it is other work', () => {
    const key = (change: Omit<Partial<Candidate>, 'found'> & { found?: Partial<FoundPlan> }) => {
      const base = candidate(trial, { ...untreated(trial), sides }, found);
      return workKey({ ...base, ...change, found: { ...found, ...change.found } });
    };
    const [setting] = found.settings;
    const keys = [
      key({}),
      key({ cures: [action('hold')] }),
      key({ sides: [] }),
      key({ setPoints: [{ action: 'hold', station: 'gap.right', mm: 2 }] }),
      key({ setPoints: [{ action: 'hold', station: 'gap.right', mm: 2.25 }] }),
      key({ found: { settings: [] } }),
      key({ found: { settings: setting ? [{ ...setting, amount: 2 }] : [] } }),
      key({ found: { settings: setting ? [{ ...setting, where: 0 }] : [] } }),
      key({ found: { planed: [{ edge: 'rim', fromMm: 1, toMm: 1 }] } }),
      key({ found: { planed: [{ edge: 'rim', fromMm: 1.5, toMm: 0.5 }] } }),
      key({ found: { planed: [] } }),
      workKey(candidate(trial, { ...untreated(trial), sides }, { ...found, strike: undefined } as never)),
    ];
    expect(new Set(keys).size).toBe(keys.length);
    expect(key({})).toBe('set,packPeg@1×3,rim:1-0.5,file');
  });
});
