import { LEAST_BLOCK_MM } from './slabKinds';
import { sum, type Sum } from './sums';

/** A hollow slab cut past its solid rail; lengths in mm. */
export interface SlabToReblock {
  blockMm: number;
  cutMm: number;
  slabWidthMm: number;
  thicknessMm: number;
  /** Width of the solid rail's neighbours at the sides, and thickness of a skin. */
  stileMm: number;
  skinMm: number;
  /** Pivots or guides of a folding door sit in this end. */
  carriesPivot: boolean;
}

export interface Reblocking {
  leftMm: number;
  mustReblock: boolean;
  /** The plug that goes back: between the stiles and between the skins, as tall as there is of it. */
  plugWidthMm: number;
  plugThicknessMm: number;
  plugHeightMm: number;
  /** What a plug from new timber must be, where the offcut holds none. */
  needsNewPlug: boolean;
  sums: Sum[];
}

/** The solid rail after a cut, and the plug that closes a hollow slab again. */
export function reblock({ blockMm, cutMm, slabWidthMm, thicknessMm, stileMm, skinMm, carriesPivot }: SlabToReblock): Reblocking {
  const leftMm = Math.max(0, blockMm - cutMm);
  const width = sum('plug', slabWidthMm).less(stileMm, 2);
  const thickness = sum('plug', thicknessMm).less(skinMm, 2);
  const inOffcut = Math.min(blockMm, cutMm);
  return {
    leftMm,
    // A pivot tears out of what a skin would still bear.
    mustReblock: leftMm < (carriesPivot ? blockMm / 2 : LEAST_BLOCK_MM) || (carriesPivot && cutMm >= blockMm),
    plugWidthMm: width.gives,
    plugThicknessMm: thickness.gives,
    plugHeightMm: inOffcut,
    needsNewPlug: inOffcut < LEAST_BLOCK_MM,
    sums: [width.done, thickness.done],
  };
}
