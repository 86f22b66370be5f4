import { DomainError, parseLength } from '@proper-swing/core';

export type Readings = { at: number; mm: number }[];

/** Readings at places of one’s own: `1500: 768; 400: 770`. @throws DomainError `opening.place` */
export function readPlaces(text: string, units: 'mm' | 'in', field: string): Readings {
  return text
    .split(';')
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => {
      const [at, mm, ...rest] = part.split(':').map((each) => each.trim());
      if (at === undefined || mm === undefined || at === '' || mm === '' || rest.length > 0)
        throw new DomainError('opening.place', field, `Cannot read “${part}”: type where, a colon, and how much.`);
      const mmOf = (typed: string) => parseLength(typed, { defaultUnit: units, field }).mm;
      return { at: mmOf(at), mm: mmOf(mm) };
    });
}
