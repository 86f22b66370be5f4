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

/** One of a few answers, each as often as its weight says. */
export function drawOne({ uniform }: RandomStream, weights: Readonly<Record<string, number>>): string {
  let at = uniform() * Object.values(weights).reduce((sum, each) => sum + each, 0);
  for (const [answer, weight] of Object.entries(weights)) {
    at -= weight;
    if (at < 0) return answer;
  }
  return Object.keys(weights)[0] ?? '';
}
