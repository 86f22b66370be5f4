/** Units a length may be typed in. */
export type LengthUnit = 'mm' | 'cm' | 'm' | 'in' | 'ft';

/** A length with what was typed beside its value, so that it prints back as written. */
export interface Length {
  /** Value in millimetres. */
  mm: number;
  /** Unit it was meant in. */
  unit: LengthUnit;
  /** The text exactly as typed. */
  typed: string;
}

/** Exact by definition: the international inch is 25.4 mm (1959 yard and pound agreement). */
export const MM_PER_UNIT: Readonly<Record<LengthUnit, number>> = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 };
