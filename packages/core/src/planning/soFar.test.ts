import { hatch, sunkPeg, woodCheck } from '../hatch.fixture';
import { believe } from '../inference/believe';
import type { Observations } from '../inference/observed';
import type { Cause } from '../model/cause';
import { modelOf } from '../model/doorModel';
import type { Finding } from '../model/finding';
import { lookAgainAfter } from './lookAgain';
import { leavesOutside, movedPlaces } from './searchSpace';
import { drawWorkErrors, workErrorsFrom } from './workErrors';
import { sidesToldUnread } from './sidesTold';
import { edgesRead, heldSides, isHalfChecked, judgedSides, shiftsDone } from './soFar';
import { action, KIND, model, board, plan, setting } from './planning.fixture';

describe('what was done so far', () => {
  const observed: Observations = {
    readings: [{ station: 'gap.left', mm: 2 }],
    findings: [],
    rounds: [{ done: [{ action: 'packPeg', place: 'rightPeg', amount: 2 }], readings: [{ station: 'bolt', mm: 1 }] }],
  };
  const belief = believe(model, { readings: [], findings: [] });

  it('has moved places by what a unit does here', () => {
    const done = [
      { action: 'packPeg', place: 'rightPeg', amount: 2 },
      { action: 'glue', place: 'rightPeg', amount: 1 },
    ];
    expect(shiftsDone({ ...belief, done, learned: new Map([['packPeg', 1.5]]) })).toEqual([{ place: 2, shiftMm: -3 }]);
  });

  it('holds the sides that work holds, each time more', () => {
    const hold = { action: 'hold', amount: 1 };
    expect(heldSides({ ...belief, done: [hold, hold] }, observed)).toEqual({ skew: { againstMm: 4 } });
  });

  it('knows which edges and sides were read, and whether all was gauged after the last work', () => {
    expect([...edgesRead(model, observed)]).toEqual(['rim']);
    expect([...judgedSides(model, observed)]).toEqual(['skew']);
    expect([...judgedSides(model, { ...observed, rounds: [] })]).toEqual([]);
    expect([isHalfChecked(observed, board), isHalfChecked({ ...observed, rounds: [] }, board)]).toEqual([true, false]);
    const all = board.stations.map((station) => ({ station, mm: 2 }));
    expect(isHalfChecked({ ...observed, rounds: [{ done: [{ action: 'glue', amount: 1 }], readings: all }] }, board)).toBe(false);
  });

  it('counts only what was set, and where', () => {
    const done = [
      { action: 'packPeg', amount: 2 },
      { action: 'packPeg', place: 'leftPeg', amount: 4 },
      { action: 'plane', place: 'leftPeg', amount: 2 },
    ];
    expect(shiftsDone({ ...belief, done, learned: new Map() })).toEqual([{ place: 0, shiftMm: -4 }]);
    const double = { ...action('packPeg'), effect: { kind: 'shift' as const, mmPerUnit: 0.5, sdShare: 0 } };
    const halved = modelOf({ ...KIND, actions: [double] }, hatch);
    expect(shiftsDone({ ...belief, model: halved, done: [{ action: 'packPeg', place: 'midPeg', amount: 3 }], learned: new Map() })).toEqual(
      [{ place: 1, shiftMm: 1.5 }],
    );
    expect(heldSides({ ...belief, done }, observed)).toEqual({});
  });

  it('knows a side as read when one of the stations that tell it was', () => {
    const kind = { ...KIND, sides: KIND.sides.map((side) => ({ ...side, readAt: ['gap.left', 'bolt'] })) };
    const judged = (...stations: string[]) =>
      judgedSides(modelOf(kind, hatch), { readings: stations.map((station) => ({ station, mm: 1 })), findings: [] });
    expect([judged('bolt'), judged('gap.left'), judged('gap.right')].map(({ size }) => size)).toEqual([1, 1, 0]);
    expect([...edgesRead(modelOf(kind, hatch), { readings: [{ station: 'bolt', mm: 1 }], findings: [] })]).toEqual([]);
  });

  it('a round without work is no half check', () => {
    expect(isHalfChecked({ ...observed, rounds: [{ done: [], readings: [] }] }, board)).toBe(false);
    const most = board.stations.slice(1).map((station) => ({ station, mm: 2 }));
    expect(isHalfChecked({ ...observed, rounds: [{ done: [{ action: 'glue', amount: 1 }], readings: most }] }, board)).toBe(true);
    expect(isHalfChecked({ readings: [], findings: [] }, board)).toBe(false);
  });
});

