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

/** A length that must be given, within limits, mm. */
export const lengthBetween = (description: string, from: number, to: number) => mm(description).required().test(finite).min(from).max(to);

/** A length that may be left out. */
export const lengthIfRead = (description: string, from: number, to: number) => mm(description).test(finite).min(from).max(to);

/** A figure in another unit, which its description names. */
export const figureBetween = (description: string, from: number, to: number) =>
  number().required().test(finite).min(from).max(to).meta({ description });

export const degrees = (description: string, to = 180) => figureBetween(`${description}, degrees`, 0, to);
