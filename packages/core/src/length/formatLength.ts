import { roundHalfEven, toInchFraction, type Denominator } from './fraction';

/** How a person wants lengths written. */
export type LengthStyle = { system: 'mm'; decimals?: number } | { system: 'in'; finest?: Denominator };

/**
 * Writes a length the way the trade does: `3.5 mm`, `1/8 in`, `2-1/4 in`.
 *
 * @param mm length in millimetres
 * @param style millimetres (one decimal unless said, trailing zero dropped) or inch fractions (1/32 unless said)
 */
export function formatLength(mm: number, style: LengthStyle): string {
  return `${formatNumber(mm, style)} ${style.system}`;
}

/** As `formatLength`, without the unit: for columns headed by it. */
export function formatNumber(mm: number, style: LengthStyle): string {
  if (style.system === 'mm') return formatMillimetres(mm, style.decimals ?? 1);
  const { negative, whole, numerator, denominator } = toInchFraction(mm, style.finest ?? 32);
  const sign = negative ? '−' : '';
  if (numerator === 0) return `${sign}${whole}`;
  const fraction = `${numerator}/${denominator}`;
  return whole === 0 ? `${sign}${fraction}` : `${sign}${whole}-${fraction}`;
}

function formatMillimetres(mm: number, decimals: number): string {
  const scale = 10 ** decimals;
  const rounded = (Math.sign(mm) * roundHalfEven(Math.abs(mm) * scale)) / scale;
  const digits = Math.abs(rounded).toFixed(decimals).replace(/\.0+$/, '');
  return rounded < 0 ? `−${digits}` : digits;
}
