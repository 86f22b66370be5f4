import type { PlaceLine } from '../../model/tables';
import { placeHinges, slenderness, type HingedDoor } from '../card/door';
import { PARAMETERS } from './parameters';

const HINGE_GAP = PARAMETERS.indexOf('hingeGap');
const DROP = PARAMETERS.indexOf('drop');

/**
 * What moving one hinge by 1 mm toward the latch does to the slab.
 *
 * The slab follows the straight line fitted by least squares through all hinges (f_i, s_i): the hinge edge shifts by that
 * line and turns by Δdrop = −slope / r, pivoting at the hinge edge. What a hinge is off the line is its misfit.
 *
 * @param size entries of a state
 * @throws DomainError `door.hinges` when the hinge heights make no sense
 */
export function hingeLine(door: HingedDoor, size: number): PlaceLine {
  const places = placeHinges(door).map(({ f }) => f);
  const r = slenderness(door);
  const mean = places.reduce((sum, f) => sum + f, 0) / places.length;
  const scatter = places.reduce((sum, f) => sum + (f - mean) ** 2, 0);

  const lines = places.map((f) => {
    const slope = (f - mean) / scatter;
    return { slope, at: (g: number) => 1 / places.length + slope * (g - mean) };
  });
  return {
    moves: lines.map(({ slope, at }) => {
      const move = new Float64Array(size);
      move[HINGE_GAP] = at(0.5);
      move[DROP] = -slope / r;
      return move;
    }),
    misfit: lines.map(({ at }, i) => places.map((f, j) => (i === j ? 1 : 0) - at(f))),
  };
}
