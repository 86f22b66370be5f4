import type { PlaningLine } from '../model/planingLine';
import type { GapBoard } from './board';

/** A plane is set and a line is marked to half a millimetre. */
const STEP_MM = 0.5;

/** Timber does not grow back: no line goes further beyond the lower limit than this, however wide a gap may be, mm. */
const CLEARS_MM = 1.5;

/**
 * Straight lines of timber to take off an edge so that its gaps come right: just to the lower limit, and to the target.
 * Both ends are taken up to the next half millimetre; nothing when there is no lack of room.
 */
export function planingLines(board: GapBoard, gaps: Float64Array, edge: string, guard: number): PlaningLine[] {
  const at = board.onEdge[edge] ?? [];
  const limit = board.limits[at[0] ?? 0];
  if (limit === undefined) return [];
  const toLimit = lineLifting(board, gaps, edge, limit.min + guard);
  if (toLimit === undefined) return [];
  const toTarget = lineLifting(board, gaps, edge, Math.min(limit.target, limit.min + CLEARS_MM));
  return toTarget === undefined ? [toLimit] : [toLimit, toTarget];
}

/**
 * The line of least timber that lifts every gap of an edge to `low`: least `from + to` under from·(1−f)+to·f ≥ need(f), a
 * linear program in two unknowns whose optimum is at a crossing of two of its limits; all crossings are tried.
 */
function lineLifting(board: GapBoard, gaps: Float64Array, edge: string, low: number): PlaningLine | undefined {
  const at = board.onEdge[edge] ?? [];
  const need = (i: number) => Math.max(0, low - (gaps[i] ?? 0));
  const f = (i: number) => board.f[i] ?? 0;
  if (at.every((i) => need(i) === 0)) return undefined;
  let best = Infinity;
  let fromMm = 0;
  let toMm = 0;
  const consider = (from: number, to: number) => {
    if (!(from >= -LEAST_MM && to >= -LEAST_MM && from + to < best)) return;
    for (const i of at) if (from * (1 - f(i)) + to * f(i) < need(i) - LEAST_MM) return;
    [best, fromMm, toMm] = [from + to, from, to];
  };
  for (const [k, i] of at.entries()) {
    consider(need(i) / (1 - f(i)), 0);
    consider(0, need(i) / f(i));
    for (let l = k + 1; l < at.length; l += 1) {
      const j = at[l] ?? i;
      const slope = (need(j) - need(i)) / (f(j) - f(i));
      consider(need(i) - slope * f(i), need(i) + slope * (1 - f(i)));
    }
  }
  return best === Infinity ? undefined : { edge, fromMm: roundUp(fromMm), toMm: roundUp(toMm) };
}

/** What is less is nothing, mm. */
const LEAST_MM = 1e-9;

const roundUp = (mm: number) => Math.max(0, Math.ceil(mm / STEP_MM - 1e-6) * STEP_MM);
