import type { SlabFit } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';
import { capital } from '../../design/capital';
import { EDGE_WORDS } from './fitWords';

export function slabSays(fit: SlabFit, words: LengthWords): string {
  const { made } = fit;
  const cut = made.map(({ edge, mm }) => `${EDGE_WORDS[edge].toLowerCase()} ${words.withUnit(mm)}`).join(', ');
  return made.length === 0 ? leftSays(fit, words) : `Cut: ${cut} off. ${leftSays(fit, words)}`;
}

function leftSays({ isPossible, short, cuts, open, warnings, made }: SlabFit, { withUnit }: LengthWords): string {
  if (!isPossible) {
    const where = short.map(({ edge, mm }) => `${EDGE_WORDS[edge].toLowerCase()} ${withUnit(mm)} more than may come off`);
    return `It cannot fit: ${where.join(', ')}.`;
  }
  if (warnings.some(({ id }) => id === 'label')) return 'It carries a fire label: nothing is cut.';
  if (open.some(({ fill }) => fill === 'newSlab')) return 'The slab is too small for this opening.';
  if (cuts.length === 0) return made.length === 0 ? 'It fits as it is.' : 'Nothing more to cut.';
  const off = cuts.map(({ edge, deepestMm }) => `${EDGE_WORDS[edge].toLowerCase()} ${withUnit(deepestMm)}`).join(', ');
  return capital(`${off} off at the deepest.`);
}
