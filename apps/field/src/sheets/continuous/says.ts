import type { FittingSheet } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';
import { capital } from '../../design/capital';

export function continuousSays({ trimMm, footTrimMm, packersMm, bearsEnough }: FittingSheet, { withUnit }: LengthWords): string {
  const trim = Math.max(...trimMm);
  const parts = [
    ...(bearsEnough ? [] : ['Too little frame for the leaf: refer or pack the frame']),
    trim > 0 ? `take up to ${withUnit(trim)} off the latch edge` : 'the width fits',
    ...(footTrimMm > 0 ? [`${withUnit(footTrimMm)} off the foot`] : []),
    `pack it up ${withUnit(packersMm)}`,
  ];
  const said = parts.join('; ');
  return `${capital(said)}.`;
}
