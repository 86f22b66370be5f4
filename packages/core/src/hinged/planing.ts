import type { GapBoard } from './gapsRound';
import type { EdgeId } from './profiles';

/** Timber off one edge, running straight from one end to the other, mm at each end of the edge. */
export interface PlaningLine {
  edge: EdgeId;
  /** At the head end of a side, or the hinge end of the head. */
  fromMm: number;
  toMm: number;
}

/** A plane is set and a line is marked to half a millimetre. */
const STEP_MM = 0.5;

/**
 * Straight lines of timber to take off an edge so that its gaps come right: just to the lower limit, and to the target.
 * Both ends are taken up to the next half millimetre; nothing when there is no lack of room.
 */
export function planingLines(board: GapBoard, gaps: Float64Array, edge: EdgeId, guard: number): PlaningLine[] {
  const at = board.onEdge[edge];
  const limit = board.limits[at[0] ?? 0];
  if (limit === undefined) return [];
  const toLimit = lineLifting(board, gaps, edge, limit.min + guard);
  if (toLimit === undefined) return [];
  const toTarget = lineLifting(board, gaps, edge, limit.target);
  return toTarget === undefined ? [toLimit] : [toLimit, toTarget];
}

export function planedOff(line: PlaningLine, f: number): number {
  return line.fromMm + (line.toMm - line.fromMm) * f;
}

/**
 * The line of least timber that lifts every gap of an edge to `low`: least `from + to` under from·(1−f)+to·f ≥ need(f), a
 * linear program in two unknowns whose optimum is at a crossing of two of its limits; all crossings are tried.
 */
function lineLifting(board: GapBoard, gaps: Float64Array, edge: EdgeId, low: number): PlaningLine | undefined {
  const needs = board.onEdge[edge].map((i) => ({ f: board.f[i] ?? 0, need: Math.max(0, low - (gaps[i] ?? 0)) }));
  if (needs.every(({ need }) => need === 0)) return undefined;
  const corners: [number, number][] = [];
  for (const { f, need } of needs) corners.push([need / (1 - f), 0], [0, need / f]);
  needs.forEach((a, i) => {
    for (const b of needs.slice(i + 1)) {
      const slope = (b.need - a.need) / (b.f - a.f);
      corners.push([a.need - slope * a.f, a.need + slope * (1 - a.f)]);
    }
  });
  const enough = ([from, to]: [number, number]) =>
    from >= -1e-9 && to >= -1e-9 && needs.every(({ f, need }) => from * (1 - f) + to * f >= need - 1e-9);
  const best = corners.filter(enough).sort((a, b) => a[0] + a[1] - (b[0] + b[1]))[0];
  if (best === undefined) return undefined;
  return { edge, fromMm: roundUp(best[0]), toMm: roundUp(best[1]) };
}

const roundUp = (mm: number) => Math.max(0, Math.ceil(mm / STEP_MM - 1e-6) * STEP_MM);

/** How well a hand keeps to a planed line, mm (common practice, no source). */
export const PLANING_SD_MM = 0.3;
