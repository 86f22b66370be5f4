import type { Belief } from '../inference/belief';
import { causeChances } from '../inference/expectation';
import { isTreated } from '../inference/treated';
import type { Cause } from '../model/cause';

/** From this chance on a cause is treated before anything is hidden. */
const TREAT_FROM = 0.35;

/** Of a door that is free and even as it stands only a cause as likely as this is treated, and only if it harms unseen. */
const TREAT_THOUGH_GOOD_FROM = 0.8;

/** The likely causes that work has not dealt with yet. Of causes of one part only one can be at work: the likeliest is treated. */
export function causesToTreat(belief: Belief, isGood = false): Cause[] {
  const { tables, cause } = belief.model;
  return causeChances(belief)
    .filter(({ id, probability }) => probability >= (isGood ? TREAT_THOUGH_GOOD_FROM : TREAT_FROM) && id !== tables.soundCause)
    .map(({ id }) => cause(id))
    .filter(({ part }, i, all) => all.findIndex((each) => each.part === part) === i)
    .filter((each) => (!isGood || each.harmsUnseen === true) && !isTreated(belief, each));
}
