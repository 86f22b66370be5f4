import { gapBoard } from '../planning/board';
import type { DrawnDoor } from '../planning/drawnDoors';
import { cured } from '../planning/outcome';
import { MOST_DRAWN, WATCHED_SD_MM } from '../planning/setPoint';
import { workErrorsFrom } from '../planning/workErrors';
import { EXAMPLE_DOOR } from './exampleDoor';
import { hingedModel } from './hingedDoors';
import { action } from './tables/actions';

const board = gapBoard(hingedModel(EXAMPLE_DOOR), new Set());
const top = board.stations.indexOf('hinge.top');
const latch = board.stations.indexOf('latch.top');

/** A door whose loose top hinge opens the hinge gap by 3 mm and closes the latch gap by as much. */
const looseDoor = (error = 0): DrawnDoor => {
  const fault = new Float64Array(board.stations.length);
  fault[top] = 3;
  fault[latch] = -3;
  const gaps = new Float64Array(board.stations.length).fill(3);
  gaps[top] = 5;
  gaps[latch] = 0;
  return {
    gaps,
    faults: new Map([['looseTopScrews', fault]]),
    errors: workErrorsFrom(new Array<number>(16).fill(error)),
    state: new Float64Array(0),
    supposition: 0,
  };
};
const cures = [action('longScrew')];
const until = (mm: number) => [{ action: 'longScrew', station: 'hinge.top', mm }];

describe('work that is stopped at a set point', () => {
  it.each([2.25, 3, 4])('stops when the watched gap reads %d mm, and the gap across has opened by as much', (mm) => {
    const after = cured(looseDoor(), cures, board, until(mm));
    expect(after[top]).toBeCloseTo(mm, 9);
    expect(after[latch]).toBeCloseTo(5 - mm, 9);
  });

  it('stops as well by a gap that opens while it is drawn', () => {
    const after = cured(looseDoor(), cures, board, [{ action: 'longScrew', station: 'latch.top', mm: 2.5 }]);
    expect(after[latch]).toBeCloseTo(2.5, 9);
    expect(after[top]).toBeCloseTo(2.5, 9);
  });

  it('goes no further than a leaf can be drawn, and never the other way', () => {
    expect(cured(looseDoor(), cures, board, until(0.5))[top]).toBeCloseTo(5 - 3 * MOST_DRAWN, 9);
    expect(cured(looseDoor(), cures, board, until(6))[top]).toBeCloseTo(5, 9);
  });

  it('errs by the gauge and not by how much the fault was', () => {
    expect(cured(looseDoor(1), cures, board, until(3))[top]).toBeCloseTo(3 + WATCHED_SD_MM, 9);
  });

  it('without one it is drawn as far as it goes', () => {
    const { effect } = cures[0] ?? {};
    if (effect?.kind !== 'cure') throw new Error('no cure');
    expect(cured(looseDoor(), cures, board)[top]).toBeCloseTo(5 - 3 * effect.share, 9);
  });
});
