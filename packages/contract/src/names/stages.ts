/** When a walk round the door was made: as found, between pieces of work, or as left. */
export const STAGES = ['found', 'check', 'left'] as const;

export type Stage = (typeof STAGES)[number];
