import { DomainError } from '@proper-swing/core';
import {
  PAIR_EDGES,
  PAIR_LEAVES,
  SLAB_EDGES,
  type MadeCut,
  type MadePairCut,
  type PairEdge,
  type PairLeafId,
  type SlabEdge,
} from '@proper-swing/core/sheets';
import type { ListedCut } from './CutLines';

const MARK = /^(\d+(?:\.\d+)?):(\d+(?:\.\d+)?)$/;

type Marks = MadeCut['marks'];

/** Cuts as they stand in a field, each with the name of its edge. */
function readCuts<T>(text: string, cutOf: (name: string, marks: Marks) => T | undefined): T[] {
  return text.split(';').map((part) => {
    const [name = '', ...marks] = part.trim().split(/\s+/);
    const read = marks.map((mark) => MARK.exec(mark));
    const cut =
      read.length === 0 || read.includes(null)
        ? undefined
        : cutOf(
            name,
            read.map((found) => ({ at: Number(found?.[1]), mm: Number(found?.[2]) })),
          );
    if (cut === undefined) throw new DomainError('made.unreadable', 'made', `Cannot read “${part.trim()}” as a cut that was made.`);
    return cut;
  });
}

const oneOf = <T extends string>(all: readonly T[], name: string | undefined): T | undefined => all.find((each) => each === name);

/**
 * Cuts that were ticked off, as they stand in the sheet’s field: `latch 0:2.1 1985:0; head 0:0 764:5`.
 *
 * @throws DomainError `made.unreadable`
 */
export const readMade = (text: string): MadeCut[] =>
  readCuts(text, (name, marks) => {
    const edge = oneOf(SLAB_EDGES, name);
    return edge && { edge, marks };
  });

/**
 * The same of a pair, the leaf before the edge: `left.outer 0:2.1 1985:0`.
 *
 * @throws DomainError `made.unreadable`
 */
export const readMadePair = (text: string): MadePairCut[] =>
  readCuts(text, (name, marks) => {
    const [first, second] = name.split('.');
    const [leaf, edge] = [oneOf(PAIR_LEAVES, first), oneOf(PAIR_EDGES, second)];
    return leaf && edge && { leaf, edge, marks };
  });

const written = (name: string, marks: Marks) => [name, ...marks.map(({ at, mm }) => `${at}:${mm}`)].join(' ');

export const writeMade = (cuts: readonly MadeCut[]): string => cuts.map(({ edge, marks }) => written(edge, marks)).join('; ');

export const writeMadePair = (cuts: readonly MadePairCut[]): string =>
  cuts.map(({ leaf, edge, marks }) => written(`${leaf}.${edge}`, marks)).join('; ');

/** The marks of a listed cut as it was really made: everywhere by as much more or less, in proportion. */
function reallyOff({ marks, deepestMm }: ListedCut, reallyMm: number): Marks {
  const share = deepestMm === 0 ? 0 : reallyMm / deepestMm;
  return marks.map(({ at, mm }) => ({ at: Math.round(at), mm: Math.round(mm * share * 100) / 100 }));
}

export const madeOf = (cut: ListedCut, reallyMm: number): MadeCut => ({ edge: cut.edge as SlabEdge, marks: reallyOff(cut, reallyMm) });

export const madeOfPair = (leaf: PairLeafId, cut: ListedCut, reallyMm: number): MadePairCut => ({
  leaf,
  edge: cut.edge as PairEdge,
  marks: reallyOff(cut, reallyMm),
});
