import type { DoorModel } from '../model/doorModel';
import type { EdgeLimits, Limits } from '../model/profile';
import { dot, type LinearRow } from '../numbers/gaussian';

/** What a correction is judged by, as plain arrays so that a search can add and compare quickly. */
export interface GapBoard {
  stations: readonly string[];
  limits: readonly EdgeLimits[];
  /** The edges whose gaps must be even, and the indices of their gaps. */
  evenEdgeIds: readonly string[];
  evenEdges: readonly (readonly number[])[];
  evenWithin: number;
  /** Indices by edge. */
  onEdge: Readonly<Record<string, readonly number[]>>;
  /** Place of each station along its edge. */
  f: readonly number[];
  /** Index of the moving part that a fixed one can be brought to meet: the bolt, which moves with the slab; −1 where there is none. */
  bolt: number;
  /** What one millimetre down of all the slab changes; behind the stations stand the sides. */
  lowered: Float64Array;
  /** By action what one standard deviation changes in each way in which what it puts in stands anew; none for all other work. */
  standsAnew: Readonly<Record<string, readonly Float64Array[]>>;
}

/** Where the bolt stands on a board that has none: nowhere. */
const NO_BOLT = -1;

/**
 * The board of a door: the gaps of its walk, those of an edge that only reading tells of only when something on it was read, and
 * the bolt.
 *
 * @param readEdges edges on which something was read
 */
export function gapBoard(model: DoorModel, readEdges: ReadonlySet<string>): GapBoard {
  return boardOf(model, model.tables.walk, readEdges, model.tables.meeting.limits);
}

/** The board of a door on which no gap is judged, and no bolt: what stands beside them alone is worked on. */
export function boardWithoutGaps(model: DoorModel): GapBoard {
  return boardOf(model, [], new Set(), { min: -Infinity, target: 0, max: Infinity });
}

function boardOf(model: DoorModel, walk: readonly string[], readEdges: ReadonlySet<string>, meeting: Limits): GapBoard {
  const { tables, profile, station } = model;
  const edgeOf = (id: string) => tables.edges.find((edge) => edge.id === station(id).edge);
  const judged = walk.flatMap((id) => {
    const edge = edgeOf(id);
    const limits = edge && profile.edges[edge.id];
    if (edge === undefined || limits === undefined) return [];
    if (edge.onlyWhenRead === undefined) return [{ id, edge: edge.id, limits }];
    return readEdges.has(edge.id) ? [{ id, edge: edge.id, limits: { ...limits, max: edge.onlyWhenRead.maxMm } }] : [];
  });
  const onEdge = Object.fromEntries(tables.edges.map(({ id }) => [id, judged.flatMap(({ edge }, i) => (edge === id ? [i] : []))]));
  const even = tables.edges.filter(({ isEven }) => isEven).map(({ id }) => id);
  const meets = model.meets ? [meeting] : [];
  const stations = [...judged.map(({ id }) => id), ...meets.map(() => tables.meeting.station)];
  return {
    stations,
    limits: [...judged.map(({ limits }) => limits), ...meets],
    evenEdgeIds: even,
    evenEdges: even.map((id) => onEdge[id] ?? []),
    evenWithin: profile.evenWithin,
    onEdge,
    f: [...judged.map(({ id }) => station(id).f ?? 0), ...meets.map(() => 0)],
    bolt: model.meets ? judged.length : NO_BOLT,
    lowered: gapChanges({ stations }, model, model.lowered),
    standsAnew: Object.fromEntries(
      tables.actions.flatMap(({ id, effect }) =>
        effect.kind === 'cure' && effect.unsettles !== undefined
          ? [[id, effect.unsettles.map(({ sd, moves }) => gapChanges({ stations }, model, model.direction(moves)).map((mm) => mm * sd))]]
          : [],
      ),
    ),
  };
}

/** A rule at a bolt is good to this, mm. */
const MEETS_WITHIN_MM = 1;

/** The board of a door whose bolt was tried and meets its strike: where it now is, it is in order. */
export function meetingAsIs(board: GapBoard, drawn: readonly { gaps: Float64Array }[]): GapBoard {
  if (board.bolt === NO_BOLT) return board;
  const mean = drawn.reduce((sum, { gaps }) => sum + (gaps[board.bolt] ?? 0), 0) / Math.max(1, drawn.length);
  const limits = board.limits.map((each, i) =>
    i === board.bolt ? { ...each, min: Math.min(each.min, mean - MEETS_WITHIN_MM), max: Math.max(each.max, mean + MEETS_WITHIN_MM) } : each,
  );
  return { ...board, limits };
}

/** Changes at the board's stations, and behind them of the sides in their order, for a change of the state. */
export function gapChanges(board: Pick<GapBoard, 'stations'>, model: DoorModel, move: Float64Array): Float64Array {
  return Float64Array.from(rowsOf(board, model, move.length), ({ coefficients }) => dot(coefficients, move));
}

/** Figures at the board's stations, and behind them of the sides in their order, for a state, mm. */
export function gapsAt(board: GapBoard, model: DoorModel, state: Float64Array): Float64Array {
  return Float64Array.from(rowsOf(board, model, state.length), ({ coefficients, offset }) => offset + dot(coefficients, state));
}

function rowsOf({ stations }: Pick<GapBoard, 'stations'>, { tables, row, sideRow }: DoorModel, size: number): LinearRow[] {
  return [...stations.map((id) => row(id, size)), ...tables.sides.map(({ id }) => sideRow(id, size))];
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
  for (let i = 0; i < board.limits.length; i += 1) outside += stationOutside(board, gaps, i, guard?.stations[i] ?? 0);
  board.evenEdges.forEach((edge, e) => {
    outside += unevenBy(board, gaps, edge, guard?.edges[e] ?? 0);
  });
  return outside;
}

/** How far the figures of one edge are outside their limits, mm in all, its unevenness too. */
export function edgeOutside(board: GapBoard, gaps: Float64Array, edge: string): number {
  const own = board.onEdge[edge] ?? [];
  const uneven = board.evenEdgeIds.includes(edge) ? unevenBy(board, gaps, own, 0) : 0;
  return own.reduce((sum, i) => sum + stationOutside(board, gaps, i, 0), uneven);
}

/** How much the gaps of an edge may differ once the guard is off; half of what is allowed always may, mm. */
export function evenAllowed({ evenWithin }: GapBoard, guard: number): number {
  return Math.max(evenWithin / 2, evenWithin - guard);
}

/** How far inside a limit the guard keeps a figure: a quarter of what is allowed at most, mm. */
export function insetOf({ min, max }: Pick<Limits, 'min' | 'max'>, guard: number): number {
  return Math.min(guard, (max - min) / 4);
}

/** By how much the gaps of one edge differ beyond what is allowed, mm; the guard comes off, half the allowance at most. */
export function unevenBy(board: GapBoard, gaps: Float64Array, edge: readonly number[], guard: number): number {
  // Written out: a search asks this more often than anything else, and would pay for a list each time.
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
  for (let i = 0; i < board.limits.length; i += 1) {
    const limit = board.limits[i];
    const gap = gaps[i] ?? 0;
    if (limit !== undefined && (gap < limit.min - withinMm || gap > limit.max + withinMm)) return false;
  }
  return board.evenEdges.every((edge) => unevenBy(board, gaps, edge, 0) <= withinMm);
}
