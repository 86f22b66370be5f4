import type { StrikeRemedy } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';

/** `File the bottom of the hole 1.7 mm down` */
export function remedyWords({ title, mm, way }: StrikeRemedy, { withUnit }: LengthWords): string {
  return mm === 0 ? title : `${title}: ${withUnit(mm)}${way === '' || title.includes(way) ? '' : ` ${way}`}`;
}