describe('settings of a plan', () => {
  it('move their place, or the slab whole and no place', () => {
    expect(movedPlaces([setting(2, 'packPeg', 2), setting('whole', 'packPeg', 3), setting(0)])).toEqual([
      { place: 2, shiftMm: -2 },
      { place: 0, shiftMm: -1 },
    ]);
  });

  it('leave outside what can be seen, from 0.005 mm on', () => {
    expect([0.005, 0.0051].map((outside) => leavesOutside(plan({ outside })))).toEqual([false, true]);
  });
});

describe('the errors of work on one door', () => {
  it('are sixteen normals: by cure, by setting, and one each for the plane, the strike and the side', () => {
    const errors = workErrorsFrom(Array.from({ length: 16 }, (_, i) => i));
    expect([errors.ofCure(0), errors.ofCure(2), errors.ofSetting(0), errors.ofSetting(5)]).toEqual([0, 2, 3, 8]);
    expect([errors.ofPlaning, errors.ofStrike, errors.ofSide]).toEqual([9, 11, 12]);
    let drawn = 0;
    const stream = { uniform: () => 0.5, normal: () => (drawn += 1) };
    const made = drawWorkErrors(stream);
    expect([drawn, made.ofCure(0), made.ofSide]).toEqual([16, 1, 13]);
  });
});

describe('looking again', () => {
  const { again: _, ...once } = woodCheck;
  const check = (id: string, under: number, again = true): Finding => ({
    ...once,
    id,
    ...(again && { again: true as const }),
    chances: { otherwise: [10, 90], sunk: [under, 100 - under] },
  });
  const after = (findings: Finding[], causes: Cause[] = KIND.causes.slice(1, 2)) => lookAgainAfter({ causes, findings }, 'packPeg');

  it('is at the two checks that tell best, from 35 in a hundred on', () => {
    expect(after([check('some', 50), check('best', 95), check('more', 70), check('past', 99, false)])).toEqual(['best', 'more']);
    expect([after([check('least', 45)]), after([check('less', 44)])]).toEqual([['least'], []]);
  });

  it('is at nothing after what only time cures, or what cures none', () => {
    expect(after([check('best', 95)], [{ ...sunkPeg, forbidsPlaning: 'It shrinks.' }])).toEqual([]);
    expect(after([check('best', 95)], [{ ...sunkPeg, cures: ['glue'] }])).toEqual([]);
  });
});

describe('a side that is told of and unread', () => {
  const told = [{ finding: 'wood', answers: ['crushed'] }];
  const asked = { ...woodCheck, stage: 'look' as const };
  const kind = { ...KIND, findings: [asked], sides: KIND.sides.map((side) => ({ ...side, toldBy: told })) };
  const own = modelOf(kind, hatch);
  const heard = (answer: string, more: Partial<Observations> = {}) =>
    sidesToldUnread(own, { readings: [], findings: [{ finding: 'wood', answer }], ...more });

  it('is read before anything is planned, where it can be', () => {
    expect([heard('crushed'), heard('sound'), heard('crushed', { unreachable: ['bolt'] })]).toEqual([['bolt'], [], []]);
    expect(heard('crushed', { readings: [{ station: 'bolt', mm: 1 }] })).toEqual([]);
  });

  it('goes by the last answer, and after work no longer by what the customer told at first', () => {
    const after = (findings: { finding: string; answer: string }[]) => [{ done: [], readings: [], findings }];
    expect(heard('crushed', { rounds: after([{ finding: 'wood', answer: 'sound' }]) })).toEqual([]);
    expect(heard('sound', { rounds: after([{ finding: 'wood', answer: 'crushed' }]) })).toEqual(['bolt']);
    const listened = modelOf({ ...kind, findings: [{ ...asked, stage: 'listen' as const }] }, hatch);
    const observed = { readings: [], findings: [{ finding: 'wood', answer: 'crushed' }] };
    expect(sidesToldUnread(listened, observed)).toEqual(['bolt']);
    expect(sidesToldUnread(listened, { ...observed, rounds: after([]) })).toEqual([]);
  });
});
