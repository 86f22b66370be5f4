import { DomainError } from '@proper-swing/core';
import type { PackerKind } from '@proper-swing/core/sheets';
import type { SheetField } from '../benchSheet';
import { inList, length } from '../fieldKinds';
import { readPlaces } from '../placesText';

export const BEHIND = length('behindMm', 'Face to a pipe, cable, pocket', { isOptional: true, hint: 'What must not be hit' });

export const PACKERS: readonly SheetField[] = [
  { path: 'thicknessesMm', label: 'Packers in the van', kind: 'lengths', usual: [1, 2, 3, 5], hint: 'Thicknesses, a comma between' },
  {
    path: 'counts',
    label: 'How many of each',
    kind: 'words',
    isOptional: true,
    hint: 'In the same order; empty: as many as wanted',
    read: (text) =>
      text
        .split(/[,;]/)
        .filter((part) => part.trim() !== '')
        .map((part) => {
          const count = Number(part.trim());
          if (!Number.isInteger(count) || count < 0)
            throw new DomainError('packers.count', 'counts', `Cannot read “${part.trim()}” as a number of pieces.`);
          return count;
        }),
  },
];

/** Packers with their counts, as the engine asks for them. */
export const packerKinds = (thicknessesMm: readonly number[], counts: readonly number[] = []): PackerKind[] =>
  thicknessesMm.map((mm, i) => ({ mm, ...(counts[i] !== undefined && { count: counts[i] }) }));

/** A field of readings at heights. */
export const places = (path: string, label: string, hint: string): SheetField => ({
  ...{ path, label, hint, kind: 'text' as const },
  read: (text, units) => readPlaces(text, units, path),
});

/** The field that an error of the packers belongs to. */
export const inKinds = (field: string) => (/^kinds/.test(field) ? 'thicknessesMm' : inList(field));
