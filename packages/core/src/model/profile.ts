/** Limits of one figure, mm. */
export interface Limits {
  min: number;
  target: number;
  max: number;
}

/** Limits of the gap along an edge, mm. */
export interface EdgeLimits extends Limits {
  /** So wide a gap lets the slab go: it can be lifted out or comes off, and is not free whatever else. */
  letsGoFrom?: number;
}

/** What the gaps of a door are judged by. */
export interface ToleranceProfile<Edge extends string = string> {
  edges: Readonly<Record<Edge, EdgeLimits>>;
  /** Largest difference allowed along an edge whose gap must be even, mm. */
  evenWithin: number;
}

/** A gauge does not tell less than this, so a figure this close outside its limit counts as inside, mm (common practice, no source). */
export const GAUGE_TELLS_MM = 0.05;

/** Read again with a gauge, a figure this close outside its limit passes for inside, mm (common practice, no source). */
export const PASSES_MM = 0.15;

/** By how much figures of one edge differ beyond what is allowed, mm; nought for fewer than two. */
export function unevenBeyond(figures: readonly number[], allowedMm: number): number {
  if (figures.length < 2) return 0;
  return Math.max(0, Math.max(...figures) - Math.min(...figures) - allowedMm);
}
