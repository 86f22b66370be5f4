/** Timber off one edge, running straight from one end to the other, mm at each end of the edge. */
export interface PlaningLine<Edge extends string = string> {
  edge: Edge;
  /** At the end the walk of that edge counts from: the head end of a side, the hinge end of the head. */
  fromMm: number;
  toMm: number;
}

/** Timber off at a place along the edge, 0 to 1, mm. */
export function planedOff({ fromMm, toMm }: Pick<PlaningLine, 'fromMm' | 'toMm'>, f: number): number {
  return fromMm + (toMm - fromMm) * f;
}

/** How well a hand keeps to a planed line, mm (common practice, no source). */
export const PLANING_SD_MM = 0.3;
