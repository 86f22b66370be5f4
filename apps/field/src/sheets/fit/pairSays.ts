import type { PairFit } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';

export function pairSays({ isPossible, leafWidthMm, left, right }: PairFit, { withUnit, bare }: LengthWords): string {
  const [made, cuts] = [left.made.length + right.made.length, left.cuts.length + right.cuts.length];
  if (isPossible && made > 0 && cuts === 0)
    return `Both leaves are cut: ${withUnit(leafWidthMm)} wide where it is narrowest. Nothing more to cut.`;
  if (!isPossible) return 'This pair cannot fit: more would have to come off than may.';
  return `Each leaf ${withUnit(leafWidthMm)} wide where it is narrowest; first cuts ${bare(left.firstCutMm)} and ${withUnit(right.firstCutMm)} long.`;
}
