import { seededRandom } from '../chance/seededRandom';
import { ACTIONS, action, type Action, type ActionId } from './actions';
import { believe, expectAt, type Belief, type HeldHypothesis } from './belief';
import type { CauseId } from './causes';
import { CAUTIONS } from './cautions';
import { chanceTrue } from './chanceTrue';
import { placeHinges, type HingedDoor } from './door';
import { gapBoard, gapChanges, gapsAt, outsideBy, stationOutside, unevenBy, type GapBoard } from './gapsRound';
import { hingeLine, type HingeLine } from './hingeLine';
import { stepsOf, type PlannedStep } from './planSteps';
import type { EdgeId } from './profiles';
import type { Observed } from './readings';
import { leavesOutside, searchPlan, type CureChoice, type FoundPlan, type HingeChoice, type SearchSpace } from './searchPlan';
import { station, type StationId } from './stations';

/** A gap before and after the plan, mm. */
export interface GapMove {
  station: StationId;
  beforeMm: number;
  afterMm: number;
}

/**
 * `measure first`: too little is known to plan. `true`: leave it alone. `cures`: ends inside the profile. `falls short`:
 * the best that these actions can do.
 */
export type PlanOutcome = 'measure first' | 'true' | 'cures' | 'falls short';

export interface Plan {
  outcome: PlanOutcome;
  cause: { id: CauseId; title: string; probability: number };
  steps: PlannedStep[];
  minutes: number;
  /** Chance that all gaps are inside the profile at the first check, 0 to 1. */
  chanceTrue: number;
  gaps: GapMove[];
  /** Gaps still outside after the plan, by how much, mm. */
  outside: { station: StationId; mm: number }[];
  /** Edges whose gaps still differ by more than the profile allows, by how much, mm. */
  uneven: { edge: EdgeId; mm: number }[];
  /** Gaps too little known to plan by, with their doubt, mm (standard deviation). */
  unknown: { station: StationId; sdMm: number }[];
  /** Hinges left off the line of the others, mm: they bind unless eased. */
  misfit: { hinge: string; mm: number }[];
  /** Actions that were not allowed here, and why. */
  ruledOut: { action: ActionId; title: string; why: string }[];
  advice: string[];
}

export interface PlanOptions {
  /** Actions the technician will not do today. */
  without?: readonly ActionId[];
  seed?: number;
}

/** Kept clear of the limits, since a gap planned at its limit is outside it half the time, mm. */
const GUARD_MM = 0.2;
/** A butt hinge gives this much before it binds, mm (common practice, no source). */
const MISFIT_ALLOWED_MM = 0.8;
const MISFIT_WORTH_SAYING_MM = 0.4;
/** Minutes a technician would rather spend than make one step less reversible. */
const IRREVERSIBILITY_PRICE = 4;
/** From this chance on a cause is treated before anything is hidden, and a swollen slab is not planed. */
const TREAT_FROM = 0.3;
const FORBID_FROM = 0.25;
/** A gap less well known than this is measured before anything is planned by it, mm (standard deviation). */
const PLAN_UP_TO_SD_MM = 1.5;
const DRAWS = 600;
const EVEN_EDGES = ['hinge', 'head', 'latch'] as const satisfies readonly EdgeId[];

/**
 * The best correction of a hinged door inside its tolerance profile: the likely cause treated first, then the cheapest
 * hinge settings and, last, timber off an edge.
 *
 * @throws DomainError when the door, a reading or a finding makes no sense
 */
export function planCorrections(observed: Observed, { without = [], seed = 1 }: PlanOptions = {}): Plan {
  const { door } = observed;
  const belief = believe(observed);
  const leading = belief.held[0];
  const lead = leading?.hypothesis.causes[0];
  if (leading === undefined || lead === undefined) throw new RangeError('A belief holds at least one hypothesis.');

  const board = gapBoard(
    door,
    observed.readings.some((r) => station(r.station).edge === 'foot'),
  );
  const line = hingeLine(door, leading.hypothesis.size);
  const ruledOut = rulings(door, belief, without);
  const allowed = ACTIONS.filter(({ id }) => !ruledOut.some((r) => r.action === id));
  const treats = leading.probability >= TREAT_FROM ? lead.cures : [];
  const start = gapsAt(board, door, leading.posterior.mean);
  const unknown = board.stations.flatMap((id) => {
    const sdMm = Math.sqrt(expectAt(belief, id).variance);
    return sdMm > PLAN_UP_TO_SD_MM ? [{ station: id, sdMm }] : [];
  });
  const isTrue = outsideBy(board, start, 0) === 0 && treats.length === 0;
  const asItIs: FoundPlan = { hinges: [], planed: [], gaps: start, misfit: [], outside: outsideBy(board, start, 0), price: 0, visited: 0 };
  const found =
    isTrue || unknown.length > 0 ? asItIs : worthDoing(searchPlan(spaceFor(board, start, line, door, leading, allowed, treats)), asItIs);

  const steps = stepsOf(found, placeHinges(door));
  const outside = board.stations.flatMap((id, i) => {
    const mm = stationOutside(board, found.gaps, i, 0);
    return mm > 0 ? [{ station: id, mm }] : [];
  });
  const fallsShort = unknown.length === 0 && leavesOutside(found);
  return {
    outcome: outcomeOf(unknown.length > 0, isTrue, fallsShort),
    cause: { id: lead.id, title: lead.title, probability: leading.probability },
    steps,
    minutes: steps.reduce((sum, step) => sum + step.minutes, 0),
    chanceTrue: chanceTrue(belief, found, board, line, seededRandom(seed), DRAWS),
    gaps: board.stations.map((id, i) => ({ station: id, beforeMm: start[i] ?? 0, afterMm: found.gaps[i] ?? 0 })),
    outside: unknown.length > 0 ? [] : outside,
    uneven: board.evenEdges.flatMap((edge, i) => {
      const mm = unevenBy(board, found.gaps, edge, 0);
      const name = EVEN_EDGES[i];
      return mm > 0 && unknown.length === 0 && name !== undefined ? [{ edge: name, mm }] : [];
    }),
    unknown,
    misfit: placeHinges(door).flatMap(({ name }, i) => {
      const mm = found.misfit[i] ?? 0;
      return Math.abs(mm) >= MISFIT_WORTH_SAYING_MM ? [{ hinge: name, mm }] : [];
    }),
    ruledOut,
    advice: adviceFor(door, belief, fallsShort, lead.advice),
  };
}

