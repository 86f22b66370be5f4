import { seededRandom } from '../chance/seededRandom';
import { ACTIONS, action, type Action } from './actions';
import type { ActionId } from './actionIds';
import { believe, causeChances, expectAt, type Belief } from './belief';
import { cause, type Cause, type CauseId } from './causes';
import { CAUTIONS } from './cautions';
import { placeHinges, type HingedDoor } from './door';
import { cured, drawDoors, endsTrue, type DrawnDoor, type SideWork } from './drawnDoors';
import { gapBoard, gapChanges, outsideBy, stationOutside, unevenBy, type GapBoard, type Guard } from './gapsRound';
import { hingeLine, type HingeLine } from './hingeLine';
import { dot } from '../algebra/gaussian';
import { parameterIndex } from './parameters';
import { stepsOf, type PlannedStep, type SideStep } from './planSteps';
import { GAUGE_TELLS_MM, type EdgeId } from './profiles';
import type { Observed } from './readings';
import { searchPlans, type FoundPlan, type HingeChoice, type SearchSpace } from './searchPlan';
import { SET_POINT_STEP_MM, type SetPoint } from './setPoint';
import { side, SIDE_IDS, sideRow, type SideId } from './sides';
import { STATE_SIZE, station, type StationId } from './stations';

/** A figure before and after the plan, mm. */
export interface GapMove {
  station: StationId;
  beforeMm: number;
  afterMm: number;
}

/**
 * `measure first`: too little is known to plan. `true`: leave it alone. `cures`: ends inside the profile. `wait`: nothing is to
 * be cut or set until the door has dried. `falls short`: the best that can be done here.
 */
export type PlanOutcome = 'measure first' | 'true' | 'cures' | 'wait' | 'falls short';

/** Least minutes; what holds longest; what to do when the first did not make it true. */
export type PlanAim = 'quickest' | 'lasting' | 'if that fails';

export interface Plan {
  aim: PlanAim;
  steps: PlannedStep[];
  minutes: number;
  /** Chance that everything is inside the profile at the first check, 0 to 1. */
  chanceTrue: number;
  /** Chance that all of it still holds in two years, 0 to 1. */
  holds: number;
  gaps: GapMove[];
  /** Figures still outside after the plan, by how much, mm. */
  outside: { station: StationId; mm: number }[];
  /** Edges whose gaps still differ by more than the profile allows, by how much, mm. */
  uneven: { edge: EdgeId; mm: number }[];
  /** Hinges left off the line of the others, mm: they bind unless eased. */
  misfit: { hinge: string; mm: number }[];
}

/** A way that was tried and did not win. */
export interface LostPlan {
  says: string;
  why: string;
}

export interface Correction {
  outcome: PlanOutcome;
  cause: { id: CauseId; title: string; probability: number };
  /** One to three, the quickest first. */
  plans: Plan[];
  /** Whether setting the hinges, and what holds them, can make the door true. */
  hingesAlone: { can: boolean; chanceTrue: number };
  lost: LostPlan[];
  /** Gaps too little known to plan by, with their doubt, mm (standard deviation). */
  unknown: { station: StationId; sdMm: number }[];
  /** Actions that were not allowed here, and why. */
  ruledOut: { action: ActionId; title: string; why: string }[];
  advice: string[];
}

export interface PlanOptions {
  /** Actions the technician will not do today. */
  without?: readonly ActionId[];
  seed?: number;
  /** Doors drawn for the chance; its standard error is at most 0.5/√draws. */
  draws?: number;
}

