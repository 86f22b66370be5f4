import type { Cause } from '../model/cause';
import { DOES_WITHIN_MM, IRREVERSIBILITY_PRICE, isSame, share, workKey, type Candidate } from './candidate';
import type { PlanAim } from './plan';

/** What an aim gives for a chance of being true, for lasting, and for each minute. */
const AIMS: Readonly<Record<PlanAim, { chance: number; holds: number; minute: number }>> = {
  quickest: { chance: 200, holds: 0, minute: 1 },
  lasting: { chance: 200, holds: 150, minute: 0.4 },
  'if that fails': { chance: 200, holds: 30, minute: 0.6 },
};
/** Where free and even will do, a door wholly by the book is worth so many minutes more: a screw turned, not a cut. */
const BOOK_VALUE = 40;
/** What is left outside counts even where nothing makes the door wholly true, minutes a millimetre. */
const OUTSIDE_VALUE = 6;
/** A door as likely true as this is left alone. */
const LEAVE_FROM = 0.7;
/** And one on which no cause is likely, as likely as this. */
const LEAVE_UNSUSPECTED_FROM = 0.6;
/** And where it goes by the book, by the book as likely as this: gauges differ by a tenth. */
const LEAVE_BY_BOOK_FROM = 0.4;
/** A plan is in the running when it makes the door true at least this often, as a share of the best. */
const NEARLY_AS_LIKELY = 0.85;
/** Quick work that is tried and looked at: within so many minutes, as easily undone, as often right as this share of the best. */
const TRY_WITHIN_MINUTES = 10;
const TRY_UNDONE = 1;
const TRY_SHARE = 0.5;
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

/** Whether a door left alone is likely as it should be, and where it goes by the book hardly anything is outside. */
export const isGoodAsItIs = ({ found, isTrue, verdict, chances }: Candidate, isSuspected = true) =>
  chances.even >= (isSuspected ? LEAVE_FROM : LEAVE_UNSUSPECTED_FROM) &&
  (verdict !== 'book' || (found.outside <= DOES_WITHIN_MM && share(isTrue) >= LEAVE_BY_BOOK_FROM));

/**
 * What is tried and looked at before the best is begun: quick work, easily undone, that treats the causes and does it at least half as
 * often; where it fails the best is still there. None when the best is nearly as quick.
 */
export function worthTrying(best: Candidate, able: readonly Candidate[], treat: readonly Cause[]): Candidate | undefined {
  const treatsAll = ({ cures, sides, hidesCause }: Candidate) =>
    !hidesCause && treat.every((cause) => [...cures, ...sides.map(({ action }) => action)].some(({ id }) => cause.cures.includes(id)));
  const tries = able.filter(
    (each) =>
      each.minutes <= Math.min(TRY_WITHIN_MINUTES, best.minutes / 2) &&
      each.irreversibility <= TRY_UNDONE &&
      share(each.isTrue) >= TRY_SHARE * share(best.isTrue) &&
      treatsAll(each),
  );
  return treat.length === 0 || tries.length === 0 ? undefined : bestFor('quickest', tries, best);
}

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
