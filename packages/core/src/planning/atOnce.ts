import type { Belief } from '../inference/belief';
import type { Observations } from '../inference/observed';
import type { Action } from '../model/action';
import { saidOf } from './sidesTold';

/** What was found undone, before work or after it, and has not been done, of what is allowed. */
export function leftUndone({ model, answers, done }: Belief, observed: Observations, allowed: readonly Action[]): Action[] {
  const isSaid = saidOf(model, observed);
  return model.tables.atOnce.flatMap(({ finding, answer, action: id }) => {
    const isFound = answers.some((each) => each.finding === finding && each.answer.id === answer) || isSaid({ finding, answers: [answer] });
    const isDone = done.some(({ action }) => action === id);
    return isFound && !isDone ? allowed.filter((action) => action.id === id) : [];
  });
}

/** What was found not to hold, as it is now, and is made to hold while too little is known to weigh other work against it. */
export function leftLoose(belief: Belief, observed: Observations, allowed: readonly Action[]): Action[] {
  const { model, done } = belief;
  const isSaid = saidOf(model, observed);
  return model.tables.atOnceUnmeasured.flatMap(({ said, actions }) => {
    if (!isSaid(said) || actions.some((id) => done.some(({ action }) => action === id))) return [];
    return actions.flatMap((id) => allowed.find((action) => action.id === id) ?? []).slice(0, 1);
  });
}

/** Looks that found undone what has not been done since, and that nobody has taken twice. */
export function undoneSeenOnce({ model, done }: Belief, { findings }: Observations): string[] {
  return model.tables.atOnce.flatMap(({ finding, answer, action: id }) => {
    const seen = findings.find((each) => each.finding === finding && each.answer === answer);
    return seen === undefined || seen.again === true || done.some(({ action }) => action === id) ? [] : [finding];
  });
}
