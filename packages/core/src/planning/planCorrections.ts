import type { Belief } from '../inference/belief';
import { believe } from '../inference/believe';
import { causeChances, expectAt } from '../inference/expectation';
import { nextBest } from '../inference/nextBest';
import type { Observations } from '../inference/observed';
import type { Action } from '../model/action';
import type { DoorModel } from '../model/doorModel';
import { seededRandom } from '../numbers/seededRandom';
import { toEnd, type Stepwise } from '../stepwise';
import { adviceFor } from './advice';
import { gapBoard, outsideBy, type GapBoard } from './board';
import { leftUndone } from './atOnce';
import { candidate, untreated, waitsForDrying, type Candidate, type Trial } from './candidate';
import { candidatesFor } from './candidates';
import { causesToTreat } from './causesToTreat';
import { bestFor, furtherPlans, inTheRunning, isGoodAsItIs, worthTrying } from './choose';
import type { Correction, PlanOptions } from './correction';
import { decide, RULES_AFTER, RULES_BEFORE } from './decision';
import { drawDoors, meanBoard } from './drawnDoors';
import { lostPlans } from './lostPlans';
import { misfitAfter } from './misfit';
import { cured } from './outcome';
import { planOf, type PlanAim } from './plan';
import { PLANNING_WORDS } from './planningWords';
import { rulingsOn } from './rulings';
import type { FoundPlan } from './searchSpace';
import { mayPlane, settingAloneOf } from './settingAlone';
import { causesOfSidesOut } from './sidesOut';
import { sidesToldUnread } from './sidesTold';
import { settingsAllowed } from './settingsAllowed';
import { edgesRead, heldSides, isFullyChecked, isHalfChecked, judgedSides, shiftsDone } from './soFar';

/** A gap less well known than this is measured before anything is planned by it, mm (standard deviation). */
const PLAN_UP_TO_SD_MM = 1.5;
const DRAWS = 240;
/** A cause as likely as this is suspected. */
const SUSPECTED_FROM = 0.5;
const NOT_KNOWN: Correction['settingAlone'] = { can: false, chanceTrue: 0 };
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

function* planning(observed: Observations, belief: Belief, { without = [], seed = 1, draws = DRAWS }: PlanOptions): Stepwise<Correction> {
  const { model } = belief;
  const board = gapBoard(model, edgesRead(model, observed));
  const rulings = rulingsOn(belief, without);
  const trial: Trial = {
    model,
    board,
    drawn: drawDoors(belief, board, seededRandom(seed), draws),
    misfitNow: misfitAfter(model.placeLine, shiftsDone(belief)),
    beside: { sides: model.tables.sides, judged: judgedSides(model, observed), work: heldSides(belief) },
  };
  const leftAlone = asItIs(trial);
  const isSuspected = causeChances(belief).some(({ id, probability }) => probability >= SUSPECTED_FROM && id !== model.tables.soundCause);
  const isGood = isGoodAsItIs(leftAlone, isSuspected);
  const likely = causesToTreat(belief, isGood);
  const treat = isGood ? likely : [...likely, ...causesOfSidesOut(belief, trial, likely)];
  const lead = leadOf(belief);
  const told = sidesToldUnread(model, observed).map((station) => ({ station, sdMm: doubtAt(belief, station) }));
  // What was told of is read first: nobody is sent round all gaps for a door that only swings.
  const unknown = told.length > 0 ? told : littleKnown(belief, board, new Set(observed.unreachable));
  const allowed = allowedNow(belief, rulings);
  const undone = leftUndone(belief, allowed);
  const hasWorked = belief.done.length > 0;
  const base = {
    binds: model.binds,
    cause: lead,
    unknown,
    ruledOut: rulings.filter(({ isObvious }) => !isObvious).map(({ action, title, why }) => ({ action, title, why })),
  };
  const planned = (aim: PlanAim, each: Candidate) => planOf(model, aim, each, board, leftAlone.found.gaps);

  const before = { unknown: unknown.length, undone: undone.length, needsNothing: treat.length === 0 && isGood, hasWorked };
  const early = decide(RULES_BEFORE, { ...before, isFullyChecked: isFullyChecked(observed, board) });
  if (early !== undefined) {
    const only = early.outcome === 'at once' ? doneAtOnce(trial, undone) : leftAlone;
    return {
      ...base,
      outcome: early.outcome,
      plans: [planned('quickest', only)],
      settingAlone: early.outcome === 'true' || early.outcome === 'done' ? settingAloneOf(model, [], leftAlone) : NOT_KNOWN,
      lost: [],
      advice: adviceFor(belief, early.outcome === 'at once' ? treat : [], { board, gaps: leftAlone.found.gaps }),
    };
  }
  const candidates = yield* candidatesFor(belief, trial, allowed, treat, settingsAllowed(belief, observed, board));
  const halfChecked = isHalfChecked(observed, board);
  const settingAlone = settingAloneOf(model, candidates, leftAlone);
  const timberMayGo = mayPlane(belief, treat, settingAlone, halfChecked);
  const able = candidates.filter(({ found }) => found.planed.length === 0 || timberMayGo);
  const usable = inTheRunning(able, leftAlone, { isHalfChecked: halfChecked, hasCauseToTreat: treat.length > 0 });
  const best = bestFor('quickest', usable, leftAlone);
  const isUndone = undone.length > 0 && !isGood;
  const isWaiting = !isUndone && waitsForDrying(model, best);
  const first = isUndone ? doneAtOnce(trial, undone) : isWaiting ? onlyWaiting(trial, best) : (worthTrying(best, able, treat) ?? best);
  const chosen: [PlanAim, Candidate][] = [['quickest', first], ...(isWaiting ? [] : furtherPlans(first, usable, able))];
  const outcome =
    decide(RULES_AFTER, {
      chosen: chosen.map(([, each]) => each),
      first,
      leftAlone,
      isUndone,
      isWaiting,
      hasWorked,
      leadChance: lead.probability,
      looksLeft: () => !nextBest(observed, belief).enough,
    })?.outcome ?? 'helps';
  const touchesNothing = outcome === 'find out first' || (outcome === 'falls short' && !gains(first, leftAlone));
  return {
    ...base,
    outcome,
    plans: touchesNothing ? [planned('quickest', leftAlone)] : chosen.map(([aim, each]) => planned(aim, each)),
    settingAlone,
    lost: lostPlans(
      model,
      able,
      chosen.map(([, each]) => each),
      first,
    ),
    advice: [
      ...adviceFor(belief, treat, { board, gaps: leftAlone.found.gaps, fallsShort: outcome === 'falls short' }),
      ...(outcome === 'find out first' ? nextBest(observed, belief).choices.map(({ title }) => PLANNING_WORDS.findOut(title)) : []),
    ],
  };
}

