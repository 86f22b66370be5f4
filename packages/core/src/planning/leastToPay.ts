import { evenAllowed, insetOf, type GapBoard, type Guard } from './board';
import { GUARD_PRICE, OUTSIDE_PRICE, type SearchSpace, type Setting } from './searchSpace';

/** Figures of the board, and differences of two of one edge, with the room each has; as plain lists, for a search asks this at every turn. */
interface Figures {
  /** Index of the gap, and of the one it is less by, or −1. */
  gap: Int32Array;
  less: Int32Array;
  min: Float64Array;
  max: Float64Array;
  inset: Float64Array;
}

/**
 * The least that must still be paid for what is outside the limits, or in the guard before them, whatever is chosen at the
 * places from `depth` on: every figure is supposed to move as well as any choice could move it, a strike or a plane to cost its
 * first price and to leave nothing. A bound that is never above the truth, so that a search by it stays exact.
 *
 * @returns for a depth and the gaps there, minutes; once it is above `upTo` it may be less than the least, and is no longer added up
 */
export function leastToPay(space: SearchSpace): (depth: number, gaps: Float64Array, upTo?: number) => number {
  const { board, guard } = space;
  const planed = planedEdges(space);
  const strikePrice = Math.min(...space.strikes.map(({ price }) => price));
  const edgeOf = board.stations.map((_, i) => planed.findIndex(({ edge }) => board.onEdge[edge]?.includes(i)));
  const pairsOf = board.evenEdges.map((edge) =>
    edge.some((i) => (edgeOf[i] ?? -1) >= 0) ? [] : edge.flatMap((a, at) => edge.slice(at + 1).map((b) => [a, b] as const)),
  );
  const figures = figuresOf(board, guard, pairsOf);
  const reach = reachBelow(figures, space.settings);
  const stationCount = board.stations.length;
  const tight = new Float64Array(planed.length);

  return (depth, gaps, upTo = Infinity) => {
    const still = reach[depth] ?? NO_REACH;
    tight.fill(0);
    let sum = 0;
    for (let k = 0; k < stationCount; k += 1) {
      const value = valueAt(figures, gaps, k);
      const less = lackAt(figures, still, k, value);
      const more = excessAt(figures, still, k, value);
      const edge = edgeOf[k] ?? -1;
      if (k === board.bolt) sum += Math.min(less + more, strikePrice);
      else if (edge < 0) sum += less + more;
      else {
        sum += more;
        tight[edge] = (tight[edge] ?? 0) + less;
      }
      if (sum > upTo) return sum;
    }
    for (let e = 0; e < tight.length; e += 1) sum += Math.min(tight[e] ?? 0, planed[e]?.price ?? Infinity);
    let k = stationCount;
    for (const pairs of pairsOf) {
      let most = 0;
      for (let p = 0; p < pairs.length; p += 1, k += 1) {
        const value = valueAt(figures, gaps, k);
        most = Math.max(most, lackAt(figures, still, k, value) + excessAt(figures, still, k, value));
      }
      sum += most;
      if (sum > upTo) return sum;
    }
    return sum;
  };
}

/**
 * The least that must still be paid for places off the line of all, whatever is chosen at those from `depth` on: each place is supposed
 * to be brought as near to the line as any choice could bring it.
 *
 * @returns for a depth and how far each place is off the line by what was chosen above it, mm: minutes
 */
export function leastMisfitToPay({
  settings,
  line,
  misfitAllowedMm,
}: Pick<SearchSpace, 'settings' | 'line' | 'misfitAllowedMm'>): (depth: number, off: ArrayLike<number>) => number {
  const still = settings.map((_, depth) =>
    line.misfit.map((_, j) => reachOf(settings.slice(depth), (place) => line.misfit[place]?.[j] ?? 0)),
  );
  return (depth, off) => {
    const reach = still[depth];
    let sum = 0;
    for (let j = 0; j < off.length; j += 1) {
      const mm = off[j] ?? 0;
      const { low, high } = reach?.[j] ?? AS_IT_IS;
      sum += OUTSIDE_PRICE * Math.max(0, -misfitAllowedMm - mm - high, mm + low - misfitAllowedMm);
    }
    return sum;
  };
}

