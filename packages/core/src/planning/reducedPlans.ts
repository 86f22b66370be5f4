import { minutesOf, type Action } from '../model/action';
import { candidate, nothingSet, untreated, type Candidate, type Trial } from './candidate';
import { meanBoard } from './drawnDoors';
import { allCured } from './outcome';

/** Work that makes a door free less than so much more often is not worth its harm. */
const WORTH_WORKING_FOR = 0.1;

/** Whether work is worth doing where it does not make the door what it should be: it treats a cause, or makes it free more often. */
export function gains(work: Candidate, leftAlone: Candidate): boolean {
  return work.cures.length > 0 || work.sides.length > 0 || work.chances.free >= leftAlone.chances.free + WORTH_WORKING_FOR;
}

/** Where nothing brings the door where it should be, its causes are treated, and no hinge is set for less than it is worth. */
export function withoutPatchwork(trial: Trial, each: Candidate): Candidate {
  if (each.cures.length + each.sides.length === 0) return each;
  const after = allCured(trial.drawn, each.cures, trial.board, each.setPoints, each.sides);
  const bare = candidate(trial, { ...untreated(trial), ...each, after }, nothingSet(trial, meanBoard(after)));
  return each.chances.free < bare.chances.free + WORTH_WORKING_FOR ? bare : each;
}

/** What was found undone, as a plan by itself: what else there is to do shows afterwards. */
export function doneAtOnce(trial: Trial, cures: readonly Action[]): Candidate {
  const after = allCured(trial.drawn, cures, trial.board);
  const found = nothingSet(trial, meanBoard(after));
  return candidate(trial, { ...untreated(trial), cures, after }, found);
}

/** A door left to dry has no other step. */
export function onlyWaiting(trial: Trial, { sides }: Candidate): Candidate {
  const waits = sides.filter(({ action }) => action.effect.kind === 'wait');
  return candidate(trial, { ...untreated(trial), sides: waits }, nothingSet(trial, meanBoard(trial.drawn.map(({ gaps }) => gaps))));
}

/** The same with what is to be done as well, which moves no gap. */
export function withAlso(each: Candidate, asWell: readonly Action[]): Candidate {
  return {
    ...each,
    sides: [...each.sides, ...asWell.map((action) => ({ action, mm: 1 }))],
    minutes: each.minutes + asWell.reduce((sum, action) => sum + minutesOf(action, 1), 0),
    irreversibility: each.irreversibility + asWell.reduce((sum, { irreversibility }) => sum + irreversibility, 0),
  };
}
