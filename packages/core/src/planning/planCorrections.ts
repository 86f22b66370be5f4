import type { Belief } from '../inference/belief';
import { believe } from '../inference/believe';
import { causeChances, expectAt } from '../inference/expectation';
import type { Observations } from '../inference/observed';
import { isTreated } from '../inference/treated';
import { setsSlab } from '../model/action';
import type { Cause } from '../model/cause';
import type { DoorModel } from '../model/doorModel';
import { GAUGE_TELLS_MM } from '../model/profile';
import { seededRandom } from '../numbers/seededRandom';
import { toEnd, type Stepwise } from '../stepwise';
import { adviceFor } from './advice';
import { gapBoard, outsideBy, type GapBoard } from './board';
import { candidate, DOES_WITHIN_MM, setsOnly, share, untreated, type Candidate, type Trial } from './candidate';
import { candidatesFor } from './candidates';
import { bestFor, furtherPlans, inTheRunning, LEAVE_FROM } from './choose';
import type { Correction, PlanOptions } from './correction';
import { drawDoors, meanBoard } from './drawnDoors';
import { lostPlans } from './lostPlans';
import { misfitAfter } from './misfit';
import { planOf, type PlanAim } from './plan';
import { rulingsOn } from './rulings';
import type { FoundPlan } from './searchSpace';
import { edgesRead, heldSides, isHalfChecked, judgedSides, shiftsDone } from './soFar';

/** From this chance on a cause is treated before anything is hidden. */
const TREAT_FROM = 0.35;
/** A gap less well known than this is measured before anything is planned by it, mm (standard deviation). */
const PLAN_UP_TO_SD_MM = 1.5;
const DRAWS = 240;
/** Setting alone will do when it makes the door true with this chance. */
const SETTING_DOES_FROM = 0.3;
/** Before every gap has been gauged again it is given up only below this chance. */
const SETTING_FAILS_BELOW = 0.12;

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
  const unknown = littleKnown(belief, board);
  const treat = causesToTreat(belief);
  const trial: Trial = {
    model,
    board,
    drawn: drawDoors(belief, board, seededRandom(seed), draws),
    misfitNow: misfitAfter(model.placeLine, shiftsDone(belief)),
    beside: { sides: model.tables.sides, judged: judgedSides(model, observed), work: heldSides(belief) },
  };
  const leftAlone = asItIs(trial);
  const base = {
    cause: leadOf(belief),
    unknown,
    ruledOut: rulings.filter(({ untold }) => !untold).map(({ action, title, why }) => ({ action, title, why })),
  };
  const planned = (aim: PlanAim, each: Candidate) => planOf(model, aim, each, board, leftAlone.found.gaps);

  if (unknown.length > 0) {
    return {
      ...base,
      outcome: 'measure first',
      plans: [planned('quickest', leftAlone)],
      settingAlone: { can: false, chanceTrue: 0 },
      lost: [],
      advice: adviceFor(belief, treat, false),
    };
  }
  const allowed = model.tables.actions.filter(({ id }) => !rulings.some(({ action }) => action === id));
  const candidates = yield* candidatesFor(belief, trial, allowed, treat);
  const halfChecked = isHalfChecked(observed, board);
  const settingAlone = settingAloneOf(model, candidates, leftAlone);
  // Once the places have been set and every gap gauged, a chance that small is no longer for want of readings.
  const settingFailed =
    belief.done.some(({ action }) => setsSlab(model.action(action))) &&
    settingAlone.chanceTrue < (halfChecked ? SETTING_FAILS_BELOW : SETTING_DOES_FROM);
  const isCuredByPlaning = treat.some(({ cures }) => cures.some((id) => model.action(id).effect.kind === 'plane'));
  const mayPlane = !settingAlone.can || settingFailed || isCuredByPlaning;
  const able = candidates.filter(({ found }) => found.planed.length === 0 || mayPlane);
  const usable = inTheRunning(able, leftAlone, { isHalfChecked: halfChecked, hasCauseToTreat: treat.length > 0 });
  const needsNothing = leftAlone.found.outside <= GAUGE_TELLS_MM && treat.length === 0 && share(leftAlone.isTrue) >= LEAVE_FROM;
  const first = needsNothing ? leftAlone : bestFor('quickest', usable, leftAlone);
  const isWaiting = waitsForDrying(model, first);
  const chosen: [PlanAim, Candidate][] = [['quickest', first], ...(needsNothing || isWaiting ? [] : furtherPlans(first, usable, able))];
  const fallsShort = chosen.every(([, { found }]) => found.outside > DOES_WITHIN_MM);
  return {
    ...base,
    outcome: needsNothing ? 'true' : isWaiting ? 'wait' : fallsShort ? 'falls short' : 'cures',
    plans: chosen.map(([aim, each]) => planned(aim, each)),
    settingAlone,
    lost: lostPlans(
      model,
      able,
      chosen.map(([, each]) => each),
      first,
    ),
    advice: adviceFor(belief, treat, fallsShort),
  };
}

/** The likeliest cause. */
function leadOf(belief: Belief): Correction['cause'] {
  const [lead] = causeChances(belief);
  if (lead === undefined) throw new RangeError('A belief holds at least one hypothesis.');
  return { id: lead.id, title: belief.model.cause(lead.id).title, probability: lead.probability };
}

/** The likely causes that work has not dealt with yet. Of causes of one part only one can be at work: the likeliest is treated. */
function causesToTreat(belief: Belief): Cause[] {
  const { tables, cause } = belief.model;
  return causeChances(belief)
    .filter(({ id, probability }) => probability >= TREAT_FROM && id !== tables.soundCause)
    .map(({ id }) => cause(id))
    .filter(({ part }, i, all) => all.findIndex((each) => each.part === part) === i)
    .filter((each) => !isTreated(belief, each));
}

/** Gaps of the board that are too little known to plan by; the bolt follows the slab and may wait. */
function littleKnown(belief: Belief, { stations, bolt }: GapBoard): Correction['unknown'] {
  return stations.flatMap((station, i) => {
    const sdMm = Math.sqrt(expectAt(belief, station).variance);
    return sdMm > PLAN_UP_TO_SD_MM && i !== bolt ? [{ station, sdMm }] : [];
  });
}

/** The door left as it is, as a candidate among the others. */
function asItIs(trial: Trial): Candidate {
  const { drawn, board, misfitNow } = trial;
  const gaps = meanBoard(drawn.map((door) => door.gaps));
  const found: FoundPlan = { settings: [], planed: [], gaps, misfit: misfitNow, outside: outsideBy(board, gaps), price: 0 };
  return candidate(trial, untreated(trial), found);
}

function settingAloneOf(model: DoorModel, candidates: readonly Candidate[], leftAlone: Candidate): Correction['settingAlone'] {
  const setting = candidates.filter((each) => setsOnly(model, each));
  const asFound = share(leftAlone.isTrue);
  return {
    can: setting.some(({ found }) => found.outside <= DOES_WITHIN_MM) || asFound >= SETTING_DOES_FROM,
    chanceTrue: Math.max(asFound, ...setting.map(({ isTrue }) => share(isTrue))),
  };
}

/** Whether a plan only lets the door dry: nothing may be cut to its wet size. */
function waitsForDrying({ cause }: DoorModel, { sides }: Candidate): boolean {
  return sides.some(
    ({ action: { effect } }) => effect.kind === 'wait' && effect.cures.some((id) => cause(id).forbidsPlaning !== undefined),
  );
}
