import type { Belief } from '../inference/belief';
import { believe } from '../inference/believe';
import { nextBest } from '../inference/nextBest';
import type { Observations } from '../inference/observed';
import type { Action } from '../model/action';
import type { DoorModel } from '../model/doorModel';
import { toEnd, type Stepwise } from '../stepwise';
import { adviceFor } from './advice';
import { candidate, untreated, waitsForDrying, type Candidate, type Trial } from './candidate';
import { candidatesFor } from './candidates';
import { bestFor, furtherPlans, inTheRunning, leastWork, worthTheirTimber, worthTrying } from './choose';
import type { Correction, PlanOptions, PlanOutcome } from './correction';
import { decide, RULES_AFTER, RULES_BEFORE } from './decision';
import { meanBoard } from './drawnDoors';
import { factsOf, nothingSet, type Facts } from './facts';
import { lostPlans } from './lostPlans';
import { cured } from './outcome';
import { planOf, type Plan, type PlanAim } from './plan';
import { PLANNING_WORDS } from './planningWords';
import { mayPlane, settingAloneOf } from './settingAlone';
import { settingsAllowed } from './settingsAllowed';
import { isHalfChecked } from './soFar';
import { uncertaintyOf } from './uncertainty';

/** Work that makes a door free less than so much more often is not worth its harm. */
const WORTH_WORKING_FOR = 0.1;

/**
 * The best corrections of a door inside its tolerance profile: the likely cause treated first, then the best settings and, last,
 * timber off an edge; up to three aims.
 *
 * For each way of treating the cause an exact search gives the best settings for the expected door; their chance of being
 * true at the first check is then counted on doors drawn from the belief, with the errors of the work, and the aim decides.
 *
 * @throws DomainError when a reading or a finding makes no sense
 */
export function planningOf(model: DoorModel, observed: Observations, options: PlanOptions = {}): Stepwise<Correction> {
  return planning(observed, believe(model, observed), options);
}

/** The same at once, for a belief that is already there. */
export function planFor(observed: Observations, belief: Belief, options: PlanOptions = {}): Correction {
  return toEnd(planning(observed, belief, options));
}

function* planning(observed: Observations, belief: Belief, options: PlanOptions): Stepwise<Correction> {
  const facts = factsOf(observed, belief, options);
  const early = decide(RULES_BEFORE, facts);
  return early === undefined ? yield* searched(facts) : withoutSearch(facts, early.outcome);
}

/** What is said where a rule decides before anything is searched for. */
function withoutSearch(facts: Facts, outcome: PlanOutcome): Correction {
  const { belief, board, trial, leftAlone, treat, undoneWork } = facts;
  const isAtOnce = outcome === 'at once';
  const isKnown = !isAtOnce && outcome !== 'measure first' && outcome !== 'read again';
  return {
    ...facts.said,
    outcome,
    plans: planned(facts, [['quickest', isAtOnce ? doneAtOnce(trial, undoneWork) : leftAlone]], []),
    settingAlone: isKnown ? settingAloneOf(belief.model, [], leftAlone) : { can: false, chanceTrue: 0 },
    lost: [],
    advice: adviceFor(belief, isAtOnce ? treat : [], { board, gaps: leftAlone.found.gaps }),
  };
}