/** A plan that neither treats the cause nor brings the gaps at least half-way is not worth touching the hinges for. */
function worthDoing(found: FoundPlan, asItIs: FoundPlan): FoundPlan {
  const helps = found.cure !== undefined || !leavesOutside(found) || found.outside <= asItIs.outside / 2;
  return helps ? found : asItIs;
}

function outcomeOf(tooLittleKnown: boolean, isTrue: boolean, fallsShort: boolean): PlanOutcome {
  if (tooLittleKnown) return 'measure first';
  if (isTrue) return 'true';
  return fallsShort ? 'falls short' : 'cures';
}

function spaceFor(
  board: GapBoard,
  start: Float64Array,
  line: HingeLine,
  door: HingedDoor,
  leading: HeldHypothesis,
  allowed: readonly Action[],
  treats: readonly ActionId[],
): SearchSpace {
  const cures = allowed
    .filter(({ id, effect }) => effect.kind === 'cure' && treats.includes(id))
    .map((a) => cureChoice(a, board, door, leading));
  const curedAtHinge = treats.filter((id) => action(id).effect.kind === 'shift' && allowed.some((a) => a.id === id));
  return {
    board,
    start,
    cures,
    atHinge: line.moves.map((move, hinge) => allowed.flatMap((a) => hingeChoices(a, hinge, gapChanges(board, door, move)))),
    mustUse: cures.length > 0 ? [] : curedAtHinge,
    planes: allowed.filter(({ effect }) => effect.kind === 'plane').map((a) => ({ action: a, price: priceOf(a, 1) })),
    line,
    guardMm: GUARD_MM,
    misfitAllowedMm: MISFIT_ALLOWED_MM,
  };
}

function cureChoice(cure: Action, board: GapBoard, door: HingedDoor, { hypothesis, posterior }: HeldHypothesis): CureChoice {
  const changes = new Float64Array(board.stations.length);
  if (cure.effect.kind === 'cure') {
    for (const [id, moves] of hypothesis.faultMoves) {
      if (!cure.effect.cures.includes(id)) continue;
      const taken = (posterior.mean[hypothesis.faultIndex.get(id) ?? 0] ?? 0) * cure.effect.share;
      gapChanges(board, door, moves).forEach((change, i) => {
        changes[i] = (changes[i] ?? 0) - change * taken;
      });
    }
  }
  return { action: cure, changes, price: priceOf(cure, 1) };
}

function hingeChoices(a: Action, hinge: number, perMm: Float64Array): HingeChoice[] {
  const { effect } = a;
  if (effect.kind !== 'shift') return [];
  return a.amounts.map((amount) => {
    const shiftMm = amount * effect.mmPerUnit;
    return { action: a, hinge, amount, shiftMm, changes: perMm.map((change) => change * shiftMm), price: priceOf(a, amount) };
  });
}

function priceOf({ minutes, irreversibility }: Action, amount: number): number {
  return minutes.first + minutes.each * (Math.abs(amount) - 1) + IRREVERSIBILITY_PRICE * irreversibility;
}

function rulings(door: HingedDoor, belief: Belief, without: readonly ActionId[]): Plan['ruledOut'] {
  const noPlaning = belief.held
    .filter(({ probability }) => probability >= FORBID_FROM)
    .flatMap(({ hypothesis }) => hypothesis.causes.flatMap(({ forbidsPlaning }) => forbidsPlaning ?? []))[0];
  return ACTIONS.flatMap(({ id, title, forbidden, effect }) => {
    const byDoor =
      (forbidden.fireRated === true && door.fireRated) ||
      forbidden.hingeKinds?.includes(door.hingeKind) === true ||
      forbidden.slabKinds?.includes(door.slabKind) === true;
    if (byDoor) return [{ action: id, title, why: forbidden.why }];
    if (effect.kind === 'plane' && noPlaning !== undefined) return [{ action: id, title, why: noPlaning }];
    return without.includes(id) ? [{ action: id, title, why: 'Left out at your wish.' }] : [];
  });
}

function adviceFor(door: HingedDoor, { held }: Belief, fallsShort: boolean, leadAdvice: string | undefined): string[] {
  const second = held[1];
  const first = held[0];
  const isClose = first !== undefined && second !== undefined && second.probability > first.probability / 2;
  const other = second?.hypothesis.causes[0];
  return [
    ...(door.fireRated ? [CAUTIONS.fireDoor] : []),
    ...(leadAdvice !== undefined ? [leadAdvice] : []),
    ...(isClose && other !== undefined ? [`It could as well be: ${other.title.toLowerCase()}. Settle that before the first step.`] : []),
    ...(fallsShort && leadAdvice === undefined
      ? ['The hinges and a plane cannot make this door true. Look at the lining, or measure again.']
      : []),
  ];
}
