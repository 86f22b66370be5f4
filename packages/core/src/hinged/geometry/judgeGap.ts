import { GAUGE_TELLS_MM, type ToleranceProfile } from '../../model/profile';
import type { EdgeId } from '../card/profiles';

/** How a gap stands against its profile; `rub` is no gap at all. */
export type GapVerdict = 'rub' | 'tight' | 'right' | 'wide';

/** Judges one gap of an edge by the limits of a profile. */
export function judgeGap({ edges }: Pick<ToleranceProfile<EdgeId>, 'edges'>, edge: EdgeId, mm: number): GapVerdict {
  const { min, max } = edges[edge];
  if (mm <= 0) return 'rub';
  if (mm < min - GAUGE_TELLS_MM) return 'tight';
  return mm > max + GAUGE_TELLS_MM ? 'wide' : 'right';
}
