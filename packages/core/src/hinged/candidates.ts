import { action, planingOf, type Action } from './actions';
import type { ActionId } from './actionIds';
import type { Belief } from './belief';
import type { Cause } from './causes';
import { placeHinges } from './door';
import { cured, endsTrue, type DrawnDoor, type SideWork } from './drawnDoors';
import { gapChanges, outsideBy, type GapBoard, type Guard } from './gapsRound';
import type { HingeLine } from './hingeLine';
import { lowered } from './moves';
import type { SideStep } from './planSteps';
import { GAUGE_TELLS_MM } from './profiles';
import type { Observed } from './readings';
import { searchPlans, type FoundPlan, type HingeChoice, type SearchSpace } from './searchPlan';
import { SET_POINT_STEP_MM, type SetPoint } from './setPoint';
import { side, SIDE_IDS, type SideId } from './sides';
import { STATE_SIZE } from './stations';
import type { Stepwise } from '../stepwise';
import { waysToTreat, type Way } from './waysToTreat';

/** A butt hinge gives this much before it binds, mm (common practice, no source). */
const MISFIT_ALLOWED_MM = 0.8;
/** Minutes a technician would rather spend than make one step less reversible. */
export const IRREVERSIBILITY_PRICE = 4;
/** Kept clear of a limit: this many standard deviations, and never less than this, mm. */
const GUARD_SDS = 0.8;
const GUARD_LEAST_MM = 0.1;
/** Plans of one set of cures that are tried on the drawn doors. */
const TRIED = 12;
/** What a plan leaves outside and may still be said to do, mm. */
export const DOES_WITHIN_MM = 0.3;

/** Work that may be proposed, tried on the drawn doors. */
export interface Candidate {
  cures: readonly Action[];
  setPoints: readonly SetPoint[];
  sides: readonly SideStep[];
  found: FoundPlan;
  /** By drawn door, whether it ends true, as plans are chosen by. */
  isTrue: readonly boolean[];
  /** The same to so many mm. */
  endsWithin: (mm: number) => boolean[];
  minutes: number;
  irreversibility: number;
  holds: number;
  hidesCause: boolean;
}

/** What candidates are judged on. */
export interface Trial {
  drawn: readonly DrawnDoor[];
  board: GapBoard;
  judged: ReadonlySet<SideId>;
  /** How far work so far has left each hinge off the line of all, mm. */
  misfitNow: readonly number[];
  /** What earlier work already holds. */
  held: SideWork;
}

/** Every way to treat what is likely, each with its best settings, tried on the drawn doors; a way at a time. */
export function* candidatesFor(
  belief: Belief,
  trial: Trial,
  line: HingeLine,
  allowed: readonly Action[],
  treat: readonly Cause[],
): Stepwise<Candidate[]> {
  const { drawn, board, misfitNow } = trial;
  const { door } = belief;
  const spaceOf = (start: Float64Array, guard: Guard, mustUse: Way['mustUse'], mayPlane: boolean): SearchSpace => ({
    board,
    start,
    guard,
    mustUse,
    line,
    misfitNow,
    misfitAllowedMm: MISFIT_ALLOWED_MM,
    atHinge: [
      ...line.moves.map((move, hinge) =>
        allowed.flatMap((a) => hingeChoices(a, hinge, gapChanges(board, door, move), belief.learned.get(a.id))),
      ),
      allowed.flatMap((a) => lowerChoices(a, gapChanges(board, door, lowered(STATE_SIZE)), belief.learned.get(a.id))),
    ],
    planes: mayPlane ? allowed.filter(({ effect }) => effect.kind === 'plane').map((a) => ({ action: a, price: priceOf(a, 1) })) : [],
    strikes: allowed.flatMap((a) => (a.effect.kind === 'strike' ? [{ action: a, upToMm: a.effect.upToMm, price: priceOf(a, 1) }] : [])),
  });
  const ways = waysToTreat(belief, allowed, treat).flatMap((way) => setPointsFor(way, trial).map((setPoints) => ({ ...way, setPoints })));
  const candidates: Candidate[] = [];
  for (const [i, { cures, mustUse, sides, hidesCause, setPoints }] of ways.entries()) {
    const after = drawn.map((each) => cured(each, cures, board, setPoints));
    const start = meanOf(after);
    const guard = guardFrom(board, after, start);
    const plain = searchPlans(spaceOf(start, guard, mustUse, false), TRIED);
    const needsTimber = plain.length === 0 || belief.done.length > 0 || plain.every(({ outside }) => outside > DOES_WITHIN_MM);
    const planed = needsTimber
      ? searchPlans(spaceOf(start, guard, mustUse, true), TRIED).filter(({ planed: lines }) => lines.length > 0)
      : [];
    candidates.push(...[...plain, ...planed].map((found) => candidate(cures, sides, found, trial, hidesCause, after, setPoints)));
    yield (i + 1) / ways.length;
  }
  return candidates;
}

