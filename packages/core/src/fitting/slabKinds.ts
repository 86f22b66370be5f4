import type { LeafEdge } from './leaf';

/** How a slab is made, as far as a saw is concerned. */
export const FIT_SLAB_KINDS = ['solid', 'hollow', 'framed', 'glazed', 'arched'] as const;
export type FitSlabKind = (typeof FIT_SLAB_KINDS)[number];

/** So much of a solid rail stays, or its skins come loose, mm (common practice, no source). */
export const LEAST_BLOCK_MM = 12;
/** The solid rail of a hollow slab unless it was measured: an inch and a half, mm (common practice, no source). */
export const USUAL_BLOCK_MM = 38;

/** What an edge may lose, mm: beyond it a stile gets thin beside its rails, a lipping or a block is cut through (common practice, no source). */
export const MAY_LOSE_MM: Readonly<Record<FitSlabKind, Readonly<Record<LeafEdge, number>>>> = {
  solid: { left: 20, right: 20, head: 25, foot: 40 },
  hollow: { left: 6, right: 6, head: USUAL_BLOCK_MM - LEAST_BLOCK_MM, foot: USUAL_BLOCK_MM - LEAST_BLOCK_MM },
  framed: { left: 10, right: 10, head: 15, foot: 25 },
  glazed: { left: 6, right: 6, head: 10, foot: 15 },
  arched: { left: 10, right: 10, head: 0, foot: 40 },
};

/** What of a hollow slab may go once its plug is glued back, mm (common practice, no source). */
export const REBLOCKED_MAY_LOSE_MM = 300;

/** What an edge of this slab may lose, by its kind, its own block and whether its plug may be glued back. */
export function mayLose(
  { kind, blockMm, mayReblock = false }: { kind: FitSlabKind; blockMm?: number; mayReblock?: boolean },
  edge: LeafEdge,
): number {
  const usual = MAY_LOSE_MM[kind][edge];
  if (kind !== 'hollow' || edge === 'left' || edge === 'right') return usual;
  return mayReblock ? REBLOCKED_MAY_LOSE_MM : Math.max(0, (blockMm ?? USUAL_BLOCK_MM) - LEAST_BLOCK_MM);
}
