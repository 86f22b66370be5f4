import { MM_PER_UNIT } from './length';

/** Inch fractions the trade's rules are divided in. */
export type Denominator = 2 | 4 | 8 | 16 | 32 | 64;

/** A length in whole inches and a reduced fraction; `numerator` is 0 when there is none. */
export interface InchFraction {
  negative: boolean;
  whole: number;
  numerator: number;
  denominator: number;
}

/**
 * Rounds a length to the nearest fraction of an inch, ties to even, reduced (2/16 gives 1/8).
 *
 * @param mm length in millimetres, any sign, finite
 * @param finest the finest denominator allowed
 */
export function toInchFraction(mm: number, finest: Denominator): InchFraction {
  const parts = roundHalfEven((Math.abs(mm) / MM_PER_UNIT.in) * finest);
  const whole = Math.floor(parts / finest);
  let numerator = parts - whole * finest;
  let denominator: number = finest;
  while (numerator > 0 && numerator % 2 === 0) {
    numerator /= 2;
    denominator /= 2;
  }
  return { negative: mm < 0 && parts > 0, whole, numerator, denominator: numerator === 0 ? 1 : denominator };
}

/** Nearest whole number, ties to even; a tie is recognised within binary rounding noise. */
export function roundHalfEven(value: number): number {
  const below = Math.floor(value);
  const isTie = Math.abs(value - below - 0.5) < 1e-9;
  if (!isTie) return Math.round(value);
  return below % 2 === 0 ? below : below + 1;
}