/** A butt hinge gives this much before it binds, mm (common practice, no source). */
const MISFIT_ALLOWED_MM = 0.8;
const MISFIT_WORTH_SAYING_MM = 0.4;
/** Minutes a technician would rather spend than make one step less reversible. */
const IRREVERSIBILITY_PRICE = 4;
/** From this chance on a cause is treated before anything is hidden. */
const TREAT_FROM = 0.35;
/** From this chance on what a cause forbids is forbidden. */
const FORBID_FROM = 0.2;
/** A gap less well known than this is measured before anything is planned by it, mm (standard deviation). */
const PLAN_UP_TO_SD_MM = 1.5;
/** Kept clear of a limit: this many standard deviations, and never less than this, mm. */
const GUARD_SDS = 0.8;
const GUARD_LEAST_MM = 0.1;
const DRAWS = 240;
/** Plans of one set of cures that are tried on the drawn doors. */
const TRIED = 12;
/** Hinges alone will do when they leave no more than this outside, mm, or make it true with this chance. */
const HINGES_DO_WITHIN_MM = 0.3;
const HINGES_DO_FROM = 0.3;
/** Something for when the first plan fails is told when it helps in this share of those cases. */
const WORTH_TRYING = 0.05;
/** A door as likely true as this is left alone. */
const LEAVE_FROM = 0.7;
/** A plan is in the running when it makes the door true at least this often, as a share of the best. */
const NEARLY_AS_LIKELY = 0.85;
/** Work on the frame takes at least this long; the quickest plan may hide what only such work cures, minutes. */
const FRAME_WORK_FROM = 45;
const EVEN_EDGES = ['hinge', 'head', 'latch'] as const satisfies readonly EdgeId[];

/** What an aim gives for a chance of being true, for lasting, and for each minute. */
const AIMS: Readonly<Record<PlanAim, { chance: number; holds: number; minute: number }>> = {
  quickest: { chance: 200, holds: 0, minute: 1 },
  lasting: { chance: 200, holds: 150, minute: 0.4 },
  'if that fails': { chance: 200, holds: 30, minute: 0.6 },
};

interface Candidate {
  cures: readonly Action[];
  setPoints: readonly SetPoint[];
  sides: readonly SideStep[];
  found: FoundPlan;
  /** By drawn door, whether it ends true. */
  isTrue: readonly boolean[];
  minutes: number;
  irreversibility: number;
  holds: number;
  hidesCause: boolean;
}

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
  return planFor(observed, believe(observed), options);
}

