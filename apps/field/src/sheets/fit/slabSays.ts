import type { SlabFit } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';
import { EDGE_WORDS } from './fitWords';

export function slabSays({ isPossible, short, cuts, open, warnings }: SlabFit, { withUnit }: LengthWords): string {
  if (!isPossible)
    return `It cannot fit: ${short.map(({ edge, mm }) => `${EDGE_WORDS[edge].toLowerCase()} ${withUnit(mm)} more than may come off`).join(', ')}.`;
  if (warnings.some(({ id }) => id === 'label')) return 'It carries a fire label: nothing is cut.';
  if (open.some(({ fill }) => fill === 'newSlab')) return 'The slab is too small for this opening.';
  if (cuts.length === 0) return 'It fits as it is.';
  return `${cuts.map(({ edge, deepestMm }) => `${EDGE_WORDS[edge].toLowerCase()} ${withUnit(deepestMm)}`).join(', ')} off at the deepest.`.replace(
    /^./,
    (first) => first.toUpperCase(),
  );
}
