/** What a call is for: a door put right, one fitted, a jamb mended, a slab changed for another. */
export const JOBS = ['repair', 'fitSlab', 'fitPair', 'shorten', 'lining', 'jamb', 'changeSlab'] as const;

export type Job = (typeof JOBS)[number];
