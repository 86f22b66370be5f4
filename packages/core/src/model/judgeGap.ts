import { GAUGE_TELLS_MM, type ToleranceProfile } from './profile';

/** How a gap stands against its profile; `rub` is no gap at all. */
export type GapVerdict = 'rub' | 'tight' | 'right' | 'wide';

/** Whether a gap is so wide that it lets the slab go. */
export const letsGo = <E extends string>({ edges }: Pick<ToleranceProfile<E>, 'edges'>, edge: E, mm: number): boolean =>
  mm >= (edges[edge].letsGoFrom ?? Infinity);

/** Judges one gap of an edge by the limits of a profile. */
export function judgeGap<E extends string>({ edges }: Pick<ToleranceProfile<E>, 'edges'>, edge: E, mm: number): GapVerdict {
  const { min, max } = edges[edge];
  if (mm <= 0) return 'rub';
  if (mm < min - GAUGE_TELLS_MM) return 'tight';
  return mm > max + GAUGE_TELLS_MM ? 'wide' : 'right';
}