/** The best of every way to treat what is likely. */
function* searched(facts: Facts): Stepwise<Correction> {
  const { observed, belief, board, trial, leftAlone, isGood, treat, allowed, undoneWork } = facts;
  const { model } = belief;
  const candidates = yield* candidatesFor(belief, trial, allowed, treat, settingsAllowed(belief, observed, board));
  const halfChecked = isHalfChecked(observed, board);
  const settingAlone = settingAloneOf(model, candidates, leftAlone);
  const timberMayGo = mayPlane(belief, treat, settingAlone, halfChecked);
  const able = worthTheirTimber(candidates.filter(({ found }) => found.planed.length === 0 || timberMayGo));
  const usable = inTheRunning(able, leftAlone, { isHalfChecked: halfChecked, hasCauseToTreat: treat.length > 0 });
  const best = leastWork(bestFor('quickest', usable, leftAlone), usable);
  const isUndone = undoneWork.length > 0 && !isGood;
  const isWaiting = !isUndone && waitsForDrying(model, best);
  const tried = () => worthTrying(best, able, treat) ?? best;
  const first = isUndone ? doneAtOnce(trial, undoneWork) : isWaiting ? onlyWaiting(trial, best) : tried();
  const chosen: [PlanAim, Candidate][] = [['quickest', first], ...(isWaiting ? [] : furtherPlans(first, usable, able))];
  const candidatesChosen = chosen.map(([, each]) => each);
  const next = () => nextBest(observed, belief);
  const looksLeft = () => !next().enough;
  let again: Correction['doubtful'] | undefined;
  const somewhatDoubtful = () => (again ??= facts.somewhatDoubtful());
  const somewhatDoubted = () => somewhatDoubtful().length;
  const leadChance = facts.said.cause.probability;
  const after = { ...facts, chosen: candidatesChosen, first, isUndone, isWaiting, leadChance, looksLeft, somewhatDoubted };
  const outcome = decide(RULES_AFTER, after)?.outcome ?? 'helps';
  const shown = outcome === 'falls short' ? withoutPatchwork(facts, chosen) : chosen;
  const touchesNothing =
    outcome === 'find out first' || outcome === 'read again' || (outcome === 'falls short' && !gains(first, leftAlone));
  return {
    ...facts.said,
    ...(outcome === 'read again' && { doubtful: somewhatDoubtful() }),
    outcome,
    plans: planned(facts, touchesNothing ? [['quickest', leftAlone]] : shown, able),
    settingAlone,
    lost: outcome === 'read again' ? [] : lostPlans(model, able, candidatesChosen, first),
    advice: [
      ...adviceFor(belief, treat, { board, gaps: leftAlone.found.gaps, fallsShort: outcome === 'falls short' }),
      ...(candidates.some(({ found }) => found.isCutShort) ? [PLANNING_WORDS.bestFound] : []),
      ...(outcome === 'find out first' ? next().choices.map(({ title }) => PLANNING_WORDS.findOut(title)) : []),
    ],
  };
}

/** Candidates as plans, each with what keeps it from being sure. */
function planned(
  { belief, trial, leftAlone, toRead }: Facts,
  chosen: readonly (readonly [PlanAim, Candidate])[],
  able: readonly Candidate[],
): Plan[] {
  const uncertain = uncertaintyOf(
    belief,
    trial,
    able,
    chosen.map(([, each]) => each),
    toRead,
  );
  return chosen.flatMap(([aim, each], i) => {
    const uncertainty = uncertain[i];
    return uncertainty === undefined ? [] : [planOf(trial, aim, each, leftAlone.found.gaps, uncertainty)];
  });
}

/** Whether work is worth doing where it does not make the door what it should be: it treats a cause, or makes it free more often. */
function gains(work: Candidate, leftAlone: Candidate): boolean {
  return work.cures.length > 0 || work.sides.length > 0 || work.chances.free >= leftAlone.chances.free + WORTH_WORKING_FOR;
}

/** Where nothing brings the door where it should be, its causes are treated, and no hinge is set for less than it is worth. */
function withoutPatchwork({ trial }: Facts, chosen: readonly (readonly [PlanAim, Candidate])[]): (readonly [PlanAim, Candidate])[] {
  return chosen.map(([aim, each]) => {
    if (each.cures.length + each.sides.length === 0) return [aim, each] as const;
    const after = trial.drawn.map((door) => cured(door, each.cures, trial.board, each.setPoints));
    const bare = candidate(trial, { ...untreated(trial), ...each, after }, nothingSet(trial, meanBoard(after)));
    return [aim, each.chances.free < bare.chances.free + WORTH_WORKING_FOR ? bare : each] as const;
  });
}

/** What was found undone, as a plan by itself: what else there is to do shows afterwards. */
function doneAtOnce(trial: Trial, cures: readonly Action[]): Candidate {
  const after = trial.drawn.map((each) => cured(each, cures, trial.board));
  const found = nothingSet(trial, meanBoard(after));
  return candidate(trial, { ...untreated(trial), cures, after }, found);
}

/** A door left to dry has no other step. */
function onlyWaiting(trial: Trial, { sides }: Candidate): Candidate {
  const waits = sides.filter(({ action }) => action.effect.kind === 'wait');
  return candidate(trial, { ...untreated(trial), sides: waits }, nothingSet(trial, meanBoard(trial.drawn.map(({ gaps }) => gaps))));
}
