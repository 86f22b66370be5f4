import type { EdgeId, ToleranceProfile } from './profiles';

/** How a gap stands against its profile; `rub` is no gap at all. */
export type GapVerdict = 'rub' | 'tight' | 'right' | 'wide';

/** A gauge does not tell less than this, so a gap this close to its limit is called right, mm. */
const LENIENCE_MM = 0.05;

/** Judges one gap of an edge by the limits of a profile. */
export function judgeGap({ edges }: Pick<ToleranceProfile, 'edges'>, edge: EdgeId, mm: number): GapVerdict {
  const { min, max } = edges[edge];
  if (mm <= 0) return 'rub';
  if (mm < min - LENIENCE_MM) return 'tight';
  return mm > max + LENIENCE_MM ? 'wide' : 'right';
}