/** What the work so far has moved the hinges by, as learned on this door. */
export function shiftsDone({ door, done, learned }: Belief): { hinge: number; shiftMm: number }[] {
  const names = placeHinges(door).map(({ name }) => name);
  return done.flatMap(({ action: id, hinge, amount }) => {
    const { effect } = action(id);
    if (effect.kind !== 'shift' || hinge === undefined) return [];
    return [{ hinge: names.indexOf(hinge), shiftMm: amount * effect.mmPerUnit * (learned.get(id) ?? 1) }];
  });
}

/** The sides that something has been read of; a cause that is treated has its side judged with it. */
export function judgedSides({ readings, rounds = [] }: Observed): Set<SideId> {
  const read = new Set([...readings, ...rounds.flatMap((round) => round.readings)].map((reading) => reading.station));
  return new Set(SIDE_IDS.filter((id) => side(id).readAt.some((each) => read.has(each))));
}

export function heldSides({ done }: Belief): SideWork {
  const held: SideWork = {};
  for (const { action: id } of done) {
    const { effect } = action(id);
    if (effect.kind !== 'hold') continue;
    const known = held[effect.side];
    held[effect.side] = { againstMm: effect.againstMm + (known !== undefined && 'againstMm' in known ? known.againstMm : 0) };
  }
  return held;
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
    const watched = effect.kind === 'cure' ? (effect.watched ?? []) : [];
    return watched.flatMap((station) => {
      const limit = board.limits[board.stations.indexOf(station)];
      if (limit === undefined) return [];
      const steps = Math.floor((limit.max - limit.min) / SET_POINT_STEP_MM);
      return Array.from({ length: steps + 1 }, (_, i) => ({ action: id, station, mm: limit.min + i * SET_POINT_STEP_MM }));
    });
  });
  const leaves = (point: SetPoint) => compared.reduce((sum, door) => sum + outsideBy(board, cured(door, cures, board, [point])), 0);
  const ranked = points.map((point) => ({ point, outside: leaves(point) })).sort((a, b) => a.outside - b.outside);
  return [[], ...ranked.slice(0, SET_POINTS_KEPT).map(({ point }) => [point])];
}

/** A plan tried on the drawn doors. */
export function candidate(
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
    ...found.planed.map(({ edge }) => ({ a: planingOf(edge), amount: 1 })),
    ...(found.strike ? [{ a: found.strike.choice.action, amount: 1 }] : []),
  ];
  const endsWithin = (mm: number) => drawn.map((door, i) => endsTrue(door, after[i] ?? door.gaps, found, sideWork, judged, board, mm));
  return {
    cures,
    setPoints,
    sides,
    found,
    isTrue: endsWithin(GAUGE_TELLS_MM),
    endsWithin,
    minutes: work.reduce((sum, { a, amount }) => sum + minutesOf(a, amount), 0),
    irreversibility: work.reduce((sum, { a }) => sum + a.irreversibility, 0),
    holds: work.reduce((least, { a }) => Math.min(least, a.holds), 1),
    hidesCause,
  };
}

export const share = (ended: readonly boolean[]) => ended.filter(Boolean).length / Math.max(1, ended.length);

export const isSame = (a: Candidate, b: Candidate) => workKey(a) === workKey(b);

export const workKey = ({ cures, setPoints, sides, found: { hinges, planed, strike } }: Candidate) =>
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
export function isHingesOnly({ cures, found }: Candidate): boolean {
  return found.planed.length === 0 && cures.every(({ id }) => HINGE_WORK.includes(id));
}

export function meanOf(gaps: readonly Float64Array[]): Float64Array {
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
