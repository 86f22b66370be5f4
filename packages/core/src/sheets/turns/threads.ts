import { MM_PER_UNIT } from '../../length/length';

/**
 * Threads that roller and hanger screws have, with their pitch, mm. Metric coarse: ISO 261; Unified: threads an inch of ASME B1.1, UNC
 * (both from memory).
 */
export const THREADS = {
  M4: { title: 'M4', pitchMm: 0.7 },
  M5: { title: 'M5', pitchMm: 0.8 },
  M6: { title: 'M6', pitchMm: 1 },
  M8: { title: 'M8', pitchMm: 1.25 },
  unc8: { title: 'No. 8–32', pitchMm: MM_PER_UNIT.in / 32 },
  unc10: { title: 'No. 10–24', pitchMm: MM_PER_UNIT.in / 24 },
  unc14: { title: '1/4–20', pitchMm: MM_PER_UNIT.in / 20 },
  unc38: { title: '3/8–16', pitchMm: MM_PER_UNIT.in / 16 },
} as const;

export type ThreadId = keyof typeof THREADS;
export const THREAD_IDS = Object.keys(THREADS) as ThreadId[];
