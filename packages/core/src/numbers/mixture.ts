import type { Spread } from './gaussian';

/**
 * Mean and variance of a weighted mixture; the variance is the mean of the variances and the variance of the means.
 *
 * @param parts weights need not sum to one
 * @example mixSpreads([{ mean: 0, variance: 1, weight: 1 }, { mean: 2, variance: 1, weight: 1 }]) // { mean: 1, variance: 2 }
 */
export function mixSpreads(parts: readonly (Spread & { weight: number })[]): Spread {
  const total = parts.reduce((sum, { weight }) => sum + weight, 0);
  const mean = parts.reduce((sum, part) => sum + part.weight * part.mean, 0) / total;
  const variance = parts.reduce((sum, part) => sum + part.weight * (part.variance + (part.mean - mean) ** 2), 0) / total;
  return { mean, variance };
}
