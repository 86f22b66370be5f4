import type { PocketSheet } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';

export function pocketSays({ lengthMm, cutMm }: PocketSheet, { withUnit }: LengthWords): string {
  const cut =
    cutMm === undefined ? '' : cutMm > 0 ? `: ${withUnit(cutMm)} off` : cutMm < 0 ? `: it is ${withUnit(-cutMm)} short` : ': as it is';
  return `Slab ${withUnit(lengthMm)} long${cut}.`;
}
