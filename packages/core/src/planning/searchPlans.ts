import { planedOff, type PlaningLine } from '../model/planingLine';
import { toEnd, type Stepwise } from '../stepwise';
import { edgeOutside, outsideBy, stationOutside, type GapBoard } from './board';
import { leastMisfitToPay, leastToPay } from './leastToPay';
import { offLineBeyond } from './misfit';
import { planingLines } from './planingLines';
import { GUARD_PRICE, OUTSIDE_PRICE, SEEN_FROM_MM, type FoundPlan, type SearchSpace, type Setting } from './searchSpace';

/** A search that has turned over so many choices has found what it will find; few need more. */
export const MOST_TURNS = 8000;

/** So many turns are a few milliseconds. */
const TURNS_A_PIECE = 100;

/** What a search may still do, shared by the searches of one plan. */
export interface TurnsLeft {
  turns: number;
}

/** A choice at a place with what it leads to; none is a choice as well. */
interface Way {
  choice: Setting | undefined;
  /** The gaps after it, in a buffer of the search. */
  after: Float64Array;
  paid: number;
  /** How far each place is off the line, mm. */
  off: readonly number[];
  atLeast: number;
}

/** The ways at one place, the most promising first, and how many have been gone. */
interface Frame {
  ways: readonly Way[];
  gone: number;
}

/** The same in one go. */
export function searchPlans(space: SearchSpace, count: number, turns = MOST_TURNS): FoundPlan[] {
  return toEnd(searchInSteps(space, count, { turns }));
}

/**
 * The best plans of the space, exactly and best first: least price, where work costs its minutes, what is not undone its
 * premium, and every millimetre outside the limits, or in the guard before them, its own. Depth-first over the places, the
 * most promising choice first, bounded by the price of the work so far and the least that must still be paid.
 *
 * @param count how many of the best to keep
 * @param left what it may do, of which it takes what it did; at nought it stops with the best found, and says so
 */
export function* searchInSteps(space: SearchSpace, count: number, left: TurnsLeft): Stepwise<FoundPlan[]> {
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
  const frames: Frame[] = [];
  const buffers = space.settings.map((choices) => choices.map(() => new Float64Array(space.start.length)));

  const open = (gaps: Float64Array, price: number, misfit: readonly number[]) => {
    left.turns -= 1;
    const place = frames.length;
    const choices = space.settings[place];
    if (choices === undefined) {
      judge(space, { chosen: chosenBy(frames), gaps, price, misfit }, worst, keep);
      return;
    }
    const ways: Way[] = [];
    for (let c = -1; c < choices.length; c += 1) {
      const choice = choices[c];
      const paid = price + (choice?.price ?? 0);
      const off = choice === undefined ? misfit : movedOff(space.line, misfit, choice);
      // What can no longer be among the best is not looked into further.
      const offLine = leastOffLine(place + 1, off);
      const upTo = worst() - paid - offLine;
      if (upTo <= 0) continue;
      const after = choice === undefined ? gaps : sumInto(buffers[place]?.[c], gaps, choice.changes);
      const atLeast = paid + leastFrom(place + 1, after, upTo) + offLine;
      if (atLeast < worst()) ways.push({ choice, after, paid, off, atLeast });
    }
    frames.push({ ways: ways.sort((a, b) => a.atLeast - b.atLeast), gone: 0 });
  };

  open(
    space.start,
    0,
    space.line.misfit.map((_, j) => space.misfitNow[j] ?? 0),
  );
  for (let turned = 1; frames.length > 0 && left.turns > 0;) {
    const frame = frames[frames.length - 1] as Frame;
    const way = frame.ways[frame.gone];
    if (way === undefined || way.atLeast >= worst()) {
      frames.pop();
      continue;
    }
    frame.gone += 1;
    open(way.after, way.paid, way.off);
    turned += 1;
    if (turned % TURNS_A_PIECE === 0) yield turned / (turned + left.turns);
  }
  return left.turns > 0 ? best : best.map((each) => ({ ...each, isCutShort: true }));
}

/** What has been chosen at each place down to here. */
const chosenBy = (frames: readonly Frame[]): Setting[] => frames.flatMap(({ ways, gone }) => ways[gone - 1]?.choice ?? []);

/** A choice at every place. */
interface Chosen {
  chosen: readonly Setting[];
  gaps: Float64Array;
  /** Of the work. */
  price: number;
  misfit: readonly number[];
}

