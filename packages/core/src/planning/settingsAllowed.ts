import type { Belief } from '../inference/belief';
import type { Observations } from '../inference/observed';
import type { GapBoard } from './board';
import type { Setting } from './searchSpace';
import { isFullyChecked, shiftsDone } from './soFar';

/**
 * In one visit no place is set back the way it came unless every gap has been gauged since: else two guesses undo each other. Where no gap is
 * judged none is set.
 */
export function settingsAllowed(belief: Belief, observed: Observations, board: GapBoard): (setting: Setting) => boolean {
  if (Object.values(board.onEdge).every((stations) => stations.length === 0)) return () => false;
  if (isFullyChecked(observed, board)) return () => true;
  const ways = new Map<number, number>();
  for (const { place, shiftMm } of shiftsDone(belief)) ways.set(place, Math.sign(shiftMm));
  return ({ where, shiftMm }) => where === 'whole' || shiftMm * (ways.get(where) ?? 0) >= 0;
}
