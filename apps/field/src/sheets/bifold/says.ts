import type { BifoldSheet } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';

export function bifoldSays({ leafWidthMm, leafHeightMm, cutHeightMm }: BifoldSheet, { withUnit, bare }: LengthWords): string {
  const cut = cutHeightMm !== undefined && cutHeightMm > 0 ? `: ${withUnit(cutHeightMm)} off the foot` : '';
  return `Each leaf ${bare(leafWidthMm)} by ${withUnit(leafHeightMm)}${cut}.`;
}
