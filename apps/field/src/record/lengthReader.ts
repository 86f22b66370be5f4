import { DomainError, parseLength } from '@proper-swing/core';

/** Reads lengths as typed, mm; one that cannot be read is no number, and what is wrong with it is noted at its field. */
export function lengthReader<F extends string>(units: 'mm' | 'in', errors: Partial<Record<F, string>>): (field: F, text: string) => number {
  return (field, text) => {
    try {
      return parseLength(text, { defaultUnit: units, field }).mm;
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      errors[field] = error.message;
      return Number.NaN;
    }
  };
}