/** The same for a belief that is already there. */
export function planFor(observed: Observed, belief: Belief, { without = [], seed = 1, draws = DRAWS }: PlanOptions = {}): Correction {
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
    .filter((each) => !isTreated(belief, each));
  const told = { id: lead.id, title: cause(lead.id).title, probability: lead.probability };
  const asItIs = meanOf(drawn.map(({ gaps }) => gaps));
  const nothing: FoundPlan = { hinges: [], planed: [], gaps: asItIs, misfit: [], outside: outsideBy(board, asItIs), price: 0 };
  const trial: Trial = { drawn, board, judged: judgedSides(observed), held: heldSides(belief) };
  const leftAlone = candidate([], [], nothing, trial, false);
  const base = { cause: told, unknown, ruledOut };

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
  const candidates = candidatesFor(belief, trial, line, allowed, treat);
  const hingeOnly = candidates.filter((each) => isHingesOnly(each));
  const hingesAlone = {
    can: hingeOnly.some(({ found }) => found.outside <= HINGES_DO_WITHIN_MM) || share(leftAlone.isTrue) >= HINGES_DO_FROM,
    chanceTrue: Math.max(share(leftAlone.isTrue), ...hingeOnly.map(({ isTrue }) => share(isTrue))),
  };
  const needsNothing = outsideBy(board, asItIs) <= GAUGE_TELLS_MM && treat.length === 0 && share(leftAlone.isTrue) >= LEAVE_FROM;
  // Once work has been done and checked, a chance that small is no longer for want of readings.
  const hingesFailed = belief.done.length > 0 && hingesAlone.chanceTrue < HINGES_DO_FROM;
  const mayPlane = !hingesAlone.can || hingesFailed || treat.some(({ cures }) => cures.includes('planeLatch'));
  const able = candidates.filter((each) => each.found.planed.length === 0 || mayPlane);
  // Nothing that makes it true much less often than the best may win by being quick.
  const most = Math.max(0, ...able.map(({ isTrue }) => share(isTrue)));
  // To leave it alone is a plan only when it is likely true, or when nothing that can be done makes it likelier.
  const mayLeave = share(leftAlone.isTrue) >= Math.min(LEAVE_FROM, most);
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
  const fallsShort = chosen.every(([, { found }]) => found.outside > HINGES_DO_WITHIN_MM);
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

function candidatesFor(belief: Belief, trial: Trial, line: HingeLine, allowed: readonly Action[], treat: readonly Cause[]): Candidate[] {
  const { drawn, board } = trial;
  const { door } = belief;
  const spaceOf = (start: Float64Array, guard: Guard, mustUse: readonly ActionId[], mayPlane: boolean): SearchSpace => ({
    board,
    start,
    guard,
    mustUse,
    line,
    misfitAllowedMm: MISFIT_ALLOWED_MM,
    atHinge: [
      ...line.moves.map((move, hinge) =>
        allowed.flatMap((a) => hingeChoices(a, hinge, gapChanges(board, door, move), belief.learned.get(a.id))),
      ),
      allowed.flatMap((a) => lowerChoices(a, gapChanges(board, door, LOWERED), belief.learned.get(a.id))),
    ],
    planes: mayPlane ? allowed.filter(({ effect }) => effect.kind === 'plane').map((a) => ({ action: a, price: priceOf(a, 1) })) : [],
    strikes: allowed.flatMap((a) => (a.effect.kind === 'strike' ? [{ action: a, upToMm: a.effect.upToMm, price: priceOf(a, 1) }] : [])),
  });
  const ways = waysToTreat(belief, allowed, treat).flatMap((way) => setPointsFor(way, trial).map((setPoints) => ({ ...way, setPoints })));
  return ways.flatMap(({ cures, mustUse, sides, hidesCause, setPoints }) => {
    const after = drawn.map((each) => cured(each, cures, board, setPoints));
    const start = meanOf(after);
    const guard = guardFrom(board, after, start);
    const plain = searchPlans(spaceOf(start, guard, mustUse, false), TRIED);
    const needsTimber = plain.length === 0 || belief.done.length > 0 || plain.every(({ outside }) => outside > HINGES_DO_WITHIN_MM);
    const planed = needsTimber
      ? searchPlans(spaceOf(start, guard, mustUse, true), TRIED).filter(({ planed: lines }) => lines.length > 0)
      : [];
    return [...plain, ...planed].map((found) => candidate(cures, sides, found, trial, hidesCause, after, setPoints));
  });
}

/** The sides that something has been read of; a cause that is treated has its side judged with it. */
function judgedSides({ readings, rounds = [] }: Observed): Set<SideId> {
  const read = new Set([...readings, ...rounds.flatMap((round) => round.readings)].map((reading) => reading.station));
  return new Set(SIDE_IDS.filter((id) => side(id).readAt.some((each) => read.has(each))));
}

function heldSides({ done }: Belief): SideWork {
  const held: SideWork = {};
  for (const { action: id } of done) {
    const { effect } = action(id);
    if (effect.kind !== 'hold') continue;
    const known = held[effect.side];
    held[effect.side] = { againstMm: effect.againstMm + (known !== undefined && 'againstMm' in known ? known.againstMm : 0) };
  }
  return held;
}

/** Less than this share of a fault's usual size left, and it has been treated. */
const TREATED_BELOW = 0.4;

/** Whether work already done has dealt with a cause: the magnitude that is left is small, or there is none to gauge. */
function isTreated(belief: Belief, { id, cures }: Cause): boolean {
  if (!belief.done.some((step) => cures.includes(step.action))) return false;
  let left = 0;
  let usual = 0;
  for (const { hypothesis, posterior, probability } of belief.held) {
    hypothesis.directions.forEach((place, a) => {
      const direction = belief.space.directions[place];
      if (direction?.cause.id !== id) return;
      left += probability * Math.abs(posterior.mean[STATE_SIZE + a] ?? 0);
      usual += probability * Math.abs(direction.mean);
    });
  }
  const isSetting = cures.every((each) => ['shift', 'lower', 'set', 'hold', 'strike', 'plane', 'wait'].includes(action(each).effect.kind));
  return isSetting || usual === 0 || left / usual < TREATED_BELOW;
}

/** One millimetre down, all of the slab. */
const LOWERED = (() => {
  const move = new Float64Array(STATE_SIZE);
  move[parameterIndex('headGap')] = 1;
  return move;
})();

interface Way {
  cures: readonly Action[];
  /** Of these one must be among the hinge settings. */
  mustUse: readonly ActionId[];
  sides: readonly SideStep[];
  hidesCause: boolean;
}

/** Every way to treat what is likely, each cause by each of its cures, and what may be hidden for the quickest plan. */
function waysToTreat(belief: Belief, allowed: readonly Action[], treat: readonly Cause[]): Way[] {
  const may = (id: ActionId) => allowed.find((a) => a.id === id);
  return treat.reduce<Way[]>(
    (ways, each) => {
      const treatments = each.cures.flatMap((id) => may(id) ?? []);
      const further = treatments.flatMap((a): ((way: Way) => Way)[] => {
        const { effect } = a;
        if (effect.kind === 'cure') return [(way) => (way.cures.includes(a) ? way : { ...way, cures: [...way.cures, a] })];
        if (effect.kind === 'shift' || effect.kind === 'lower') return [(way) => ({ ...way, mustUse: [...way.mustUse, a.id] })];
        if (effect.kind === 'hold') return [(way) => ({ ...way, sides: [...way.sides, { action: a, mm: 1 }] })];
        if (effect.kind === 'set') return [(way) => ({ ...way, sides: [...way.sides, { action: a, mm: offBy(belief, a) }] })];
        if (effect.kind === 'wait') return [(way) => ({ ...way, sides: [...way.sides, { action: a, mm: 1 }] })];
        return [];
      });
      const isFrameWork = treatments.length > 0 && treatments.every(({ minutes }) => minutes.first >= FRAME_WORK_FROM);
      const hidden =
        isFrameWork || further.length === 0 ? [(way: Way): Way => ({ ...way, hidesCause: way.hidesCause || isFrameWork })] : [];
      // Cures that set hinges go together: any one of them treats the cause.
      const setting = further.length > 0 && treatments.every(({ effect }) => effect.kind === 'shift' || effect.kind === 'lower');
      const steps = setting ? [(way: Way): Way => further.reduce((sum, take) => take(sum), way)] : [...further, ...hidden];
      return ways.flatMap((way) => steps.map((take) => take(way)));
    },
    [{ cures: [], mustUse: [], sides: [], hidesCause: false }],
  );
}

/** Set points that are searched on from, and doors they are compared on. */
const SET_POINTS_KEPT = 2;
const COMPARED_ON = 80;

/**
 * Where the watched work of a way may be stopped: as far as it goes, or at the gaps inside the limits that leave the drawn
 * doors least outside. Watched, the gap is known when the work is done, however little was known of the fault.
 */
function setPointsFor({ cures }: Way, { drawn, board }: Trial): SetPoint[][] {
  const compared = drawn.slice(0, COMPARED_ON);
  const points = cures.flatMap(({ id, effect }): SetPoint[] => {
    const at = effect.kind === 'cure' && effect.watched ? board.stations.indexOf(effect.watched) : -1;
    const limit = board.limits[at];
    const station_ = board.stations[at];
    if (limit === undefined || station_ === undefined) return [];
    const steps = Math.floor((limit.max - limit.min) / SET_POINT_STEP_MM);
    return Array.from({ length: steps + 1 }, (_, i) => ({ action: id, station: station_, mm: limit.min + i * SET_POINT_STEP_MM }));
  });
  const leaves = (point: SetPoint) => compared.reduce((sum, door) => sum + outsideBy(board, cured(door, cures, board, [point])), 0);
  const ranked = points.map((point) => ({ point, outside: leaves(point) })).sort((a, b) => a.outside - b.outside);
  return [[], ...ranked.slice(0, SET_POINTS_KEPT).map(({ point }) => [point])];
}

/** How far a side is from its target, mm. */
function offBy(belief: Belief, { effect }: Action): number {
  if (effect.kind !== 'set') return 0;
  const { target } = side(effect.side);
  return belief.held.reduce(
    (sum, { posterior, probability }) =>
      sum + probability * (dot(sideRow(effect.side, posterior.mean.length).coefficients, posterior.mean) - target),
    0,
  );
}

/** What candidates are judged on. */
interface Trial {
  drawn: readonly DrawnDoor[];
  board: GapBoard;
  judged: ReadonlySet<SideId>;
  /** What earlier work already holds. */
  held: SideWork;
}

function candidate(
  cures: readonly Action[],
  sides: readonly SideStep[],
  found: FoundPlan,
  { drawn, board, judged, held }: Trial,
  hidesCause: boolean,
  after: readonly Float64Array[] = drawn.map(({ gaps }) => gaps),
  setPoints: readonly SetPoint[] = [],
): Candidate {
  const sideWork: SideWork = { ...held };
  for (const {
    action: { effect },
  } of sides) {
    if (effect.kind === 'set') sideWork[effect.side] = { leftSdMm: effect.leftSdMm };
    if (effect.kind === 'hold') sideWork[effect.side] = { againstMm: effect.againstMm };
  }
  const work = [
    ...cures.map((a) => ({ a, amount: 1 })),
    ...sides.map(({ action: a }) => ({ a, amount: 1 })),
    ...found.hinges.map(({ action: a, amount }) => ({ a, amount })),
    ...found.planed.map(({ edge }) => ({ a: action(edge === 'head' ? 'planeHead' : 'planeLatch'), amount: 1 })),
    ...(found.strike ? [{ a: found.strike.choice.action, amount: 1 }] : []),
  ];
  return {
    cures,
    setPoints,
    sides,
    found,
    isTrue: drawn.map((door, i) => endsTrue(door, after[i] ?? door.gaps, found, sideWork, judged, board)),
    minutes: work.reduce((sum, { a, amount }) => sum + minutesOf(a, amount), 0),
    irreversibility: work.reduce((sum, { a }) => sum + a.irreversibility, 0),
    holds: work.reduce((least, { a }) => Math.min(least, a.holds), 1),
    hidesCause,
  };
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

const share = (ended: readonly boolean[]) => ended.filter(Boolean).length / Math.max(1, ended.length);

const isSame = (a: Candidate, b: Candidate) => workKey(a) === workKey(b);

const workKey = ({ cures, setPoints, sides, found: { hinges, planed, strike } }: Candidate) =>
  [
    ...cures.map(({ id }) => id),
    ...setPoints.map((point) => `${point.action}:${point.mm}`),
    ...sides.map((each) => each.action.id),
    ...hinges.map(({ action: a, hinge, amount }) => `${a.id}@${hinge}×${amount}`),
    ...planed.map(({ edge, fromMm, toMm }) => `${edge}:${fromMm}-${toMm}`),
    strike?.choice.action.id ?? '',
  ].join();

/** What holds the hinges, put right: it counts as the hinges' own work. */
export const HINGE_WORK: readonly ActionId[] = [
  'tighten',
  'tightenBottom',
  'fillHoles',
  'longScrew',
  'longScrewBottom',
  'replaceHinge',
  'wedgeHingeLeg',
];

/** Only hinges, and what holds them; the strike may follow the bolt. */
function isHingesOnly({ cures, found }: Candidate): boolean {
  return found.planed.length === 0 && cures.every(({ id }) => HINGE_WORK.includes(id));
}

function lostPlans(candidates: readonly Candidate[], chosen: readonly Candidate[], winner: Candidate): LostPlan[] {
  const seen = new Set(chosen.map((each) => waysOf(each)));
  const lost: LostPlan[] = [];
  const byChance = [...candidates].sort((a, b) => share(b.isTrue) - share(a.isTrue));
  for (const each of byChance) {
    const says = waysOf(each);
    if (says === '' || seen.has(says)) continue;
    seen.add(says);
    lost.push({ says, why: whyLost(each, winner) });
    if (lost.length === 4) break;
  }
  return lost;
}

function waysOf({ cures, sides, found: { hinges, planed, strike } }: Candidate): string {
  const titles = [
    ...cures.map(({ title }) => title),
    ...hinges.map((each) => each.action.title),
    ...planed.map(({ edge }) => action(edge === 'head' ? 'planeHead' : 'planeLatch').title),
    ...sides.map((each) => each.action.title),
    ...(strike ? [strike.choice.action.title] : []),
  ];
  return [...new Set(titles)].join(', then ');
}

function whyLost(each: Candidate, winner: Candidate): string {
  const chance = Math.round((share(winner.isTrue) - share(each.isTrue)) * 100);
  const longer = Math.round(each.minutes - winner.minutes);
  if (chance >= 5) return `true at the first check less often, by ${chance} in 100`;
  if (longer >= 5) return `takes ${longer} minutes longer for no better chance`;
  return each.irreversibility > winner.irreversibility ? 'less easily undone for no better chance' : 'no better, and holds less long';
}

function planOf(aim: PlanAim, each: Candidate, board: GapBoard, before: Float64Array, door: HingedDoor): Plan {
  const { found } = each;
  const hinges = placeHinges(door);
  return {
    aim,
    steps: stepsOf(found, each.cures, each.sides, hinges, each.setPoints),
    minutes: each.minutes,
    chanceTrue: share(each.isTrue),
    holds: each.holds,
    gaps: board.stations.map((id, i) => ({ station: id, beforeMm: before[i] ?? 0, afterMm: found.gaps[i] ?? 0 })),
    outside: board.stations.flatMap((id, i) => {
      const mm = stationOutside(board, found.gaps, i, 0);
      return mm > 0 ? [{ station: id, mm }] : [];
    }),
    uneven: board.evenEdges.flatMap((edge, i) => {
      const mm = unevenBy(board, found.gaps, edge, 0);
      const name = EVEN_EDGES[i];
      return mm > 0 && name !== undefined ? [{ edge: name, mm }] : [];
    }),
    misfit: hinges.flatMap(({ name }, i) => {
      const mm = found.misfit[i] ?? 0;
      return Math.abs(mm) >= MISFIT_WORTH_SAYING_MM ? [{ hinge: name, mm }] : [];
    }),
  };
}

function meanOf(gaps: readonly Float64Array[]): Float64Array {
  const mean = new Float64Array(gaps[0]?.length ?? 0);
  for (const each of gaps) for (let i = 0; i < mean.length; i += 1) mean[i] = (mean[i] ?? 0) + (each[i] ?? 0) / gaps.length;
  return mean;
}

/** How well each figure, and the taper of each edge, is known: kept clear of the limits by that much. */
function guardFrom(board: GapBoard, gaps: readonly Float64Array[], mean: Float64Array): Guard {
  const spread = (of: (each: Float64Array) => number, middle: number) =>
    Math.sqrt(gaps.reduce((sum, each) => sum + (of(each) - middle) ** 2, 0) / Math.max(1, gaps.length));
  return {
    stations: Float64Array.from(mean, (middle, i) => GUARD_LEAST_MM + GUARD_SDS * spread((each) => each[i] ?? 0, middle)),
    edges: board.evenEdges.map((edge) => {
      const [from, to] = [edge[0] ?? 0, edge[edge.length - 1] ?? 0];
      return GUARD_LEAST_MM + GUARD_SDS * spread((each) => (each[from] ?? 0) - (each[to] ?? 0), (mean[from] ?? 0) - (mean[to] ?? 0));
    }),
  };
}

function hingeChoices(a: Action, hinge: number, perMm: Float64Array, learned = 1): HingeChoice[] {
  const { effect } = a;
  if (effect.kind !== 'shift') return [];
  return a.amounts.map((amount) => {
    const shiftMm = amount * effect.mmPerUnit * learned;
    return { action: a, hinge, amount, shiftMm, changes: perMm.map((change) => change * shiftMm), price: priceOf(a, amount) };
  });
}

function lowerChoices(a: Action, perMm: Float64Array, learned = 1): HingeChoice[] {
  const { effect } = a;
  if (effect.kind !== 'lower') return [];
  return a.amounts.map((amount) => ({
    action: a,
    hinge: -1,
    amount,
    shiftMm: 0,
    changes: perMm.map((change) => change * amount * effect.mmPerUnit * learned),
    price: priceOf(a, amount),
  }));
}

const minutesOf = ({ minutes }: Action, amount: number) => minutes.first + minutes.each * (Math.abs(amount) - 1);

const priceOf = (a: Action, amount: number) => minutesOf(a, amount) + IRREVERSIBILITY_PRICE * a.irreversibility;

function rulings(door: HingedDoor, belief: Belief, without: readonly ActionId[]): Correction['ruledOut'] {
  const noPlaning = causeChances(belief)
    .filter(({ probability }) => probability >= FORBID_FROM)
    .flatMap(({ id }) => cause(id).forbidsPlaning ?? [])[0];
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

function adviceFor(door: HingedDoor, belief: Belief, treat: readonly Cause[], fallsShort: boolean): string[] {
  const [first, second] = causeChances(belief);
  const isClose =
    first !== undefined && second !== undefined && second.probability > first.probability / 2 && !treat.some(({ id }) => id === second.id);
  const own = treat.flatMap(({ advice }) => advice ?? []);
  return [
    ...(door.fireRated ? [CAUTIONS.fireDoor] : []),
    ...own,
    ...(isClose ? [`It could as well be: ${cause(second.id).title.toLowerCase()}. Settle that before the first step.`] : []),
    ...(fallsShort && own.length === 0 ? ['The hinges and a plane cannot make this door true. Look at the lining, or measure again.'] : []),
  ];
}
