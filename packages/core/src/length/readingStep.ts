import { MM_PER_UNIT } from './length';

/** A rule is read to sixteenths of an inch, or finer where a finer fraction was written (common practice, no source). */
const COARSEST_FRACTION = 16;
const VULGAR = /[½¼¾⅛⅜⅝⅞]/;

/**
 * To what step a figure was read, as the way it was written shows, mm: a fraction of an inch to sixteenths or finer; millimetres without a
 * decimal, or with a half, to halves; with another decimal to tenths; decimal inches to their last place.
 *
 * @param typed as it was typed, with its unit: `1/8 in`, `3.5 mm`
 */
export function readingStep(typed: string): number {
  const fraction = /\d\s*\/\s*(\d+)/.exec(typed);
  if (fraction?.[1] !== undefined) return MM_PER_UNIT.in / Math.max(COARSEST_FRACTION, Number(fraction[1]));
  if (VULGAR.test(typed)) return MM_PER_UNIT.in / COARSEST_FRACTION;
  const decimals = /[.,](\d+)/.exec(typed)?.[1] ?? '';
  if (/in|"|ft|'/.test(typed)) return MM_PER_UNIT.in / (decimals === '' ? COARSEST_FRACTION : 10 ** decimals.length);
  return decimals === '' || /^50*$/.test(decimals) ? 0.5 : 10 ** -decimals.length;
}
