import type { ContinuousHinge } from './fittingSheet';

/** A worn door of 905 × 2120 mm in an opening that tapers by 3 mm: what examples and tests begin with. */
export const EXAMPLE_FITTING = {
  openingWidthsMm: [917, 916, 919],
  openingHeightsMm: [2139, 2137],
  slabWidthMm: 905,
  slabHeightMm: 2120,
  hingeLengthMm: 2108,
  hingeTakesMm: 7.9,
  frameLeafMm: 45,
  frameFaceMm: 50,
  footWantedMm: 10,
} satisfies ContinuousHinge;
