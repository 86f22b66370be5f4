import { believe } from '../inference/believe';
import type { Observations } from '../inference/observed';
import { edgesRead, heldSides, isHalfChecked, judgedSides, shiftsDone } from './soFar';
import { model, board } from './planning.fixture';

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
    expect(heldSides({ ...belief, done: [hold, hold] })).toEqual({ skew: { againstMm: 4 } });
  });

  it('knows which edges and sides were read, and whether all was gauged after the last work', () => {
    expect([...edgesRead(model, observed)]).toEqual(['rim']);
    expect([...judgedSides(model, observed)]).toEqual(['skew']);
    expect([...judgedSides(model, { ...observed, rounds: [] })]).toEqual([]);
    expect([isHalfChecked(observed, board), isHalfChecked({ ...observed, rounds: [] }, board)]).toEqual([true, false]);
    const all = board.stations.map((station) => ({ station, mm: 2 }));
    expect(isHalfChecked({ ...observed, rounds: [{ done: [{ action: 'glue', amount: 1 }], readings: all }] }, board)).toBe(false);
  });
});
