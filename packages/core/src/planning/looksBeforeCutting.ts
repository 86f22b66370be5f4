import type { NextBest } from '../inference/nextBest';
import { looksTaken, type Observations } from '../inference/observed';
import type { DoorModel } from '../model/doorModel';
import type { Candidate } from './candidate';

/** Work at a place that is as hard to undo as this cuts there: a leaf let in deeper. */
export const CUTS_FROM = 3;
/** A look that tells less is not worth waiting for, bits. */
const TELLS_FROM_BITS = 0.3;

export const cutsAtPlace = ({ found }: Candidate): boolean => found.settings.some(({ action }) => action.irreversibility >= CUTS_FROM);

/** Looks at the places where a plan cuts that are always taken first and that nobody has taken. */
export function looksOwedTo({ tables, places, findings }: DoorModel, observed: Observations, { found }: Candidate): string[] {
  const taken = looksTaken(observed);
  return tables.lookFirst
    .filter(({ action, place }) => found.settings.some((set) => set.action.id === action && set.where === places.indexOf(place)))
    .map(({ finding }) => finding)
    .filter((id) => !taken.has(id) && findings.some((each) => each.id === id));
}

/** The look untaken that tells most, where it tells much; readings are left to whoever asks for them. */
export function tellingLooks({ choices }: NextBest): string[] {
  const [best] = choices.filter(({ kind }) => kind === 'finding');
  return best !== undefined && best.bits >= TELLS_FROM_BITS ? [best.id] : [];
}
