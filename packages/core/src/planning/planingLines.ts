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
  const needs = (board.onEdge[edge] ?? []).map((i) => ({ f: board.f[i] ?? 0, need: Math.max(0, low - (gaps[i] ?? 0)) }));
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
