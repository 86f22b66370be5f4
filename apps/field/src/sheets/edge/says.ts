import type { EdgeClearance } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';

export function edgeSays({ passes, clearanceMm, bevelHelps, leastBevelMm, leastGapMm }: EdgeClearance, { withUnit }: LengthWords): string {
  if (passes) return `It passes with ${withUnit(clearanceMm)} to spare.`;
  const state = clearanceMm < 0 ? `It binds by ${withUnit(-clearanceMm)}` : `It passes by ${withUnit(clearanceMm)} only`;
  const gap = `give it a gap of ${withUnit(leastGapMm)}`;
  return bevelHelps ? `${state}: bevel it ${withUnit(leastBevelMm)}, or ${gap}.` : `${state}: no bevel cures that, ${gap}.`;
}
