import { dot } from '../numbers/gaussian';
import { profileOf, type HingedDoor } from './door';
import { EDGES, EVEN_EDGES, type EdgeId, type GapLimits } from './profiles';
import { station, stationRow, WALKING_ORDER, type StationId } from './stations';

/** What a correction is judged by, as plain arrays so that a search can add and compare quickly. */
export interface GapBoard {
  stations: readonly StationId[];
  limits: readonly GapLimits[];
  /** Indices of each edge whose gaps must be even: hinge, head, latch. */
  evenEdges: readonly (readonly number[])[];
  evenWithin: number;
  /** Indices by edge. */
  onEdge: Readonly<Record<EdgeId, readonly number[]>>;
  /** Place of each station along its edge. */
  f: readonly number[];
  /** Index of the bolt, which moves with the slab and can be met by moving the strike. */
  bolt: number;
}

/** A bolt this far off its strike still goes in, mm (common practice, no source). */
export const BOLT_LIMITS: GapLimits = { min: -1.8, target: 0, max: 1.8 };

/** A foot gap too wide is closed with a threshold or a brush, not by hanging the door: only too little counts, mm. */
const FOOT_MAX_MM = 60;

/** The board for a door: the gaps, the foot only when it was read, since nothing else tells where the floor is; and the bolt. */
export function gapBoard(door: HingedDoor, footWasRead: boolean): GapBoard {
  const gaps = WALKING_ORDER.filter((id) => footWasRead || station(id).edge !== 'foot');
  const { edges, evenWithin } = profileOf(door);
  const edgeOf = gaps.map((id) => station(id).edge ?? 'foot');
  const onEdge = Object.fromEntries(EDGES.map((edge) => [edge, edgeOf.flatMap((e, i) => (e === edge ? [i] : []))])) as unknown as Record<
    EdgeId,
    readonly number[]
  >;
  return {
    stations: [...gaps, 'bolt.low'],
    limits: [...edgeOf.map((edge) => (edge === 'foot' ? { ...edges.foot, max: FOOT_MAX_MM } : edges[edge])), BOLT_LIMITS],
    evenEdges: EVEN_EDGES.map((edge) => onEdge[edge]),
    evenWithin,
    onEdge,
    f: [...gaps.map((id) => station(id).f ?? 0), 0],
    bolt: gaps.length,
  };
}

/** Changes at the board's stations for a change of the parameters. */
export function gapChanges(board: GapBoard, door: HingedDoor, move: Float64Array): Float64Array {
  return Float64Array.from(board.stations, (id) => dot(stationRow(id, door, move.length).coefficients, move));
}

/** Figures at the board's stations for a state, mm. */
export function gapsAt(board: GapBoard, door: HingedDoor, state: Float64Array): Float64Array {
  return Float64Array.from(board.stations, (id) => {
    const { coefficients, offset } = stationRow(id, door, state.length);
    return offset + dot(coefficients, state);
  });
}

/** How far figures are to be kept clear of their limits, mm; by station, and by even edge. */
export interface Guard {
  stations: Float64Array;
  edges: readonly number[];
}

export function evenGuard(board: GapBoard, mm: number): Guard {
  return { stations: new Float64Array(board.stations.length).fill(mm), edges: board.evenEdges.map(() => 2 * mm) };
}

/** How far figures are outside their limits, mm in all; unevenness beyond what is allowed counts too. */
export function outsideBy(board: GapBoard, gaps: Float64Array, guard?: Guard): number {
  let outside = 0;
  for (let i = 0; i < gaps.length; i += 1) outside += stationOutside(board, gaps, i, guard?.stations[i] ?? 0);
  board.evenEdges.forEach((edge, e) => {
    outside += unevenBy(board, gaps, edge, guard?.edges[e] ?? 0);
  });
  return outside;
}

/** How much the gaps of an edge may differ once the guard is off; half of what is allowed always may, mm. */
export function evenAllowed({ evenWithin }: GapBoard, guard: number): number {
  return Math.max(evenWithin / 2, evenWithin - guard);
}

/** How far inside a limit the guard keeps a figure: a quarter of what is allowed at most, mm. */
export function insetOf({ min, max }: Pick<GapLimits, 'min' | 'max'>, guard: number): number {
  return Math.min(guard, (max - min) / 4);
}

/** By how much the gaps of one edge differ beyond what is allowed, mm; the guard comes off, half the allowance at most. */
export function unevenBy(board: GapBoard, gaps: Float64Array, edge: readonly number[], guard: number): number {
  let low = Infinity;
  let high = -Infinity;
  for (const i of edge) {
    const gap = gaps[i] ?? 0;
    if (gap < low) low = gap;
    if (gap > high) high = gap;
  }
  return Math.max(0, high - low - evenAllowed(board, guard));
}

/** How far one figure is outside its limits, mm; the guard is a quarter of what is allowed at most. */
export function stationOutside(board: GapBoard, gaps: Float64Array, i: number, guard: number): number {
  const limit = board.limits[i];
  if (limit === undefined) return 0;
  const gap = gaps[i] ?? 0;
  const inset = insetOf(limit, guard);
  return Math.max(0, limit.min + inset - gap, gap - (limit.max - inset));
}

/** Whether it is true: every figure inside, every edge even, to so many mm. */
export function isTrue(board: GapBoard, gaps: Float64Array, withinMm: number): boolean {
  for (let i = 0; i < gaps.length; i += 1) {
    const limit = board.limits[i];
    const gap = gaps[i] ?? 0;
    if (limit !== undefined && (gap < limit.min - withinMm || gap > limit.max + withinMm)) return false;
  }
  return board.evenEdges.every((edge) => unevenBy(board, gaps, edge, 0) <= withinMm);
}