/** Keeps what is set if it is good enough: as it is, with the strike brought to the bolt, and with timber off where room lacks. */
function judge(
  space: SearchSpace,
  { chosen, gaps, price: workPrice, misfit }: Chosen,
  worst: () => number,
  keep: (found: FoundPlan) => void,
) {
  const isAsked = (setting: Setting) =>
    space.mustUse.some(({ action, place }) => action === setting.action.id && (place === undefined || place === setting.where));
  if (space.mustUse.length > 0 && !chosen.some(isAsked)) return;
  const offLine = OUTSIDE_PRICE * offLineBeyond(misfit, space.misfitAllowedMm);
  const { board, guard } = space;
  const { bolt } = board;
  const consider = (after: Float64Array, price: number, planed: readonly PlaningLine[], strike?: FoundPlan['strike']): Outside => {
    const plain = outsideBy(board, after);
    // What is outside by itself may be too much already.
    const guarded = price + offLine + OUTSIDE_PRICE * plain >= worst() ? Infinity : outsideBy(board, after, guard);
    const total = price + offLine + OUTSIDE_PRICE * plain + GUARD_PRICE * guarded;
    if (total < worst()) {
      // The gaps stand in a buffer of the search.
      const found = { settings: [...chosen], planed, gaps: after.slice(), misfit: [...misfit] };
      keep({ ...found, outside: offLine / OUTSIDE_PRICE + plain, price: total, ...(strike && { strike }) });
    }
    return { plain, guarded };
  };
  /** @returns what lies outside beside the bolt, mm */
  const withStrike = (after: Float64Array, price: number, planed: readonly PlaningLine[]): number => {
    const { plain, guarded } = consider(after, price, planed);
    const off = after[bolt] ?? 0;
    const besideBolt = plain - stationOutside(board, after, bolt, 0);
    const boltGuarded = stationOutside(board, after, bolt, guard.stations[bolt] ?? 0);
    if (boltGuarded === 0) return besideBolt;
    const still = price + offLine + OUTSIDE_PRICE * besideBolt + (guarded === Infinity ? 0 : GUARD_PRICE * (guarded - boltGuarded));
    for (const choice of space.strikes) {
      if (Math.abs(off) > choice.upToMm || still + choice.price >= worst() + ROUNDING) continue;
      const met = after.slice();
      met[bolt] = 0;
      consider(met, price + choice.price, planed, { choice, mm: -off });
    }
    return besideBolt;
  };
  const asSet = withStrike(gaps, workPrice, []);
  // Timber comes off only for a real lack of room.
  if (asSet + offLine / OUTSIDE_PRICE <= SEEN_FROM_MM) return;
  const isTooDear = (price: number) => workPrice + price + offLine >= worst();
  for (const { lines, price } of planingsOf(space, gaps, isTooDear)) {
    // A plane makes nothing right on another edge.
    const elsewhere = lines.reduce((sum, { edge }) => sum - edgeOutside(board, gaps, edge), asSet);
    if (lines.length > 0 && !isTooDear(price + OUTSIDE_PRICE * elsewhere - ROUNDING))
      withStrike(withPlaning(board, gaps, lines), workPrice + price, lines);
  }
}

/** How much lies outside the limits, and in the guard before them too, mm; Infinity where the first alone is too much. */
interface Outside {
  plain: number;
  guarded: number;
}

/** A sum of prices in another order is no further from the sum than this, minutes. */
const ROUNDING = 1e-6;

/** Each edge alone, and both: with the lines that would bring each edge right, but for what is too dear. */
function planingsOf(
  space: SearchSpace,
  gaps: Float64Array,
  isTooDear: (price: number) => boolean,
): { lines: PlaningLine[]; price: number }[] {
  return space.planes.reduce<{ lines: PlaningLine[]; price: number }[]>(
    (ways, { action, price }) => {
      if (action.effect.kind !== 'plane' || isTooDear(price)) return ways;
      const { edge } = action.effect;
      const lines = planingLines(space.board, gaps, edge, space.guard.stations[space.board.onEdge[edge]?.[0] ?? 0] ?? 0);
      return [
        ...ways,
        ...ways.flatMap((way) =>
          lines
            .map((line) => ({ lines: [...way.lines, line], price: way.price + price + line.fromMm + line.toMm }))
            .filter((longer) => !isTooDear(longer.price)),
        ),
      ];
    },
    [{ lines: [], price: 0 }],
  );
}

function withPlaning(board: GapBoard, gaps: Float64Array, lines: readonly PlaningLine[]): Float64Array {
  const after = gaps.slice();
  for (const line of lines) {
    for (const i of board.onEdge[line.edge] ?? []) after[i] = (after[i] ?? 0) + planedOff(line, board.f[i] ?? 0);
  }
  return after;
}

/** How far each place is off the line, mm, with one more setting; what moves the slab whole leaves them on it. */
function movedOff({ misfit }: SearchSpace['line'], off: readonly number[], { where, shiftMm }: Setting): readonly number[] {
  if (where === 'whole') return off;
  const own = misfit[where];
  return off.map((mm, j) => mm + shiftMm * (own?.[j] ?? 0));
}

function sumInto(buffer: Float64Array | undefined, a: Float64Array, b: Float64Array): Float64Array {
  const sum = buffer ?? new Float64Array(a.length);
  for (let i = 0; i < sum.length; i += 1) sum[i] = (a[i] ?? 0) + (b[i] ?? 0);
  return sum;
}
