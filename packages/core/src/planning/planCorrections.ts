import type { Belief } from '../inference/belief';
import { believedLately } from '../inference/believedLately';
import { nextBest, type NextBest } from '../inference/nextBest';
import type { Observations } from '../inference/observed';
import type { DoorModel } from '../model/doorModel';
import { toEnd, type Stepwise } from '../stepwise';
import { adviceFor } from './advice';
import { waitsForDrying, type Candidate } from './candidate';
import { candidatesFor } from './candidates';
import { bestFor, equalWork, furtherPlans, inTheRunning, leastWork, worthTheirTimber, worthTrying } from './choose';
import type { Correction, PlanOptions, PlanOutcome, TellPlan } from './correction';
import { decide, isHeavyWork, KNOWN_FROM, restsOnReadings, RULES_AFTER, RULES_BEFORE } from './decision';
import { factsOf, type Facts } from './facts';
import { lostPlans } from './lostPlans';
import { once } from './once';
import { planOf, type Plan, type PlanAim } from './plan';
import { PLANNING_WORDS } from './planningWords';
import { doneAtOnce, gains, onlyWaiting, withAlso, withoutPatchwork } from './reducedPlans';
import { mayPlane, settingAloneOf } from './settingAlone';
import { settingsAllowed } from './settingsAllowed';
import { isHalfChecked } from './soFar';
import { soleLooks } from './soleLooks';
import { triesToRepeat } from './triesToRepeat';
import { cutsAtPlace, looksOwedTo, tellingLooks } from './looksBeforeCutting';
import { mayBeginWith } from './mayBeginWith';
import { untakenLooks } from './untakenLooks';
import { notYetCounted, uncertaintyOf, type Uncertainty } from './uncertainty';
import { withReasons } from './sameAgain';

/**
 * The best corrections of a door inside its tolerance profile: the likely cause treated first, then the best settings and, last,
 * timber off an edge; up to three aims.
 *
 * For each way of treating the cause an exact search gives the best settings for the expected door; their chance of being
 * true at the first check is then counted on doors drawn from the belief, with the errors of the work, and the aim decides.
 *
 * @param tell told a plan to begin with where there is one whose work can be undone, and the plan itself before its uncertainty is counted
 * @throws DomainError when a reading or a finding makes no sense
 */
export function* planningOf(model: DoorModel, observed: Observations, options: PlanOptions = {}, tell?: TellPlan): Stepwise<Correction> {
  const belief = believedLately(model, observed);
  yield 0;
  return yield* planning(observed, belief, options, tell);
}

/** The same at once, for a belief that is already there. */
export function planFor(observed: Observations, belief: Belief, options: PlanOptions = {}): Correction {
  return toEnd(planning(observed, belief, options));
}

function* planning(observed: Observations, belief: Belief, options: PlanOptions, tell?: TellPlan): Stepwise<Correction> {
  const facts = yield* factsOf(observed, belief, options);
  const early = decide(RULES_BEFORE, facts);
  return early === undefined ? yield* searched(facts, tell) : yield* withoutSearch(facts, early.outcome);
}

/** What is said while too little is known to speak of what setting can do. */
const KNOWS_LITTLE: readonly PlanOutcome[] = ['measure first', 'read again', 'look again'];

/** What is said of a door that is left as it hangs. */
const STAYS_SO: readonly PlanOutcome[] = ['true', 'done', 'check all round'];

/** What is said where a rule decides before anything is searched for. */
function* withoutSearch(facts: Facts, outcome: PlanOutcome): Stepwise<Correction> {
  const { belief, board, trial, leftAlone, treat, atOnceWork } = facts;
  const isAtOnce = outcome === 'at once';
  const isKnown = !isAtOnce && !KNOWS_LITTLE.includes(outcome);
  return {
    ...facts.said,
    outcome,
    lookAgain: outcome === 'look again' ? facts.looksToTakeAgain() : [],
    plans: yield* planned(facts, [['quickest', isAtOnce ? doneAtOnce(trial, atOnceWork) : leftAlone]], []),
    settingAlone: isKnown ? settingAloneOf(belief.model, [], leftAlone) : { can: false, chanceTrue: 0 },
    lost: [],
    advice: adviceFor(belief, isAtOnce ? treat : [], { board, gaps: leftAlone.found.gaps, staysSo: STAYS_SO.includes(outcome) }),
  };
}

