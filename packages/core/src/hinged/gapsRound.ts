import { dot } from '../algebra/gaussian';
import { profileOf, type HingedDoor } from './door';
import { EDGES, type EdgeId, type GapLimits } from './profiles';
import { station, stationRow, WALKING_ORDER, type StationId } from './stations';

/** The gap stations a correction is judged by, as plain arrays so that a search can add and compare them quickly. */
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
}

/** The board for a door: all twelve gaps, the foot only when it was read, since nothing else tells where the floor is. */
export function gapBoard(door: HingedDoor, footWasRead: boolean): GapBoard {
  const stations = WALKING_ORDER.filter((id) => footWasRead || station(id).edge !== 'foot');
  const { edges, evenWithin } = profileOf(door);
  const edgeOf = stations.map((id) => station(id).edge ?? 'foot');
  const onEdge = Object.fromEntries(EDGES.map((edge) => [edge, edgeOf.flatMap((e, i) => (e === edge ? [i] : []))])) as unknown as Record<
    EdgeId,
    readonly number[]
  >;
  return {
    stations,
    limits: edgeOf.map((edge) => edges[edge]),
    evenEdges: [onEdge.hinge, onEdge.head, onEdge.latch],
    evenWithin,
    onEdge,
    f: stations.map((id) => station(id).f ?? 0),
  };
}

/** Gap changes at the board's stations for a change of the parameters. */
export function gapChanges(board: GapBoard, door: HingedDoor, move: Float64Array): Float64Array {
  return Float64Array.from(board.stations, (id) => dot(stationRow(id, door, move.length).coefficients, move));
}

/** Gaps at the board's stations for a state of the parameters, mm. */
export function gapsAt(board: GapBoard, door: HingedDoor, state: Float64Array): Float64Array {
  return Float64Array.from(board.stations, (id) => {
    const { coefficients, offset } = stationRow(id, door, state.length);
    return offset + dot(coefficients, state);
  });
}

/** How far gaps are outside their limits, mm in all, drawn in by `guard`; unevenness beyond what is allowed counts too. */
export function outsideBy(board: GapBoard, gaps: Float64Array, guard: number): number {
  let outside = 0;
  for (let i = 0; i < gaps.length; i += 1) outside += stationOutside(board, gaps, i, guard);
  for (const edge of board.evenEdges) outside += unevenBy(board, gaps, edge, guard);
  return outside;
}

/** By how much the gaps of one edge differ beyond what is allowed, mm; the guard comes off at both ends, half at most. */
export function unevenBy(board: GapBoard, gaps: Float64Array, edge: readonly number[], guard: number): number {
  let low = Infinity;
  let high = -Infinity;
  for (const i of edge) {
    low = Math.min(low, gaps[i] ?? 0);
    high = Math.max(high, gaps[i] ?? 0);
  }
  return Math.max(0, high - low - Math.max(board.evenWithin / 2, board.evenWithin - 2 * guard));
}

/** How far one gap is outside its limits, mm. */
export function stationOutside(board: GapBoard, gaps: Float64Array, i: number, guard: number): number {
  const limit = board.limits[i];
  if (limit === undefined) return 0;
  const gap = gaps[i] ?? 0;
  const inset = Math.min(guard, (limit.max - limit.min) / 4);
  return Math.max(0, limit.min + inset - gap, gap - (limit.max - inset));
}

/** Mean square distance of the gaps from their targets, in half-widths of the limits; 1 is at the limit everywhere. */
export function offCentre(board: GapBoard, gaps: Float64Array): number {
  let sum = 0;
  board.limits.forEach(({ min, target, max }, i) => {
    sum += (((gaps[i] ?? 0) - target) / ((max - min) / 2)) ** 2;
  });
  return sum / board.limits.length;
}