/** Whether work is worth doing where it does not make the door what it should be: it treats a cause, or makes it free more often. */
function gains(work: Candidate, leftAlone: Candidate): boolean {
  return work.cures.length > 0 || work.sides.length > 0 || work.chances.free >= leftAlone.chances.free + WORTH_WORKING_FOR;
}

/** What is allowed and has not been done already: what takes a fault away is not done twice in one visit. */
function allowedNow({ model, done }: Belief, rulings: readonly { action: string }[]): Action[] {
  const spent = new Set(done.map(({ action }) => action).filter((id) => ['cure', 'hold', 'wait'].includes(model.action(id).effect.kind)));
  return model.tables.actions.filter(({ id }) => !spent.has(id) && !rulings.some(({ action }) => action === id));
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

/** The likeliest cause. */
function leadOf(belief: Belief): Correction['cause'] {
  const [lead] = causeChances(belief);
  if (lead === undefined) throw new RangeError('A belief holds at least one hypothesis.');
  return { id: lead.id, title: belief.model.cause(lead.id).title, probability: lead.probability };
}

/** How well a figure is known, mm (standard deviation). */
const doubtAt = (belief: Belief, station: string) => Math.sqrt(expectAt(belief, station).variance);

/** Gaps of the board that are too little known to plan by and can be read; the bolt follows the slab and may wait. */
function littleKnown(belief: Belief, { stations, bolt }: GapBoard, unreachable: ReadonlySet<string>): Correction['unknown'] {
  return stations.flatMap((station, i) => {
    const sdMm = doubtAt(belief, station);
    return sdMm > PLAN_UP_TO_SD_MM && i !== bolt && !unreachable.has(station) ? [{ station, sdMm }] : [];
  });
}

/** The door left as it is, as a candidate among the others. */
function asItIs(trial: Trial): Candidate {
  return candidate(trial, untreated(trial), nothingSet(trial, meanBoard(trial.drawn.map((door) => door.gaps))));
}

function nothingSet({ board, misfitNow }: Trial, gaps: Float64Array): FoundPlan {
  return { settings: [], planed: [], gaps, misfit: misfitNow, outside: outsideBy(board, gaps), price: 0 };
}
