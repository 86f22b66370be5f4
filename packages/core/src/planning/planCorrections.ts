import type { Belief } from '../inference/belief';
import { believe } from '../inference/believe';
import { causeChances, expectAt } from '../inference/expectation';
import type { Observations } from '../inference/observed';
import type { DoorModel } from '../model/doorModel';
import { seededRandom } from '../numbers/seededRandom';
import { toEnd, type Stepwise } from '../stepwise';
import { adviceFor } from './advice';
import { gapBoard, outsideBy, type GapBoard } from './board';
import { candidate, DOES_WITHIN_MM, untreated, waitsForDrying, type Candidate, type Trial } from './candidate';
import { candidatesFor } from './candidates';
import { causesToTreat } from './causesToTreat';
import { bestFor, furtherPlans, inTheRunning, isGoodAsItIs } from './choose';
import type { Correction, PlanOptions } from './correction';
import { drawDoors, meanBoard } from './drawnDoors';
import { lostPlans } from './lostPlans';
import { misfitAfter } from './misfit';
import { planOf, type PlanAim } from './plan';
import { rulingsOn } from './rulings';
import type { FoundPlan } from './searchSpace';
import { mayPlane, settingAloneOf } from './settingAlone';
import { edgesRead, heldSides, isHalfChecked, judgedSides, shiftsDone } from './soFar';

/** A gap less well known than this is measured before anything is planned by it, mm (standard deviation). */
const PLAN_UP_TO_SD_MM = 1.5;
const DRAWS = 240;

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
    ruledOut: rulings.filter(({ isObvious }) => !isObvious).map(({ action, title, why }) => ({ action, title, why })),
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
  const timberMayGo = mayPlane(belief, treat, settingAlone, halfChecked);
  const able = candidates.filter(({ found }) => found.planed.length === 0 || timberMayGo);
  const usable = inTheRunning(able, leftAlone, { isHalfChecked: halfChecked, hasCauseToTreat: treat.length > 0 });
  const needsNothing = treat.length === 0 && isGoodAsItIs(leftAlone);
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
