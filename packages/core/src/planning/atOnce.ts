import type { Belief } from '../inference/belief';
import type { Observations } from '../inference/observed';
import type { Action } from '../model/action';

/** What was found undone and has not been done since, of what is allowed. */
export function leftUndone({ model, answers, done }: Belief, allowed: readonly Action[]): Action[] {
  return model.tables.atOnce.flatMap(({ finding, answer, action: id }) => {
    const isFound = answers.some((each) => each.finding === finding && each.answer.id === answer);
    const isDone = done.some(({ action }) => action === id);
    return isFound && !isDone ? allowed.filter((action) => action.id === id) : [];
  });
}

/** Looks that found undone what has not been done since, and that nobody has taken twice. */
export function undoneSeenOnce({ model, done }: Belief, { findings }: Observations): string[] {
  return model.tables.atOnce.flatMap(({ finding, answer, action: id }) => {
    const seen = findings.find((each) => each.finding === finding && each.answer === answer);
    return seen === undefined || seen.again === true || done.some(({ action }) => action === id) ? [] : [finding];
  });
}
