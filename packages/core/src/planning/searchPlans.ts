import { planedOff, type PlaningLine } from '../model/planingLine';
import { outsideBy, stationOutside, type GapBoard } from './board';
import { leastMisfitToPay, leastToPay } from './leastToPay';
import { misfitAfter, offLineBeyond } from './misfit';
import { planingLines } from './planingLines';
import { GUARD_PRICE, movedPlaces, OUTSIDE_PRICE, SEEN_FROM_MM, type FoundPlan, type SearchSpace, type Setting } from './searchSpace';

/** A search that has turned over so many choices has found what it will find; few need more. */
const MOST_TURNS = 6000;

/**
 * The best plans of the space, exactly and best first: least price, where work costs its minutes, what is not undone its
 * premium, and every millimetre outside the limits, or in the guard before them, its own. Depth-first over the places, the
 * most promising choice first, bounded by the price of the work so far and the least that must still be paid.
 *
 * @param count how many of the best to keep
 * @param turns after so many it stops with the best found, and says so
 */
export function searchPlans(space: SearchSpace, count: number, turns = MOST_TURNS): FoundPlan[] {
  const leastFrom = leastToPay(space);
  const leastOffLine = leastMisfitToPay(space);
  const best: FoundPlan[] = [];
  const worst = () => (best.length < count ? Infinity : (best[best.length - 1]?.price ?? Infinity));
  const keep = (found: FoundPlan) => {
    if (found.price >= worst()) return;
    let at = best.length;
    while (at > 0 && (best[at - 1]?.price ?? 0) > found.price) at -= 1;
    best.splice(at, 0, found);
    if (best.length > count) best.pop();
  };
  const chosen: Setting[] = [];
  const isAsked = (setting: Setting) =>
    space.mustUse.some(({ action, place }) => action === setting.action.id && (place === undefined || place === setting.where));

  const judge = (gaps: Float64Array, workPrice: number) => {
    if (space.mustUse.length > 0 && !chosen.some(isAsked)) return;
    const misfit = misfitAfter(space.line, movedPlaces(chosen), space.misfitNow);
    const misfitOver = offLineBeyond(misfit, space.misfitAllowedMm);
    const consider = (after: Float64Array, price: number, planed: readonly PlaningLine[], strike: FoundPlan['strike']) => {
      const outside = misfitOver + outsideBy(space.board, after);
      const total = price + OUTSIDE_PRICE * outside + GUARD_PRICE * outsideBy(space.board, after, space.guard);
      if (total >= worst()) return outside;
      keep({ settings: [...chosen], planed, gaps: after, misfit, outside, price: total, ...(strike && { strike }) });
      return outside;
    };
    const withStrike = (after: Float64Array, price: number, planed: readonly PlaningLine[]) => {
      const outside = consider(after, price, planed, undefined);
      const { bolt } = space.board;
      const off = after[bolt] ?? 0;
      if (stationOutside(space.board, after, bolt, space.guard.stations[bolt] ?? 0) === 0) return outside;
      for (const choice of space.strikes) {
        if (Math.abs(off) > choice.upToMm) continue;
        const met = Float64Array.from(after);
        met[bolt] = 0;
        consider(met, price + choice.price, planed, { choice, mm: -off });
      }
      return outside - stationOutside(space.board, after, bolt, 0);
    };
    const asSet = withStrike(gaps, workPrice, []);
    // Timber comes off only for a real lack of room.
    if (asSet <= SEEN_FROM_MM) return;
    for (const { lines, price } of planingsOf(space, gaps)) {
      if (lines.length > 0) withStrike(withPlaning(space.board, gaps, lines), workPrice + price, lines);
    }
  };

  let left = turns;
  const descend = (place: number, gaps: Float64Array, price: number) => {
    if (left <= 0) return;
    left -= 1;
    const choices = space.settings[place];
    if (choices === undefined) {
      judge(gaps, price);
      return;
    }
    const ways = [undefined, ...choices].map((choice) => {
      const after = choice === undefined ? gaps : added(gaps, choice.changes);
      const paid = price + (choice?.price ?? 0);
      const offLine = leastOffLine(place + 1, choice === undefined ? chosen : [...chosen, choice]);
      return { choice, after, paid, atLeast: paid + leastFrom(place + 1, after) + offLine };
    });
    for (const { choice, after, paid, atLeast } of ways.sort((a, b) => a.atLeast - b.atLeast)) {
      if (atLeast >= worst()) break;
      if (choice !== undefined) chosen.push(choice);
      descend(place + 1, after, paid);
      if (choice !== undefined) chosen.pop();
    }
  };
  descend(0, space.start, 0);
  return left > 0 ? best : best.map((each) => ({ ...each, isCutShort: true }));
}

/** Each edge alone, and both: with the lines that would bring each edge right. */
function planingsOf(space: SearchSpace, gaps: Float64Array): { lines: PlaningLine[]; price: number }[] {
  return space.planes.reduce<{ lines: PlaningLine[]; price: number }[]>(
    (ways, { action, price }) => {
      if (action.effect.kind !== 'plane') return ways;
      const { edge } = action.effect;
      const lines = planingLines(space.board, gaps, edge, space.guard.stations[space.board.onEdge[edge]?.[0] ?? 0] ?? 0);
      return [
        ...ways,
        ...ways.flatMap((way) =>
          lines.map((line) => ({ lines: [...way.lines, line], price: way.price + price + line.fromMm + line.toMm })),
        ),
      ];
    },
    [{ lines: [], price: 0 }],
  );
}

function withPlaning(board: GapBoard, gaps: Float64Array, lines: readonly PlaningLine[]): Float64Array {
  const after = Float64Array.from(gaps);
  for (const line of lines) {
    for (const i of board.onEdge[line.edge] ?? []) after[i] = (after[i] ?? 0) + planedOff(line, board.f[i] ?? 0);
  }
  return after;
}

function added(a: Float64Array, b: Float64Array): Float64Array {
  const sum = new Float64Array(a.length);
  for (let i = 0; i < sum.length; i += 1) sum[i] = (a[i] ?? 0) + (b[i] ?? 0);
  return sum;
}
