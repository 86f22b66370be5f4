interface SpeciesEntry {
  title: string;
  /** Change across the grain for each % of moisture, as a share of the size: along the rings and across them. */
  tangential: number;
  radial: number;
}

/**
 * Coefficients of dimensional change between 6 and 14 % of moisture (Wood Handbook, USDA Forest Products Laboratory, chapter 13, table of
 * coefficients for dimensional change due to shrinkage or swelling; from memory).
 */
const SPECIES_TABLE = {
  whiteOak: { title: 'White oak', radial: 0.0018, tangential: 0.00365 },
  redOak: { title: 'Red oak', radial: 0.00158, tangential: 0.00369 },
  beech: { title: 'Beech', radial: 0.0019, tangential: 0.00431 },
  ash: { title: 'White ash', radial: 0.00169, tangential: 0.00274 },
  sugarMaple: { title: 'Sugar maple', radial: 0.00165, tangential: 0.00353 },
  walnut: { title: 'Black walnut', radial: 0.0019, tangential: 0.00274 },
  tulipPoplar: { title: 'Tulip poplar', radial: 0.00158, tangential: 0.00289 },
  mahogany: { title: 'Mahogany', radial: 0.00172, tangential: 0.00238 },
  teak: { title: 'Teak', radial: 0.00101, tangential: 0.00186 },
  douglasFir: { title: 'Douglas fir', radial: 0.00165, tangential: 0.00267 },
  spruce: { title: 'Sitka spruce', radial: 0.00148, tangential: 0.00263 },
  whiteFir: { title: 'White fir', radial: 0.00112, tangential: 0.00245 },
  whitePine: { title: 'Eastern white pine', radial: 0.00071, tangential: 0.00212 },
  yellowPine: { title: 'Loblolly pine', radial: 0.00165, tangential: 0.00259 },
  redCedar: { title: 'Western red cedar', radial: 0.00111, tangential: 0.00234 },
} as const satisfies Record<string, SpeciesEntry>;

export type SpeciesId = keyof typeof SPECIES_TABLE;
export const SPECIES_IDS = Object.keys(SPECIES_TABLE) as SpeciesId[];
export const species = (id: SpeciesId): SpeciesEntry => SPECIES_TABLE[id];

/** How its boards were sawn: rings flat in the face, upright in it, or both by turns. */
export const CUTS = ['flat', 'quarter', 'mixed'] as const;
export type CutOfBoards = (typeof CUTS)[number];

export function acrossGrain(id: SpeciesId, cut: CutOfBoards): number {
  const { tangential, radial } = SPECIES_TABLE[id];
  return { flat: tangential, quarter: radial, mixed: (tangential + radial) / 2 }[cut];
}
