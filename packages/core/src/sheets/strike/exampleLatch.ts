import type { LatchAtStrike } from './strike';

/** An ordinary tubular latch in its strike, in order: what examples and tests begin with. */
export const EXAMPLE_LATCH: LatchAtStrike = {
  boltHeightMm: 16,
  holeHeightMm: 20,
  boltThicknessMm: 11,
  holeWidthMm: 13,
  throwMm: 12,
  gapMm: 3,
  strikeSunkMm: 0,
  boreMm: 15,
  lowMm: 0,
  playMm: 0.4,
};
