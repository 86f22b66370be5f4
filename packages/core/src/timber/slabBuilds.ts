import { acrossGrain, type CutOfBoards, type SpeciesId } from './species';

/** How a slab is put together, as far as its width follows the weather. */
export const BUILDS = ['plank', 'framed', 'veneered', 'moulded'] as const;
export type Build = (typeof BUILDS)[number];

/** Timber that moves, lengths in mm. */
export interface SlabOfTimber {
  species: SpeciesId;
  cut: CutOfBoards;
  build: Build;
  slabWidthMm: number;
  /** Width of one stile of a framed slab. */
  stileMm: number;
}

/** Boards glued crosswise, and skins of fibre, for each % of moisture as a share of the width (Wood Handbook, chapter 12, from memory). */
const CROSSWISE = 0.0003;
const FIBRE_SKIN = 0.0004;

/** Change of a slab’s width for each % of moisture, mm: all of a slab of planks, both stiles of a framed one, whose panels float. */
const PER_PERCENT: Readonly<Record<Build, (slab: SlabOfTimber) => number>> = {
  plank: ({ species, cut, slabWidthMm }) => acrossGrain(species, cut) * slabWidthMm,
  framed: ({ species, cut, stileMm }) => acrossGrain(species, cut) * 2 * stileMm,
  veneered: ({ slabWidthMm }) => CROSSWISE * slabWidthMm,
  moulded: ({ slabWidthMm }) => FIBRE_SKIN * slabWidthMm,
};

/** Change of width for a change of moisture: ΔD = D·C·ΔM (Wood Handbook, chapter 13), mm. */
export const widthChange = (slab: SlabOfTimber, percent: number): number => PER_PERCENT[slab.build](slab) * percent;
