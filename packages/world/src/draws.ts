import type { RandomStream } from '@proper-swing/core';

export const between = ({ uniform }: RandomStream, from: number, to: number) => from + (to - from) * uniform();
export const sign = ({ uniform }: RandomStream) => (uniform() < 0.5 ? -1 : 1);
