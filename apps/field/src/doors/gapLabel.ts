import type { GapVerdict } from '@proper-swing/core';

/** What stands beside a gap. */
export interface GapLabel {
  main: string;
  /** Second line, in pencil. */
  sub?: string;
  /** Estimates are in pencil; readings in ink. */
  isPencil: boolean;
  verdict?: GapVerdict;
  /** The whole in words, for a screen reader. */
  spoken: string;
}
