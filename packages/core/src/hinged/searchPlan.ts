import type { Action } from './actions';
import type { HingeLine } from './hingeLine';
import { offCentre, outsideBy, type GapBoard } from './gapsRound';
import { planedOff, planingLines, type PlaningLine } from './planing';

/** A thing that may be done at one hinge, with what it does to the gaps. */
export interface HingeChoice {
  action: Action;
  hinge: number;
  amount: number;
  /** + toward the latch, mm. */
  shiftMm: number;
  changes: Float64Array;
  price: number;
}

/** A cure that may be done at the faulty hinge. */
export interface CureChoice {
  action: Action;
  changes: Float64Array;
  price: number;
}

export interface SearchSpace {
  board: GapBoard;
  start: Float64Array;
  /** One of these is done, or none when the list is empty. */
  cures: readonly CureChoice[];
  /** For each hinge, what may be done there; at most one is. */
  atHinge: readonly (readonly HingeChoice[])[];
  /** Actions of which one must be among the hinge choices, when the cause is cured there. */
  mustUse: readonly Action['id'][];
  planes: readonly { action: Action; price: number }[];
  line: HingeLine;
  guardMm: number;
  misfitAllowedMm: number;
}

export interface FoundPlan {
  cure?: CureChoice;
  hinges: readonly HingeChoice[];
  planed: readonly PlaningLine[];
  gaps: Float64Array;
  misfit: readonly number[];
  /** mm outside the limits in all; 0 when the plan makes the door true. */
  outside: number;
  price: number;
  visited: number;
}

/** A door whose gaps are all at their limits is worth this many minutes of work to centre. */
const OFF_CENTRE_PRICE = 12;
/** A gap inside its limit but within the guard is worth this many minutes a millimetre to clear. */
const GUARD_PRICE = 20;
/** Plans are compared by what they leave outside the limits to this step, mm, before their price. */
const OUTSIDE_STEP_MM = 0.01;

/**
 * The best plan in the space, exactly: depth-first over the hinges with the price so far as the bound. First least outside
 * the limits, then least price (minutes, irreversibility, and how near their limits the gaps are left).
 */
export function searchPlan(space: SearchSpace): FoundPlan {
  const cures: readonly (CureChoice | undefined)[] = space.cures.length > 0 ? space.cures : [undefined];
  const ordered = space.atHinge.map((choices) => [...choices].sort((a, b) => a.price - b.price));
  let best: FoundPlan | undefined;
  let visited = 0;

  const judge = (cure: CureChoice | undefined, hinges: readonly HingeChoice[], gaps: Float64Array, price: number) => {
    visited += 1;
    if (space.mustUse.length > 0 && !hinges.some(({ action }) => space.mustUse.includes(action.id))) return;
    const misfit = misfitOf(space.line, hinges);
    const misfitOver = misfit.reduce((sum, m) => sum + Math.max(0, Math.abs(m) - space.misfitAllowedMm), 0);
    const weigh = (planed: readonly PlaningLine[], after: Float64Array, planingPrice: number): FoundPlan => ({
      hinges,
      planed,
      gaps: after,
      misfit,
      outside: misfitOver + outsideBy(space.board, after, 0),
      price: price + planingPrice + comfortPrice(space, after),
      visited,
      ...(cure && { cure }),
    });
    const keep = (found: FoundPlan) => {
      if (best === undefined || isBetter(found, best)) best = found;
    };
    const asSet = weigh([], gaps, 0);
    keep(asSet);
    // Timber comes off only for a real lack of room, and only where that makes the door true.
    if (!leavesOutside(asSet)) return;
    for (const { lines, price: planingPrice } of planingsOf(space, gaps)) {
      if (lines.length === 0) continue;
      const planed = weigh(lines, withPlaning(space.board, gaps, lines), planingPrice);
      if (!leavesOutside(planed)) keep(planed);
    }
  };

  const descend = (cure: CureChoice | undefined, hinge: number, chosen: readonly HingeChoice[], gaps: Float64Array, price: number) => {
    if (best !== undefined && stepsOutside(best) === 0 && price >= best.price) return;
    const choices = ordered[hinge];
    if (choices === undefined) {
      judge(cure, chosen, gaps, price);
      return;
    }
    descend(cure, hinge + 1, chosen, gaps, price);
    for (const choice of choices) {
      descend(cure, hinge + 1, [...chosen, choice], added(gaps, choice.changes), price + choice.price);
    }
  };

  for (const cure of cures) {
    descend(cure, 0, [], cure ? added(space.start, cure.changes) : space.start, cure?.price ?? 0);
  }
  // A must-use that no hinge offers leaves nothing judged: then the door as it is, honestly outside.
  best ??= {
    hinges: [],
    planed: [],
    gaps: space.start,
    misfit: [],
    outside: outsideBy(space.board, space.start, space.guardMm),
    price: 0,
    visited,
  };
  return { ...best, visited };
}

/** What a door inside its limits still costs in trust: gaps in the guard band, gaps off centre. */
function comfortPrice({ board, guardMm }: SearchSpace, gaps: Float64Array): number {
  return GUARD_PRICE * outsideBy(board, gaps, guardMm) + OFF_CENTRE_PRICE * offCentre(board, gaps);
}

const stepsOutside = ({ outside }: FoundPlan) => Math.round(outside / OUTSIDE_STEP_MM);

/** Whether a plan leaves the door outside its profile by more than can be seen. */
export const leavesOutside = (found: FoundPlan) => stepsOutside(found) > 0;

function isBetter(a: FoundPlan, b: FoundPlan): boolean {
  const byOutside = stepsOutside(a) - stepsOutside(b);
  return byOutside !== 0 ? byOutside < 0 : a.price < b.price;
}

function misfitOf(line: HingeLine, hinges: readonly HingeChoice[]): number[] {
  return line.misfit.map((_, j) => hinges.reduce((sum, { hinge, shiftMm }) => sum + shiftMm * (line.misfit[hinge]?.[j] ?? 0), 0));
}

/** No planing, each edge alone, both: with the lines that would bring each edge right. */
function planingsOf(space: SearchSpace, gaps: Float64Array): { lines: PlaningLine[]; price: number }[] {
  return space.planes.reduce<{ lines: PlaningLine[]; price: number }[]>(
    (ways, { action, price }) => {
      if (action.effect.kind !== 'plane') return ways;
      const lines = planingLines(space.board, gaps, action.effect.edge, space.guardMm);
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
    for (const i of board.onEdge[line.edge]) after[i] = (after[i] ?? 0) + planedOff(line, board.f[i] ?? 0);
  }
  return after;
}

function added(a: Float64Array, b: Float64Array): Float64Array {
  const sum = Float64Array.from(a);
  for (let i = 0; i < sum.length; i += 1) sum[i] = (sum[i] ?? 0) + (b[i] ?? 0);
  return sum;
}
