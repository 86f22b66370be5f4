import { putsInNew } from '../model/action';
import type { Cause } from '../model/cause';
import { IRREVERSIBILITY_PRICE, isSame, share, workKey, type Candidate } from './candidate';
import type { PlanAim } from './plan';

/** What an aim gives for a chance of being true, for lasting, and for each minute. */
const AIMS: Readonly<Record<PlanAim, { chance: number; holds: number; minute: number }>> = {
  quickest: { chance: 200, holds: 0, minute: 1 },
  lasting: { chance: 200, holds: 150, minute: 0.4 },
  'if that fails': { chance: 200, holds: 30, minute: 0.6 },
};
/** Where free and even will do, a door wholly by the book is worth so many minutes more. */
const BOOK_VALUE = 40;
/** What is left outside counts even where nothing makes the door wholly true, minutes a millimetre. */
const OUTSIDE_VALUE = 6;
/** A door as likely true as this is left alone. */
const LEAVE_FROM = 0.7;
/** And one on which no cause is likely, as likely as this. */
const LEAVE_UNSUSPECTED_FROM = 0.6;
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

/** Timber comes off for so much more of a chance, never for a tenth by the book. */
const WORTH_A_CUT = 0.1;
/** And a slab is scribed or cut shorter for a fifth: it is first set as far as its hinges or hangers go. */
const WORTH_SHORTENING = 0.2;

/** All but the plans that take timber off, or shorten the slab, and make the door hardly more often what it should be than the best that takes none. */
export function worthTheirTimber(candidates: readonly Candidate[]): Candidate[] {
  const shortens = ({ cures }: Candidate) => cures.some(({ effect }) => effect.kind === 'cure' && effect.cuts !== undefined);
  const cuts = (each: Candidate) => each.found.planed.length > 0 || shortens(each);
  const uncut = Math.max(0, ...candidates.filter((each) => !cuts(each)).map(({ isTrue }) => share(isTrue)));
  const worth = (each: Candidate) => (shortens(each) ? WORTH_SHORTENING : WORTH_A_CUT);
  return candidates.filter((each) => !cuts(each) || share(each.isTrue) >= uncut + worth(each));
}

/** Plans whose chances differ by no more are as good as each other: one in so many is within the counting. */
const AS_GOOD = 0.04;
/** The same by the book, where free and even will do. */
const AS_GOOD_BY_BOOK = 0.1;

/** The least work that treats the same causes as the best and is as good: nobody sets a hinge for one chance in a hundred. */
export function leastWork(best: Candidate, usable: readonly Candidate[]): Candidate {
  const workOf = ({ minutes, irreversibility }: Candidate) => minutes + IRREVERSIBILITY_PRICE * irreversibility;
  const isAsGood = (each: Candidate) =>
    share(each.isTrue) >= share(best.isTrue) - AS_GOOD &&
    each.chances.book >= best.chances.book - AS_GOOD_BY_BOOK &&
    treatsAlike(each, best);
  return usable.filter(isAsGood).reduce((least, each) => (workOf(each) < workOf(least) ? each : least), best);
}

/** A patchwork has to be so much better than the same work at every place to be preferred to it. */
const WORTH_A_PATCHWORK = 0.1;

/** The same work at every place, where a patchwork of different work treats no more causes and gains no more than a tenth. */
export function equalWork(best: Candidate, usable: readonly Candidate[], placeCount: number): Candidate {
  const kindsOf = ({ found }: Candidate) => new Set(found.settings.map(({ action, amount }) => `${action.id}×${amount}`)).size;
  const isEqual = (each: Candidate) => each.found.settings.length === placeCount && kindsOf(each) === 1 && each.found.planed.length === 0;
  if (kindsOf(best) < 2) return best;
  const equal = usable.filter(
    (each) => isEqual(each) && treatsAlike(each, best) && share(each.isTrue) >= share(best.isTrue) - WORTH_A_PATCHWORK,
  );
  return bestFor('quickest', equal, best);
}

/** Whether two plans treat the same causes by the same work. */
function treatsAlike(a: Candidate, b: Candidate): boolean {
  const treats = ({ cures, sides }: Candidate) => [...cures, ...sides.map(({ action }) => action)].map(({ id }) => id).join();
  return a.hidesCause === b.hidesCause && treats(a) === treats(b);
}

/**
 * Whether a door left alone is likely as it should be, and where it goes by the book hardly anything is outside.
 *
 * @param letStandMm how much outside is let stand, mm
 */
export const isGoodAsItIs = ({ found, verdict, chances }: Candidate, letStandMm: number, isSuspected = true) =>
  chances.even >= (isSuspected ? LEAVE_FROM : LEAVE_UNSUSPECTED_FROM) && (verdict !== 'book' || found.outside <= letStandMm);

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
  // What is put in new is gauged before anybody knows what to do next.
  if (failedCount < first.isTrue.length / FAILS_ONE_IN || first.cures.some(putsInNew)) return further;
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
