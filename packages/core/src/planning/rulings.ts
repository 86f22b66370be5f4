import type { Belief } from '../inference/belief';
import { causeChances } from '../inference/expectation';
import type { Action } from '../model/action';
import type { SaidBy } from '../model/tables';
import type { RuledOut } from './correction';
import { PLANNING_WORDS } from './planningWords';

/** From this chance on what a cause forbids is forbidden. */
const FORBID_FROM = 0.2;

/** An action that may not be done on this door; one that the door simply has nothing for is no ruling to be told of. */
export interface RulingOnDoor extends RuledOut {
  isObvious: boolean;
}

/** What is not allowed on this door now, and why; the first reason that holds is told. */
export function rulingsOn(belief: Belief, without: readonly string[]): RulingOnDoor[] {
  const { model } = belief;
  const noPlaning = causeChances(belief)
    .filter(({ probability }) => probability >= FORBID_FROM)
    .flatMap(({ id }) => model.cause(id).forbidsPlaning ?? [])[0];
  return model.tables.actions.flatMap((action) => {
    const { id, title, effect } = action;
    const ruled = (why: string, isObvious = false) => [{ action: id, title, why, isObvious }];
    const forbidden = model.forbids(id);
    if (forbidden !== undefined) return ruled(forbidden.why, forbidden.isObvious === true || !isAskedFor(belief, action));
    if (effect.kind === 'plane' && noPlaning !== undefined) return ruled(noPlaning);
    const bySchool = model.leavesOut(id);
    if (bySchool !== undefined) return ruled(bySchool);
    return without.includes(id) ? ruled(PLANNING_WORDS.leftOutAtWish) : [];
  });
}

/** Whether anything asks for work that is done only for what was found, or only after other work: else nobody need be told that it is not allowed. */
export function isAskedFor(
  { answers, done }: Belief,
  { whenFound, notWhenFound, after }: Pick<Action, 'whenFound' | 'notWhenFound' | 'after'>,
): boolean {
  const isFound = (said: SaidBy) => answers.some((each) => each.finding === said.finding && said.answers.includes(each.answer.id));
  if (notWhenFound !== undefined && isFound(notWhenFound)) return false;
  return (whenFound === undefined || isFound(whenFound)) && (after === undefined || done.some(({ action }) => action === after));
}
