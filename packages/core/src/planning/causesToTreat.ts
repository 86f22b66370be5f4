import type { Belief } from '../inference/belief';
import { causeChances } from '../inference/expectation';
import { isTreated } from '../inference/treated';
import type { Cause } from '../model/cause';

/** From this chance on a cause is treated before anything is hidden. */
const TREAT_FROM = 0.35;

/** Of a door that is free and even as it stands only a cause as likely as this is treated, and only if it harms unseen. */
const TREAT_THOUGH_GOOD_FROM = 0.8;
/** Or as likely as this, where what treats it is easily undone. */
const EASILY_TREATED_FROM = 0.5;

/** The likely causes that work has not dealt with yet. Of causes of one part only one can be at work: the likeliest is treated. */
export function causesToTreat(belief: Belief, isGood = false): Cause[] {
  const { tables, cause } = belief.model;
  const isEasy = (id: string) => tables.actions.some((each) => cause(id).cures.includes(each.id) && each.irreversibility === 0);
  const treatFrom = (id: string) => (!isGood ? TREAT_FROM : isEasy(id) ? EASILY_TREATED_FROM : TREAT_THOUGH_GOOD_FROM);
  return causeChances(belief)
    .filter(({ id, probability }) => probability >= treatFrom(id) && id !== tables.soundCause)
    .map(({ id }) => cause(id))
    .filter((each) => (!isGood || each.harmsUnseen === true) && !isTreated(belief, each))
    .filter(({ part }, i, all) => all.findIndex((each) => each.part === part) === i);
}
