import type { RandomStream } from '@proper-swing/core';

export const between = ({ uniform }: RandomStream, from: number, to: number) => from + (to - from) * uniform();
export const sign = ({ uniform }: RandomStream) => (uniform() < 0.5 ? -1 : 1);

/** Draws for one fault of one door: lengths come as large as faults of its kind are in this world. */
export interface FaultDraw extends RandomStream {
  mm: (from: number, to: number) => number;
}

export function faultDraw(random: RandomStream, times = 1): FaultDraw {
  return { uniform: () => random.uniform(), normal: () => random.normal(), mm: (from, to) => times * between(random, from, to) };
}
