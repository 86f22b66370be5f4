/** What a call is for: a door put right, or one fitted. */
export const JOBS = ['repair', 'fitSlab', 'fitPair', 'shorten', 'lining'] as const;

export type Job = (typeof JOBS)[number];
