import { SLAB_EDGES, type MadeCut, type SlabEdge } from '@proper-swing/core/sheets';
import { DomainError } from '@proper-swing/core';
import type { ListedCut } from './CutLines';

/** Cuts that were ticked off, as they stand in the sheet’s field. */
export function readMade(text: string): MadeCut[] {
  try {
    const read: unknown = JSON.parse(text);
    if (Array.isArray(read) && read.every(isMade)) return read;
  } catch {
    // Told below.
  }
  throw new DomainError('made.unreadable', 'made', 'The list of cuts that were made cannot be read: clear it.');
}

const isMade = (each: unknown): each is MadeCut =>
  typeof each === 'object' &&
  each !== null &&
  'edge' in each &&
  SLAB_EDGES.includes(each.edge as SlabEdge) &&
  'marks' in each &&
  Array.isArray(each.marks);

/** A listed cut as it was really made: everywhere by as much more or less, in proportion. */
export function madeOf({ edge, marks, deepestMm }: ListedCut, reallyMm: number): MadeCut {
  const share = deepestMm === 0 ? 0 : reallyMm / deepestMm;
  return { edge: edge as SlabEdge, marks: marks.map(({ at, mm }) => ({ at: round(at), mm: round(mm * share) })) };
}

const round = (mm: number) => Math.round(mm * 100) / 100;
