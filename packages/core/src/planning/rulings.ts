import type { Belief } from '../inference/belief';
import { causeChances } from '../inference/expectation';
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
  return model.tables.actions.flatMap(({ id, title, effect }) => {
    const ruled = (why: string, isObvious = false) => [{ action: id, title, why, isObvious }];
    const forbidden = model.forbids(id);
    if (forbidden !== undefined) return ruled(forbidden.why, forbidden.isObvious);
    if (effect.kind === 'plane' && noPlaning !== undefined) return ruled(noPlaning);
    const bySchool = model.leavesOut(id);
    if (bySchool !== undefined) return ruled(bySchool);
    return without.includes(id) ? ruled(PLANNING_WORDS.leftOutAtWish) : [];
  });
}
