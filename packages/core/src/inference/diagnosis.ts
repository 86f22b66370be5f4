import type { Names } from '../model/names';
import type { DoubtfulReading } from './doubtful';
import type { Evidence } from './evidence';

export interface RankedCause<N extends Names = Names> {
  id: N['cause'];
  title: string;
  says: string;
  /** Chance that it is at work, alone or with another, 0 to 1. */
  probability: number;
  for: Evidence[];
  against: Evidence[];
  advice?: string;
}

/** Causes supposed to be at work together, and how likely just these are. */
export interface Supposition<N extends Names = Names> {
  causes: N['cause'][];
  probability: number;
}

/** What is expected at a station, read or not, mm. */
export interface ExpectedGap<N extends Names = Names> {
  station: N['station'];
  meanMm: number;
  sdMm: number;
}

/** Where a door stands, without the evidence: what changes under the thumb at every reading. */
export interface Estimate<N extends Names = Names> {
  /** Likeliest first. */
  causes: Pick<RankedCause<N>, 'id' | 'title' | 'probability'>[];
  /** Every station. A mean below nought is where the slab would have to overlap: it rubs. */
  expected: ExpectedGap<N>[];
  doubtful: DoubtfulReading<N>[];
}

export interface Diagnosis<N extends Names = Names> extends Estimate<N> {
  causes: RankedCause<N>[];
  /** One cause by itself or two together, likeliest first; the unlikeliest are left out. */
  suppositions: Supposition<N>[];
}
