import { DomainError } from '@proper-swing/core';
import { SLAB_EDGES, type MadeCut, type SlabEdge } from '@proper-swing/core/sheets';
import type { ListedCut } from './CutLines';

const MARK = /^(\d+(?:\.\d+)?):(\d+(?:\.\d+)?)$/;

/**
 * Cuts that were ticked off, as they stand in the sheet’s field: `latch 0:2.1 1985:0; head 0:0 764:5`.
 *
 * @throws DomainError `made.unreadable`
 */
export function readMade(text: string): MadeCut[] {
  return text.split(';').map((part) => {
    const [edge = '', ...marks] = part.trim().split(/\s+/);
    const read = marks.map((mark) => MARK.exec(mark));
    if (!SLAB_EDGES.includes(edge as SlabEdge) || read.length === 0 || read.includes(null))
      throw new DomainError('made.unreadable', 'made', `Cannot read “${part.trim()}” as a cut that was made.`);
    return { edge: edge as SlabEdge, marks: read.map((found) => ({ at: Number(found?.[1]), mm: Number(found?.[2]) })) };
  });
}

export const writeMade = (cuts: readonly MadeCut[]): string =>
  cuts.map(({ edge, marks }) => [edge, ...marks.map(({ at, mm }) => `${at}:${mm}`)].join(' ')).join('; ');

/** A listed cut as it was really made: everywhere by as much more or less, in proportion. */
export function madeOf({ edge, marks, deepestMm }: ListedCut, reallyMm: number): MadeCut {
  const share = deepestMm === 0 ? 0 : reallyMm / deepestMm;
  return { edge: edge as SlabEdge, marks: marks.map(({ at, mm }) => ({ at: Math.round(at), mm: Math.round(mm * share * 100) / 100 })) };
}
