import { GAUGE_TELLS_MM } from '../model/profile';
import { IRREVERSIBILITY_PRICE, isSame, share, workKey, type Candidate } from './candidate';
import type { PlanAim } from './plan';

/** What an aim gives for a chance of being true, for lasting, and for each minute. */
const AIMS: Readonly<Record<PlanAim, { chance: number; holds: number; minute: number }>> = {
  quickest: { chance: 200, holds: 0, minute: 1 },
  lasting: { chance: 200, holds: 150, minute: 0.4 },
  'if that fails': { chance: 200, holds: 30, minute: 0.6 },
};
/** Where free and even will do, a door wholly by the book is worth so many minutes more: a screw turned, not a cut. */
const BOOK_VALUE = 60;
/** What is left outside counts even where nothing makes the door wholly true, minutes a millimetre. */
const OUTSIDE_VALUE = 6;
/** A door as likely true as this is left alone. */
const LEAVE_FROM = 0.7;
/** A plan is in the running when it makes the door true at least this often, as a share of the best. */
const NEARLY_AS_LIKELY = 0.85;
/** What to do if the first plan fails is looked for when it fails on one drawn door in so many. */
const FAILS_ONE_IN = 50;
/** Something for when the first plan fails is told when it helps in this share of those cases. */
const WORTH_TRYING = 0.05;

/** The candidate of most value to an aim; doors weigh as given, all alike unless said. */
export function bestFor(aim: PlanAim, candidates: readonly Candidate[], otherwise: Candidate, weights?: readonly number[]): Candidate {
  const { chance, holds, minute } = AIMS[aim];
  const weightOf = (i: number) => (weights === undefined ? 1 : (weights[i] ?? 0));
  const total = otherwise.isTrue.reduce((sum, _, i) => sum + weightOf(i), 0);
  const value = (each: Candidate) =>
    (chance * each.isTrue.reduce((sum, ended, i) => sum + (ended ? weightOf(i) : 0), 0)) / total +
    holds * each.holds +
    (each.verdict === 'book' ? 0 : BOOK_VALUE * each.chances.book) -
    minute * each.minutes -
    IRREVERSIBILITY_PRICE * each.irreversibility -
    OUTSIDE_VALUE * each.found.outside;
  return [...candidates].sort((a, b) => value(b) - value(a))[0] ?? otherwise;
}

/** Whether a door left alone is likely as it should be, and where it goes by the book a gauge finds nothing outside. */
export const isGoodAsItIs = ({ found, isTrue, verdict }: Candidate) =>
  (verdict !== 'book' || found.outside <= GAUGE_TELLS_MM) && share(isTrue) >= LEAVE_FROM;

/**
 * The candidates in the running: nothing that makes the door true much less often than the best may win by being quick, and to
 * leave it alone is a plan only when it is likely true, or when nothing that can be done makes it likelier. After work that was
 * not gauged all round, to gauge it is worth more than to work on.
 */
export function inTheRunning(
  able: readonly Candidate[],
  leftAlone: Candidate,
  { isHalfChecked, hasCauseToTreat }: { isHalfChecked: boolean; hasCauseToTreat: boolean },
): Candidate[] {
  const most = Math.max(0, ...able.map(({ isTrue }) => share(isTrue)));
  const mayLeave = share(leftAlone.isTrue) >= (isHalfChecked ? NEARLY_AS_LIKELY * most : Math.min(LEAVE_FROM, most));
  return [
    ...able.filter((each) => mayLeave || workKey(each) !== workKey(leftAlone)),
    ...(!hasCauseToTreat && mayLeave ? [leftAlone] : []),
  ].filter(({ isTrue }) => share(isTrue) >= NEARLY_AS_LIKELY * most);
}

/** What lasts longest, beside the first plan, and what to do if that fails; each only where it is other work that helps. */
export function furtherPlans(first: Candidate, usable: readonly Candidate[], able: readonly Candidate[]): [PlanAim, Candidate][] {
  const further: [PlanAim, Candidate][] = [];
  const lasting = bestFor(
    'lasting',
    usable.filter(({ hidesCause }) => !hidesCause),
    first,
  );
  if (!isSame(lasting, first)) further.push(['lasting', lasting]);
  const failed = first.isTrue.map((ended) => (ended ? 0 : 1));
  const failedCount = failed.filter((each) => each === 1).length;
  if (failedCount < first.isTrue.length / FAILS_ONE_IN) return further;
  const next = bestFor(
    'if that fails',
    able.filter((each) => !isSame(each, first)),
    first,
    failed,
  );
  const helps = next.isTrue.filter((ended, i) => ended && failed[i] === 1).length >= WORTH_TRYING * failedCount;
  const isTold = [first, ...further.map(([, each]) => each)].some((each) => isSame(each, next));
  return helps && !isTold ? [...further, ['if that fails', next]] : further;
}