const AS_IT_IS = { low: 0, high: 0 };

/** How far down and up one figure can be moved by one choice at each of some places, of so much a millimetre there. */
function reachOf(choices: readonly (readonly Setting[])[], perMm: (place: number) => number): { low: number; high: number } {
  const moves = choices.map((own) => own.map(({ where, shiftMm }) => (where === 'whole' ? 0 : shiftMm * perMm(where))));
  return {
    low: moves.reduce((sum, own) => sum + Math.min(0, ...own), 0),
    high: moves.reduce((sum, own) => sum + Math.max(0, ...own), 0),
  };
}

/** How far down and up each figure can still be moved. */
interface Reach {
  low: Float64Array;
  high: Float64Array;
}

const NO_REACH: Reach = { low: new Float64Array(), high: new Float64Array() };

// Outside the search, which asks for these too often to make them anew each time.
function valueAt({ gap, less }: Figures, gaps: Float64Array, k: number): number {
  const by = less[k] ?? -1;
  return (gaps[gap[k] ?? 0] ?? 0) - (by < 0 ? 0 : (gaps[by] ?? 0));
}

function lackAt({ min, inset }: Figures, { high }: Reach, k: number, value: number): number {
  return short((min[k] ?? 0) - value - (high[k] ?? 0), inset[k] ?? 0);
}

function excessAt({ max, inset }: Figures, { low }: Reach, k: number, value: number): number {
  return short(value + (low[k] ?? 0) - (max[k] ?? 0), inset[k] ?? 0);
}

const short = (by: number, inset: number) => OUTSIDE_PRICE * Math.max(0, by) + GUARD_PRICE * Math.max(0, by + inset);

/** The edges that may be planed, each at its least price. */
function planedEdges({ planes }: SearchSpace): { edge: string; price: number }[] {
  const prices = new Map<string, number>();
  for (const { action, price } of planes) {
    if (action.effect.kind === 'plane') prices.set(action.effect.edge, Math.min(price, prices.get(action.effect.edge) ?? Infinity));
  }
  return [...prices].map(([edge, price]) => ({ edge, price }));
}

function figuresOf(board: GapBoard, guard: Guard, pairsOf: readonly (readonly (readonly [number, number])[])[]): Figures {
  const stations = board.stations.map((_, i) => {
    const { min = -Infinity, max = Infinity } = board.limits[i] ?? {};
    return { gap: i, less: -1, min, max, inset: insetOf({ min, max }, guard.stations[i] ?? 0) };
  });
  const pairs = pairsOf.flatMap((own, e) => {
    const within = board.evenWithin;
    const inset = within - evenAllowed(board, guard.edges[e] ?? 0);
    return own.map(([gap, less]) => ({ gap, less, min: -within, max: within, inset }));
  });
  const all = [...stations, ...pairs];
  return {
    gap: Int32Array.from(all, ({ gap }) => gap),
    less: Int32Array.from(all, ({ less }) => less),
    min: Float64Array.from(all, ({ min }) => min),
    max: Float64Array.from(all, ({ max }) => max),
    inset: Float64Array.from(all, ({ inset }) => inset),
  };
}

/** For each depth, how far down and up each figure can still be moved by the places from there on. */
function reachBelow({ gap, less }: Figures, choices: readonly (readonly Setting[])[]): Reach[] {
  const none = new Float64Array(gap.length);
  const reach = [{ low: none, high: none }];
  for (const own of [...choices].reverse()) {
    const [below] = reach;
    const moves = Array.from(gap, (g, k) => {
      const other = less[k] ?? -1;
      return own.map(({ changes }) => (changes[g] ?? 0) - (other < 0 ? 0 : (changes[other] ?? 0)));
    });
    reach.unshift({
      low: Float64Array.from(moves, (each, k) => (below?.low[k] ?? 0) + Math.min(0, ...each)),
      high: Float64Array.from(moves, (each, k) => (below?.high[k] ?? 0) + Math.max(0, ...each)),
    });
  }
  return reach;
}
