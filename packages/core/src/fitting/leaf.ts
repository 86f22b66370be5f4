import { addOutlines, inOrder, outlineAt, placesOf, straightAt, type Outline, type OutlinePoint } from './outline';

/** The edges of a leaf as it is drawn, seen from the side it opens to with the hinges of a single leaf on the left. */
export const LEAF_EDGES = ['left', 'right', 'head', 'foot'] as const;
export type LeafEdge = (typeof LEAF_EDGES)[number];

/** A slab by its edges, mm from the foot of its left edge: sides by height, head and foot by distance across. */
export type Leaf = Readonly<Record<LeafEdge, Outline>>;

export interface SlabSizes {
  /** Across, at heights above its foot. */
  widths: readonly OutlinePoint[];
  /** Along, at distances from its left edge. */
  heights: readonly OutlinePoint[];
}

/** The left edge and the foot are taken as straight and square to each other: sizes are measured from them. */
export const leafOf = ({ widths, heights }: SlabSizes): Leaf => ({
  left: straightAt(0),
  right: inOrder(widths),
  head: inOrder(heights),
  foot: straightAt(0),
});

/** How long an edge is, and how wide or tall the leaf is across it, mm at most. */
export const longest = (outline: Outline) => outline.reduce((most, { mm }) => (mm > most ? mm : most), -Infinity);
export const lengthOf = (leaf: Leaf, edge: LeafEdge) => longest(isSide(edge) ? leaf.head : leaf.right);
export const isSide = (edge: LeafEdge) => edge === 'left' || edge === 'right';

/** What an edge of a leaf is called: by its hinges and its latch, in a pair by what it stands beside. */
export type NamedEdge = 'hinge' | 'outer' | 'latch' | 'meeting' | 'head' | 'foot';
export type HingesOn = 'left' | 'right';

const OTHER: Readonly<Record<HingesOn, HingesOn>> = { left: 'right', right: 'left' };

/** Where a named edge is drawn: what closes lies away from the hinges. */
export function drawnEdge(edge: NamedEdge, hingesOn: HingesOn): LeafEdge {
  if (edge === 'head' || edge === 'foot') return edge;
  return edge === 'hinge' || edge === 'outer' ? hingesOn : OTHER[hingesOn];
}

/** Marks of a side are told from the top down, those of an end from the hinge side: whether that is against the way it is drawn. */
export const isToldBackward = (edge: LeafEdge, hingesOn: HingesOn) => isSide(edge) || hingesOn === 'right';

/** Which way timber comes off an edge: toward greater figures, or less. */
export const inward = (edge: LeafEdge) => (edge === 'left' || edge === 'foot' ? 1 : -1);

/** Timber off an edge, by share of its length from the foot or from the left, mm. */
export interface Cut {
  edge: LeafEdge;
  off: Outline;
}

/** The leaf after cuts that were made. */
export function cutLeaf(leaf: Leaf, cuts: readonly Cut[]): Leaf {
  return cuts.reduce((left, { edge, off }) => {
    const lengthMm = lengthOf(leaf, edge);
    const alongEdge = off.map(({ at, mm }) => ({ at: at * lengthMm, mm }));
    return { ...left, [edge]: addOutlines(left[edge], alongEdge, inward(edge)) };
  }, leaf);
}

/** Where a leaf stands, mm: the foot of its left edge, and by how much its top leans toward the left over its height. */
export interface Standing {
  xMm: number;
  yMm: number;
  leansMm: number;
}

/** A point of a leaf in the opening. */
export function standsAt({ xMm, yMm, leansMm }: Standing, tallMm: number, u: number, v: number): { x: number; y: number } {
  const angle = leansMm / tallMm;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  return { x: xMm + u * cos - v * sin, y: yMm + u * sin + v * cos };
}

/** Where along an edge it passes a height of the opening, or for head and foot a distance across it, mm. */
export function alongAt({ xMm, yMm, leansMm }: Standing, tallMm: number, leaf: Leaf, edge: LeafEdge, at: number): number {
  const angle = leansMm / tallMm;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const passes = (alongMm: number) => {
    const offMm = outlineAt(leaf[edge], alongMm);
    return isSide(edge) ? (at - yMm - offMm * sin) / cos : (at - xMm + offMm * sin) / cos;
  };
  // An edge runs all but straight: what it stands off there hardly changes.
  return passes(passes(passes(0)));
}

/** Places along an edge where it bends, and its ends. */
export const bendsOf = (leaf: Leaf, edge: LeafEdge) =>
  placesOf(leaf[edge], [
    { at: 0, mm: 0 },
    { at: lengthOf(leaf, edge), mm: 0 },
  ]).filter((at) => at >= 0 && at <= lengthOf(leaf, edge));
