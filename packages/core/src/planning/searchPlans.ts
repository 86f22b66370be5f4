import { planedOff, type PlaningLine } from '../model/planingLine';
import { toEnd, type Stepwise } from '../stepwise';
import { edgeOutside, outsideBy, stationOutside, type GapBoard } from './board';
import { leastMisfitToPay, leastToPay } from './leastToPay';
import { offLineBeyond } from './misfit';
import { planingLines } from './planingLines';
import { GUARD_PRICE, OUTSIDE_PRICE, SEEN_FROM_MM, type FoundPlan, type SearchSpace, type Setting } from './searchSpace';

/** A search that has turned over so many choices has found what it will find; few need more. */
export const MOST_TURNS = 11_000;

/** So many ways to plane take as long as a turn. */
const PLANINGS_A_TURN = 6;

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
  /** How far each place is off the line, mm, in a buffer as well. */
  off: Float64Array;
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
  const buffers = space.settings.map((choices) =>
    choices.map(() => ({ gaps: new Float64Array(space.start.length), off: new Float64Array(space.line.misfit.length) })),
  );

  const open = (gaps: Float64Array, price: number, misfit: Float64Array) => {
    left.turns -= 1;
    const place = frames.length;
    const choices = space.settings[place];
    if (choices === undefined) {
      left.turns -= judge(space, { chosen: chosenBy(frames), gaps, price, misfit }, worst, keep) / PLANINGS_A_TURN;
      return;
    }
    const ways: Way[] = [];
    for (let c = -1; c < choices.length; c += 1) {
      const choice = choices[c];
      const paid = price + (choice?.price ?? 0);
      const own = buffers[place]?.[c];
      const off = choice === undefined || own === undefined ? misfit : movedOff(space.line, misfit, choice, own.off);
      // What can no longer be among the best is not looked into further.
      const offLine = leastOffLine(place + 1, off);
      const upTo = worst() - paid - offLine;
      if (upTo <= 0) continue;
      const after = choice === undefined || own === undefined ? gaps : sumInto(own.gaps, gaps, choice.changes);
      const atLeast = paid + leastFrom(place + 1, after, upTo) + offLine;
      if (atLeast < worst()) ways.push({ choice, after, paid, off, atLeast });
    }
    frames.push({ ways: ways.sort((a, b) => a.atLeast - b.atLeast), gone: 0 });
  };

  open(
    space.start,
    0,
    Float64Array.from(space.line.misfit, (_, j) => space.misfitNow[j] ?? 0),
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
  misfit: Float64Array;
}

/**
 * Keeps what is set if it is good enough: as it is, with the strike brought to the bolt, and with timber off where room lacks.
 *
 * @returns how many ways to plane it has looked at
 */
function judge(
  space: SearchSpace,
  { chosen, gaps, price: workPrice, misfit }: Chosen,
  worst: () => number,
  keep: (found: FoundPlan) => void,
): number {
  const isAsked = (setting: Setting) =>
    space.mustUse.some(({ action, place }) => action === setting.action.id && (place === undefined || place === setting.where));
  if (space.mustUse.length > 0 && !chosen.some(isAsked)) return 0;
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
  if (asSet + offLine / OUTSIDE_PRICE <= SEEN_FROM_MM) return 0;
  const isTooDear = (price: number) => workPrice + price + offLine >= worst();
  const planings = planingsOf(space, gaps, isTooDear);
  for (const { lines, price } of planings) {
    // A plane makes nothing right on another edge.
    const elsewhere = lines.reduce((sum, { edge }) => sum - edgeOutside(board, gaps, edge), asSet);
    if (lines.length > 0 && !isTooDear(price + OUTSIDE_PRICE * elsewhere - ROUNDING))
      withStrike(withPlaning(board, gaps, lines), workPrice + price, lines);
  }
  return planings.length;
}

/** How much lies outside the limits, and in the guard before them too, mm; Infinity where the first alone is too much. */
interface Outside {
  plain: number;
  guarded: number;
}

/** A sum of prices in another order is no further from the sum than this, minutes. */
const ROUNDING = 1e-6;

/** Each edge alone, and more than one: with the lines that would bring each edge right, but for what is too dear. */
function planingsOf(space: SearchSpace, gaps: Float64Array, isTooDear: (price: number) => boolean): Planing[] {
  const ways: Planing[] = [{ lines: [], price: 0 }];
  for (const { action, price } of space.planes) {
    if (action.effect.kind !== 'plane' || isTooDear(price)) continue;
    const { edge } = action.effect;
    const lines = planingLines(space.board, gaps, edge, space.guard.stations[space.board.onEdge[edge]?.[0] ?? 0] ?? 0);
    const before = ways.length;
    for (let w = 0; w < before; w += 1) {
      const way = ways[w] as Planing;
      for (const line of lines) {
        const longer = way.price + price + line.fromMm + line.toMm;
        if (!isTooDear(longer)) ways.push({ lines: [...way.lines, line], price: longer });
      }
    }
  }
  return ways;
}

interface Planing {
  lines: readonly PlaningLine[];
  price: number;
}

function withPlaning(board: GapBoard, gaps: Float64Array, lines: readonly PlaningLine[]): Float64Array {
  const after = gaps.slice();
  for (const line of lines) {
    for (const i of board.onEdge[line.edge] ?? []) after[i] = (after[i] ?? 0) + planedOff(line, board.f[i] ?? 0);
  }
  return after;
}

/** How far each place is off the line, mm, with one more setting; what moves the slab whole leaves them on it. */
function movedOff({ misfit }: SearchSpace['line'], off: Float64Array, { where, shiftMm }: Setting, into: Float64Array): Float64Array {
  if (where === 'whole') return off;
  const own = misfit[where];
  for (let j = 0; j < into.length; j += 1) into[j] = (off[j] ?? 0) + shiftMm * (own?.[j] ?? 0);
  return into;
}

function sumInto(sum: Float64Array, a: Float64Array, b: Float64Array): Float64Array {
  for (let i = 0; i < sum.length; i += 1) sum[i] = (a[i] ?? 0) + (b[i] ?? 0);
  return sum;
}
