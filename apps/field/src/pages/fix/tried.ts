import type { StationId } from '@proper-swing/core/doors';
import type { TriedGap as AnyTriedGap } from '@proper-swing/core/planning/triedGaps';
import { VERDICT_WORDS } from '../../design/drawing/marks';
import type { LengthWords } from '../../design/lengthWords';
import type { GapLabel } from '../../doors/gapLabel';

export type TriedGap = AnyTriedGap<StationId>;

/** `+1.5 mm`, `−0.5 mm` */
export const signed = (mm: number, { withUnit }: LengthWords) => `${mm > 0 ? '+' : mm < 0 ? '−' : ''}${withUnit(Math.abs(mm))}`;

/** What of a setting is not as it should be, in a line. */
export function triedWords(gaps: readonly TriedGap[], uneven: number): string {
  const outside = gaps.filter(({ verdict }) => verdict !== 'right').length;
  if (outside === 0 && uneven === 0) return 'Everything inside its limits and even.';
  return [
    ...(outside > 0 ? [`${outside} ${outside === 1 ? 'gap' : 'gaps'} outside`] : []),
    ...(uneven > 0 ? [`${uneven} uneven`] : []),
  ].join(', ');
}

/** What stands beside each gap: what it would be, and what it was. */
export function triedLabels(gaps: readonly TriedGap[], words: LengthWords): ReadonlyMap<StationId, GapLabel> {
  return new Map(
    gaps.map(({ station: id, beforeMm, afterMm, verdict }): [StationId, GapLabel] => [
      id,
      {
        main: afterMm <= 0 ? 'rubs' : words.bare(afterMm),
        ...(Math.abs(afterMm - beforeMm) >= 0.05 && { sub: beforeMm <= 0 ? 'rubbed' : `was ${words.bare(beforeMm)}` }),
        isPencil: true,
        verdict,
        spoken: `would be ${words.withUnit(Math.max(0, afterMm))}, ${VERDICT_WORDS[verdict]}`,
      },
    ]),
  );
}