/** The best of every way to treat what is likely. */
function* searched(facts: Facts, tell?: TellPlan): Stepwise<Correction> {
  const { observed, belief, board, trial, treat, allowed } = facts;
  const next = once(() => nextBest(observed, belief));
  const maySet = settingsAllowed(belief, observed, board);
  const candidates = yield* candidatesFor(belief, trial, allowed, treat, maySet, tell && begun);
  const weighed = weigh(facts, candidates);
  const somewhatDoubtful = restsOnReadings(askedOf(facts, weighed)) ? yield* facts.somewhatDoubtful() : [];
  const { said, shown } = decided(facts, { candidates, weighed, next, somewhatDoubtful });
  tell?.({ ...said, plans: plansWith(facts, shown, notYetCounted) }, true);
  return { ...said, plans: yield* planned(facts, shown, weighed.able) };

  /** Of the first ways alone, where no reading is to be doubted first. */
  function begun(soFar: readonly Candidate[]): void {
    const soWeighed = weigh(facts, soFar);
    if (restsOnReadings(askedOf(facts, soWeighed))) return;
    const { said, shown } = decided(facts, { candidates: soFar, weighed: soWeighed, next, somewhatDoubtful: [] });
    const first = { ...said, plans: plansWith(facts, shown, notYetCounted) };
    if (mayBeginWith(first, belief.model)) tell?.(first, false);
  }
}

/** What was tried, and what was chosen of it. */
interface Tried {
  candidates: readonly Candidate[];
  weighed: Weighed;
  next: () => NextBest;
  somewhatDoubtful: Correction['doubtful'];
}

const candidatesOf = ({ chosen }: Weighed): Candidate[] => chosen.map(([, each]) => each);

const askedOf = ({ leftAlone }: Facts, weighed: Weighed) => ({ chosen: candidatesOf(weighed), first: weighed.first, leftAlone });

type Aimed = readonly [PlanAim, Candidate];

/** What is said of all that was tried, and what is shown as plans. */
function decided(
  facts: Facts,
  { candidates, weighed, next, somewhatDoubtful }: Tried,
): { said: Omit<Correction, 'plans'>; shown: readonly Aimed[] } {
  const { observed, belief, board, leftAlone, treat, trial } = facts;
  const { able, first, chosen, settingAlone } = weighed;
  const candidatesChosen = candidatesOf(weighed);
  const heavy = first.cures.filter(isHeavyWork);
  const treatedSo = treat.filter(({ cures }) => heavy.some(({ id }) => cures.includes(id)));
  const looks = once(() => soleLooks(belief, observed, treatedSo, KNOWN_FROM));
  const untaken = once(() => untakenLooks(belief, observed, treatedSo));
  const tries = once(() => triesToRepeat(belief, observed, first));
  const looksBefore = once(() => (cutsAtPlace(first) ? [...looksOwedTo(belief.model, observed, first), ...tellingLooks(next())] : []));
  const outcome =
    decide(RULES_AFTER, {
      ...facts,
      ...weighed,
      chosen: candidatesChosen,
      leadChance: facts.said.cause.probability,
      looksLeft: () => !next().enough,
      somewhatDoubted: somewhatDoubtful.length,
      soleLooks: () => looks().length,
      untakenLooks: () => untaken().length,
      triesToRepeat: () => tries().length,
      looksBeforeCutting: () => looksBefore().length,
    })?.outcome ?? 'helps';
  const readsAgain = outcome === 'read again';
  const looksAgain = outcome === 'look again';
  const fallsShort = outcome === 'falls short';
  const touchesNothing = outcome === 'find out first' || readsAgain || looksAgain || (fallsShort && !gains(first, leftAlone));
  const served = fallsShort ? chosen.map(([aim, each]): Aimed => [aim, withoutPatchwork(trial, each)]) : chosen;
  const shown: readonly Aimed[] = touchesNothing ? [['quickest', leftAlone]] : served;
  const said = {
    ...facts.said,
    ...(readsAgain && { doubtful: somewhatDoubtful }),
    lookAgain: looksAgain ? [...new Set([...looks(), ...untaken(), ...tries(), ...looksBefore()])] : [],
    outcome,
    settingAlone,
    lost: readsAgain || looksAgain || weighed.isOnlyAlso || weighed.isWaiting ? [] : lostPlans(belief.model, able, candidatesChosen, first),
    advice: [
      ...adviceFor(belief, treat, { board, gaps: leftAlone.found.gaps, fallsShort }),
      ...(candidates.some(({ found }) => found.isCutShort) ? [PLANNING_WORDS.bestFound] : []),
      ...(outcome === 'find out first' ? next().choices.map(({ title }) => PLANNING_WORDS.findOut(title)) : []),
    ],
  };
  return { said, shown };
}

