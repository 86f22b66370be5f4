import type { Belief } from '../inference/belief';
import type { Observations } from '../inference/observed';
import type { GapBoard } from './board';
import type { Setting } from './searchSpace';
import { isFullyChecked, shiftsDone } from './soFar';

/**
 * In one visit no place is set back the way it came unless every gap has been gauged since: else two guesses undo each other. What was set
 * by watching a gap stands where it could be set: straight afterwards it is not set again. Where no gap is judged none is set.
 */
export function settingsAllowed(belief: Belief, observed: Observations, board: GapBoard): (setting: Setting) => boolean {
  if (Object.values(board.onEdge).every((stations) => stations.length === 0)) return () => false;
  const justWatched = ({ action }: Setting) => isWatched(action) && belief.done.at(-1)?.action === action.id;
  if (isFullyChecked(observed, board)) return (setting) => !justWatched(setting);
  const ways = new Map<number, number>();
  for (const { place, shiftMm } of shiftsDone(belief)) ways.set(place, Math.sign(shiftMm));
  return (setting) => !justWatched(setting) && (setting.where === 'whole' || setting.shiftMm * (ways.get(setting.where) ?? 0) >= 0);
}

const isWatched = ({ effect }: Setting['action']) => effect.kind === 'shift' && effect.watched !== undefined;
