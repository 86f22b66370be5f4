import type { SlabKind } from '../hinged/card/doorKinds';

/** What a slab of each make weighs, kg for each m³ of slab, hollows and glass reckoned in (common practice, no source). */
const DENSITY: Readonly<Record<SlabKind, number>> = {
  solidTimber: 480,
  framed: 420,
  hollowCore: 230,
  composite: 520,
  steel: 650,
  glazed: 700,
};

/** About what a slab weighs, kg, from its size and make; a scale under the latch edge tells it better. */
export function slabMass({
  slabWidthMm,
  slabHeightMm,
  thicknessMm,
  slabKind,
}: {
  slabWidthMm: number;
  slabHeightMm: number;
  thicknessMm: number;
  slabKind: SlabKind;
}): number {
  return (slabWidthMm * slabHeightMm * thicknessMm * DENSITY[slabKind]) / 1e9;
}
