import { number } from 'yup';

/** A length, mm. */
export const mm = (description: string) => number().meta({ description: `${description}, mm` });

export const finite = {
  name: 'finite',
  message: '${path} must be a finite number',
  test: (value: number | null | undefined) => value == null || Number.isFinite(value),
};

/** Larger than any door a person hangs; keeps nonsense out of the arithmetic. */
export const LARGEST_MM = 6000;
