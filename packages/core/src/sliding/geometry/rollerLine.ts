import type { PlaceLine } from '../../model/tables';
import { PARAMETERS } from './parameters';

const LEAD = PARAMETERS.indexOf('leadRise');
const TRAIL = PARAMETERS.indexOf('trailRise');

/** What raising the panel by 1 mm at one roller does: each end follows its own screw, and two points are always in line. */
export function rollerLine(size: number): PlaceLine {
  const raise = (at: number) => {
    const move = new Float64Array(size);
    move[at] = 1;
    return move;
  };
  return {
    moves: [raise(LEAD), raise(TRAIL)],
    misfit: [
      [0, 0],
      [0, 0],
    ],
  };
}
