import { seededRandom } from '../numbers/seededRandom';
import { action, ACTIONS, isForbiddenOn } from './actions';
import type { ActionId } from './actionIds';
import { believe, causeChances, expectAt, type Belief } from './belief';
import {
  candidate,
  candidatesFor,
  DOES_WITHIN_MM,
  heldSides,
  IRREVERSIBILITY_PRICE,
  isHingesOnly,
  isSame,
  judgedSides,
  meanOf,
  share,
  shiftsDone,
  workKey,
  type Candidate,
  type Trial,
} from './candidates';
import { cause, type Cause, type CauseId } from './causes';
import { CAUTIONS } from './cautions';
import type { HingedDoor } from './door';
import { drawDoors } from './drawnDoors';
import { gapBoard, outsideBy, type GapBoard } from './gapsRound';
import { hingeLine, misfitAfter } from './hingeLine';
import { lostPlans } from './lostPlans';
import { planOf, type Correction, type PlanAim, type PlanOptions } from './plan';
import { GAUGE_TELLS_MM } from './profiles';
import type { DoneStep, Observed } from './readings';
import type { FoundPlan } from './searchPlan';
import { NOT_ADJUSTABLE } from './rulings';
import { leftOutBySchool } from './schools';
import { STATE_SIZE, station } from './stations';
import { toEnd, type Stepwise } from '../stepwise';
import { isTreated } from './treated';

/** From this chance on a cause is treated before anything is hidden. */
const TREAT_FROM = 0.35;
/** From this chance on what a cause forbids is forbidden. */
const FORBID_FROM = 0.2;
/** A gap less well known than this is measured before anything is planned by it, mm (standard deviation). */
const PLAN_UP_TO_SD_MM = 1.5;
const DRAWS = 240;
/** Hinges alone will do when they make it true with this chance. */
const HINGES_DO_FROM = 0.3;
/** Before every gap has been gauged again they are given up only below this chance. */
const HINGES_FAIL_BELOW = 0.12;
/** Something for when the first plan fails is told when it helps in this share of those cases. */
const WORTH_TRYING = 0.05;
/** A door as likely true as this is left alone. */
const LEAVE_FROM = 0.7;
/** A plan is in the running when it makes the door true at least this often, as a share of the best. */
const NEARLY_AS_LIKELY = 0.85;

/** What an aim gives for a chance of being true, for lasting, and for each minute. */
const AIMS: Readonly<Record<PlanAim, { chance: number; holds: number; minute: number }>> = {
  quickest: { chance: 200, holds: 0, minute: 1 },
  lasting: { chance: 200, holds: 150, minute: 0.4 },
  'if that fails': { chance: 200, holds: 30, minute: 0.6 },
};

/**
 * The best corrections of a hinged door inside its tolerance profile: the likely cause treated first, then the best
 * hinge settings and, last, timber off an edge; up to three aims.
 *
 * For each way of treating the cause an exact search gives the best settings for the expected door; their chance of being
 * true at the first check is then counted on doors drawn from the belief, with the errors of the work, and the aim decides.
 *
 * @throws DomainError when the door, a reading or a finding makes no sense
 */
export function planCorrections(observed: Observed, options: PlanOptions = {}): Correction {
  return toEnd(planningOf(observed, options));
}

/** The same a piece at a time. */
export function planningOf(observed: Observed, options: PlanOptions = {}): Stepwise<Correction> {
  return planning(observed, believe(observed), options);
}

/** The same for a belief that is already there. */
export function planFor(observed: Observed, belief: Belief, options: PlanOptions = {}): Correction {
  return toEnd(planning(observed, belief, options));
}

