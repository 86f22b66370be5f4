import type { PairFit } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';

export function pairSays({ isPossible, leafWidthMm, left, right }: PairFit, { withUnit, bare }: LengthWords): string {
  if (!isPossible) return 'This pair cannot fit: more would have to come off than may.';
  return `Each leaf ${withUnit(leafWidthMm)} wide where it is narrowest; first cuts ${bare(left.firstCutMm)} and ${withUnit(right.firstCutMm)} long.`;
}
