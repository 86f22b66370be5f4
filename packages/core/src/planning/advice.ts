import type { Belief } from '../inference/belief';
import { causeChances } from '../inference/expectation';
import type { Cause } from '../model/cause';
import { PLANNING_WORDS } from './planningWords';

/** A cause this near in chance to another is a rival of it. */
const NEAR_SHARE = 0.5;

/** What is to be said beside the plans. */
export function adviceFor(belief: Belief, treat: readonly Cause[], fallsShort: boolean): string[] {
  const { warnings, tables, cause } = belief.model;
  const own = treat.flatMap(({ advice }) => advice ?? []);
  return [
    ...warnings,
    ...own,
    ...rivalsOf(belief, treat).map((id) => PLANNING_WORDS.couldAsWellBe(cause(id).title)),
    ...(fallsShort && own.length === 0 ? [tables.phrases.fallsShort] : []),
  ];
}

/** Causes nearly as likely as what is treated: the second likeliest, and those of the same part. */
function rivalsOf(belief: Belief, treat: readonly Cause[]): string[] {
  const { cause } = belief.model;
  const ranked = causeChances(belief);
  const [first, second] = ranked;
  const chanceOf = (id: string) => ranked.find((each) => each.id === id)?.probability ?? 0;
  const isClose =
    first !== undefined &&
    second !== undefined &&
    second.probability > NEAR_SHARE * first.probability &&
    !treat.some(({ id }) => id === second.id);
  const ofSamePart = treat.flatMap(({ id, part }) =>
    ranked.filter((each) => each.id !== id && cause(each.id).part === part && each.probability > NEAR_SHARE * chanceOf(id)),
  );
  return [...new Set([...(isClose ? [second.id] : []), ...ofSamePart.map((each) => each.id)])];
}
