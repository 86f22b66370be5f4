import { evenAllowed, insetOf, type GapBoard } from './board';
import { GUARD_PRICE, OUTSIDE_PRICE, type SearchSpace, type Setting } from './searchSpace';

/** A figure of the board, or the difference of two of one edge, with the room it has. */
interface Figure {
  /** Of the gaps, and of what a setting changes them by. */
  of: (gaps: Float64Array) => number;
  min: number;
  max: number;
  inset: number;
}

/**
 * The least that must still be paid for what is outside the limits, or in the guard before them, whatever is chosen at the
 * places from `depth` on: every figure is supposed to move as well as any choice could move it, a strike or a plane to cost its
 * first price and to leave nothing. A bound that is never above the truth, so that a search by it stays exact.
 *
 * @returns for a depth and the gaps there, minutes
 */
export function leastToPay(space: SearchSpace): (depth: number, gaps: Float64Array) => number {
  const { board, guard } = space;
  const planePrices = new Map<string, number>();
  for (const { action, price } of space.planes) {
    if (action.effect.kind === 'plane')
      planePrices.set(action.effect.edge, Math.min(price, planePrices.get(action.effect.edge) ?? Infinity));
  }
  const strikePrice = Math.min(...space.strikes.map(({ price }) => price));
  const stations = board.stations.map((_, i): Figure => {
    const { min = -Infinity, max = Infinity } = board.limits[i] ?? {};
    return { of: (gaps) => gaps[i] ?? 0, min, max, inset: insetOf({ min, max }, guard.stations[i] ?? 0) };
  });
  const edgeOf = board.stations.map((_, i) => planedEdge(board, i, planePrices));
  const pairs = board.evenEdges.map((edge, e) => {
    if (edge.some((i) => edgeOf[i] !== undefined)) return [];
    const within = board.evenWithin;
    const inset = within - evenAllowed(board, guard.edges[e] ?? 0);
    return edge.flatMap((a, at) =>
      edge.slice(at + 1).map((b): Figure => ({ of: (gaps) => (gaps[a] ?? 0) - (gaps[b] ?? 0), min: -within, max: within, inset })),
    );
  });
  const figures = [...stations, ...pairs.flat()];
  const reach = reachBelow(figures, space.settings);
  const pairsAt = pairs.map((_, e) => stations.length + pairs.slice(0, e).reduce((sum, each) => sum + each.length, 0));

  return (depth, gaps) => {
    const { low, high } = reach[depth] ?? { low: [], high: [] };
    const lack = (k: number, figure: Figure, value: number) => short(figure.min - value - (high[k] ?? 0), figure.inset);
    const excess = (k: number, figure: Figure, value: number) => short(value + (low[k] ?? 0) - figure.max, figure.inset);
    const tight = new Map<string, number>();
    let sum = 0;
    stations.forEach((figure, k) => {
      const value = figure.of(gaps);
      const [less, more] = [lack(k, figure, value), excess(k, figure, value)];
      const edge = edgeOf[k];
      if (k === board.bolt) sum += Math.min(less + more, strikePrice);
      else if (edge === undefined) sum += less + more;
      else {
        sum += more;
        tight.set(edge, (tight.get(edge) ?? 0) + less);
      }
    });
    for (const [edge, cost] of tight) sum += Math.min(cost, planePrices.get(edge) ?? Infinity);
    pairs.forEach((own, e) => {
      let most = 0;
      own.forEach((figure, p) => {
        const k = (pairsAt[e] ?? 0) + p;
        const value = figure.of(gaps);
        most = Math.max(most, lack(k, figure, value) + excess(k, figure, value));
      });
      sum += most;
    });
    return sum;
  };
}

const short = (by: number, inset: number) => OUTSIDE_PRICE * Math.max(0, by) + GUARD_PRICE * Math.max(0, by + inset);

function planedEdge(board: GapBoard, i: number, planePrices: ReadonlyMap<string, number>): string | undefined {
  return [...planePrices.keys()].find((edge) => board.onEdge[edge]?.includes(i));
}

/** For each depth, how far down and up each figure can still be moved by the places from there on. */
function reachBelow(figures: readonly Figure[], choices: readonly (readonly Setting[])[]): { low: number[]; high: number[] }[] {
  const reach = [{ low: figures.map(() => 0), high: figures.map(() => 0) }];
  for (const own of [...choices].reverse()) {
    const [below] = reach;
    const moves = figures.map(({ of }) => own.map(({ changes }) => of(changes)));
    reach.unshift({
      low: moves.map((each, k) => (below?.low[k] ?? 0) + Math.min(0, ...each)),
      high: moves.map((each, k) => (below?.high[k] ?? 0) + Math.max(0, ...each)),
    });
  }
  return reach;
}