type Weighed = ReturnType<typeof weigh>;

/** What is chosen of all that was tried: what may be done at all, and of that the first plan and those told beside it. */
function weigh(
  { observed, belief, board, trial, leftAlone, isGood, treat, undoneWork, isSureOfUndone, asWell }: Facts,
  candidates: readonly Candidate[],
) {
  const { model } = belief;
  const halfChecked = isHalfChecked(observed, board);
  const settingAlone = settingAloneOf(model, candidates, leftAlone);
  const timberMayGo = mayPlane(belief, treat, settingAlone, halfChecked);
  const able = worthTheirTimber(candidates.filter(({ found }) => found.planed.length === 0 || timberMayGo));
  const usable = inTheRunning(able, leftAlone, { isHalfChecked: halfChecked, hasCauseToTreat: treat.length > 0 });
  const best = equalWork(leastWork(bestFor('quickest', usable, leftAlone), usable), usable, model.places.length);
  const isUndone =
    undoneWork.length > 0 && (!isGood || isSureOfUndone || treat.some(({ cures }) => undoneWork.some(({ id }) => cures.includes(id))));
  const isWaiting = !isUndone && waitsForDrying(model, best);
  const tried = () => worthTrying(best, able, treat) ?? best;
  const work = isUndone ? doneAtOnce(trial, undoneWork) : isWaiting ? onlyWaiting(trial, best) : tried();
  // On a door that is good as it hangs there is no other way to weigh.
  const isOnlyAlso = treat.length === 0 && isGood;
  const further = isWaiting || isOnlyAlso ? [] : furtherPlans(work, usable, able);
  const also = (each: Candidate) => (isUndone || isWaiting ? each : withAlso(each, asWell));
  const first = also(work);
  const chosen: [PlanAim, Candidate][] = [['quickest', first], ...further.map(([aim, each]): [PlanAim, Candidate] => [aim, also(each)])];
  return { able, first, chosen, settingAlone, isUndone, isWaiting, isOnlyAlso };
}

/** Candidates as plans, each with what keeps it from being sure. */
function* planned(facts: Facts, chosen: readonly Aimed[], able: readonly Candidate[]): Stepwise<Plan[]> {
  const { belief, trial, toRead } = facts;
  const uncertain = yield* uncertaintyOf(
    belief,
    trial,
    able,
    chosen.map(([, each]) => each),
    toRead,
  );
  return plansWith(facts, chosen, (each, i) => uncertain[i] ?? notYetCounted(each));
}

function plansWith(
  { observed, belief, trial, leftAlone }: Facts,
  chosen: readonly Aimed[],
  uncertaintyAt: (each: Candidate, i: number) => Uncertainty,
): Plan[] {
  return chosen.map(([aim, each], i) =>
    withReasons(planOf(trial, aim, each, leftAlone.found.gaps, uncertaintyAt(each, i)), belief, observed),
  );
}