function* planning(observed: Observed, belief: Belief, { without = [], seed = 1, draws = DRAWS }: PlanOptions): Stepwise<Correction> {
  const { door } = belief;
  const ranked = causeChances(belief);
  const lead = ranked[0];
  if (lead === undefined) throw new RangeError('A belief holds at least one hypothesis.');
  const board = gapBoard(
    door,
    observed.readings.some((r) => station(r.station).edge === 'foot'),
  );
  const line = hingeLine(door, STATE_SIZE);
  const ruledOut = rulings(door, belief, without);
  const allowed = ACTIONS.filter(({ id }) => !ruledOut.some((r) => r.action === id));
  const unknown = board.stations.flatMap((id) => {
    const sdMm = Math.sqrt(expectAt(belief, id).variance);
    return sdMm > PLAN_UP_TO_SD_MM && id !== 'bolt.low' ? [{ station: id, sdMm }] : [];
  });
  const drawn = drawDoors(belief, board, seededRandom(seed), draws);
  const treat = ranked
    .filter(({ id, probability }) => probability >= TREAT_FROM && id !== 'nothingWrong')
    .map(({ id }) => cause(id))
    // Of causes of one place only one can be at work: the likeliest is treated.
    .filter(({ place }, i, all) => all.findIndex((each) => each.place === place) === i)
    .filter((each) => !isTreated(belief, each));
  const told = { id: lead.id, title: cause(lead.id).title, probability: lead.probability };
  const asItIs = meanOf(drawn.map(({ gaps }) => gaps));
  const misfitNow = misfitAfter(line, shiftsDone(belief));
  const nothing: FoundPlan = { hinges: [], planed: [], gaps: asItIs, misfit: misfitNow, outside: outsideBy(board, asItIs), price: 0 };
  const trial: Trial = { drawn, board, misfitNow, judged: judgedSides(observed), held: heldSides(belief) };
  const leftAlone = candidate([], [], nothing, trial, false);
  // A screw that is not there is no ruling to be told of.
  const base = { cause: told, unknown, ruledOut: ruledOut.filter(({ why }) => why !== NOT_ADJUSTABLE.why) };

  if (unknown.length > 0) {
    return {
      ...base,
      outcome: 'measure first',
      plans: [planOf('quickest', leftAlone, board, asItIs, door)],
      hingesAlone: { can: false, chanceTrue: 0 },
      lost: [],
      advice: adviceFor(door, belief, treat, false),
    };
  }
  const candidates = yield* candidatesFor(belief, trial, line, allowed, treat);
  const hingeOnly = candidates.filter((each) => isHingesOnly(each));
  const hingesAlone = {
    can: hingeOnly.some(({ found }) => found.outside <= DOES_WITHIN_MM) || share(leftAlone.isTrue) >= HINGES_DO_FROM,
    chanceTrue: Math.max(share(leftAlone.isTrue), ...hingeOnly.map(({ isTrue }) => share(isTrue))),
  };
  const needsNothing = outsideBy(board, asItIs) <= GAUGE_TELLS_MM && treat.length === 0 && share(leftAlone.isTrue) >= LEAVE_FROM;
  // Once the hinges have been set and every gap gauged, a chance that small is no longer for want of readings.
  const hingesFailed =
    belief.done.some(isSetting) && hingesAlone.chanceTrue < (isHalfChecked(observed, board) ? HINGES_FAIL_BELOW : HINGES_DO_FROM);
  const mayPlane = !hingesAlone.can || hingesFailed || treat.some(({ cures }) => cures.includes('planeLatch'));
  const able = candidates.filter((each) => each.found.planed.length === 0 || mayPlane);
  // Nothing that makes it true much less often than the best may win by being quick.
  const most = Math.max(0, ...able.map(({ isTrue }) => share(isTrue)));
  // To leave it alone is a plan only when it is likely true, or when nothing that can be done makes it likelier.
  // After work that was not gauged all round, to gauge it is worth more than to work on.
  const mayLeave = share(leftAlone.isTrue) >= (isHalfChecked(observed, board) ? NEARLY_AS_LIKELY * most : Math.min(LEAVE_FROM, most));
  const usable = [
    ...able.filter((each) => mayLeave || workKey(each) !== workKey(leftAlone)),
    ...(treat.length === 0 && mayLeave ? [leftAlone] : []),
  ].filter(({ isTrue }) => share(isTrue) >= NEARLY_AS_LIKELY * most);
  const first = needsNothing
    ? leftAlone
    : best(
        usable,
        'quickest',
        drawn.map(() => 1),
        leftAlone,
      );
  const isWaiting = first.sides.some(({ action: { effect } }) => effect.kind === 'wait' && effect.cures.includes('swollenSlab'));
  const chosen: [PlanAim, Candidate][] = [['quickest', first]];
  if (!needsNothing && !isWaiting) {
    const lasting = best(
      usable.filter(({ hidesCause }) => !hidesCause),
      'lasting',
      drawn.map(() => 1),
      first,
    );
    if (!isSame(lasting, first)) chosen.push(['lasting', lasting]);
    const failed = first.isTrue.map((ended) => (ended ? 0 : 1));
    const failedCount = failed.filter((each) => each === 1).length;
    if (failedCount >= drawn.length / 50) {
      const next = best(
        able.filter((each) => !isSame(each, first)),
        'if that fails',
        failed,
        first,
      );
      const helps = next.isTrue.filter((ended, i) => ended && failed[i] === 1).length >= WORTH_TRYING * failedCount;
      if (helps && !chosen.some(([, each]) => isSame(each, next))) chosen.push(['if that fails', next]);
    }
  }
  const fallsShort = chosen.every(([, { found }]) => found.outside > DOES_WITHIN_MM);
  return {
    ...base,
    outcome: needsNothing ? 'true' : isWaiting ? 'wait' : fallsShort ? 'falls short' : 'cures',
    plans: chosen.map(([aim, each]) => planOf(aim, each, board, asItIs, door)),
    hingesAlone,
    lost: lostPlans(
      able,
      chosen.map(([, each]) => each),
      first,
    ),
    advice: adviceFor(door, belief, treat, fallsShort),
  };
}

/** Whether the work done last was followed by fewer readings than the gaps there are. */
function isHalfChecked({ rounds = [] }: Observed, { stations }: GapBoard): boolean {
  const last = rounds[rounds.length - 1];
  return last !== undefined && last.done.length > 0 && !stations.every((id) => last.readings.some((reading) => reading.station === id));
}

function isSetting({ action: id }: DoneStep): boolean {
  const { effect } = action(id);
  return effect.kind === 'shift' || effect.kind === 'lower';
}

function best(candidates: readonly Candidate[], aim: PlanAim, weights: readonly number[], otherwise?: Candidate): Candidate {
  const { chance, holds, minute } = AIMS[aim];
  const total = weights.reduce((sum, each) => sum + each, 0);
  const value = (each: Candidate) =>
    (chance * each.isTrue.reduce((sum, ended, i) => sum + (ended ? (weights[i] ?? 0) : 0), 0)) / total +
    holds * each.holds -
    minute * each.minutes -
    IRREVERSIBILITY_PRICE * each.irreversibility -
    OUTSIDE_VALUE * each.found.outside;
  const [first] = [...candidates].sort((a, b) => value(b) - value(a));
  const chosen = first ?? otherwise;
  if (chosen === undefined) throw new RangeError('There is always the door as it is.');
  return chosen;
}

/** What is left outside counts even where nothing makes the door wholly true, minutes a millimetre. */
const OUTSIDE_VALUE = 6;

function rulings(door: HingedDoor, belief: Belief, without: readonly ActionId[]): Correction['ruledOut'] {
  const noPlaning = causeChances(belief)
    .filter(({ probability }) => probability >= FORBID_FROM)
    .flatMap(({ id }) => cause(id).forbidsPlaning ?? [])[0];
  return ACTIONS.flatMap((each) => {
    const { id, title, forbidden, effect } = each;
    if (isForbiddenOn(each, door)) return [{ action: id, title, why: forbidden.why }];
    if (effect.kind === 'plane' && noPlaning !== undefined) return [{ action: id, title, why: noPlaning }];
    const bySchool = leftOutBySchool(door.schools, id);
    if (bySchool !== undefined) return [{ action: id, title, why: bySchool }];
    return without.includes(id) ? [{ action: id, title, why: 'Left out at your wish.' }] : [];
  });
}

function adviceFor(door: HingedDoor, belief: Belief, treat: readonly Cause[], fallsShort: boolean): string[] {
  const ranked = causeChances(belief);
  const [first, second] = ranked;
  const chanceOf = (id: CauseId) => ranked.find((each) => each.id === id)?.probability ?? 0;
  const isClose =
    first !== undefined && second !== undefined && second.probability > first.probability / 2 && !treat.some(({ id }) => id === second.id);
  const rivals = treat.flatMap(({ id, place }) =>
    ranked.filter((each) => each.id !== id && cause(each.id).place === place && each.probability > chanceOf(id) / 2),
  );
  const close = [...new Set([...(isClose ? [second.id] : []), ...rivals.map((each) => each.id)])];
  const own = treat.flatMap(({ advice }) => advice ?? []);
  return [
    ...(door.fireRated ? [CAUTIONS.fireDoor] : []),
    ...own,
    ...close.map((id) => `It could as well be: ${cause(id).title.toLowerCase()}. Settle that before the first step.`),
    ...(fallsShort && own.length === 0 ? ['The hinges and a plane cannot make this door true. Look at the lining, or measure again.'] : []),
  ];
}
