import { logNormalBelow, logNormalDensity, lowerMillsRatio } from './normal';

/** A normal belief about a vector: mean of n entries and an n × n covariance, row by row. */
export interface Gaussian {
  mean: Float64Array;
  cov: Float64Array;
}

/** One row of a linear reading: the reading is `Σ coefficients[i]·p[i] + offset`. */
export interface LinearRow {
  coefficients: Float64Array;
  offset: number;
}

/** Mean and variance of a single figure. */
export interface Spread {
  mean: number;
  variance: number;
}

/** A vector with zeros behind it, `size` entries in all. */
export function widened(vector: Float64Array, size: number): Float64Array {
  const longer = new Float64Array(size);
  longer.set(vector);
  return longer;
}

export function copyGaussian(g: Gaussian): Gaussian {
  return { mean: g.mean.slice(), cov: g.cov.slice() };
}

/** Adds `variance · v vᵀ` to a covariance, in place: one independent cause of spread along `v`. */
export function addSpread(cov: Float64Array, v: Float64Array, variance: number): void {
  const n = v.length;
  for (let i = 0; i < n; i += 1) {
    const vi = (v[i] ?? 0) * variance;
    if (vi === 0) continue;
    for (let j = 0; j < n; j += 1) cov[i * n + j] = (cov[i * n + j] ?? 0) + vi * (v[j] ?? 0);
  }
}

/** What the belief says about one linear figure. */
export function project(g: Gaussian, row: LinearRow): Spread {
  const { coefficients, offset } = row;
  const n = coefficients.length;
  const used: number[] = [];
  for (let i = 0; i < n; i += 1) if (coefficients[i] !== 0) used.push(i);
  let mean = offset;
  let variance = 0;
  for (const i of used) {
    const own = coefficients[i] ?? 0;
    mean += own * (g.mean[i] ?? 0);
    for (const j of used) variance += own * (coefficients[j] ?? 0) * (g.cov[i * n + j] ?? 0);
  }
  return { mean, variance: Math.max(0, variance) };
}

/**
 * Takes in one reading by the closed-form normal update, in place.
 *
 * @param noise variance of the reading, mm²
 * @returns log of how likely this reading was before it was taken
 */
export function takeReading(g: Gaussian, row: LinearRow, value: number, noise: number): number {
  const gain = timesCov(g.cov, row.coefficients);
  const mean = row.offset + dot(row.coefficients, g.mean);
  const variance = dot(row.coefficients, gain) + noise;
  moveAlong(g, gain, (value - mean) / variance, 1 / variance);
  return logNormalDensity(value, mean, variance);
}

/**
 * Takes in a censored reading, "the figure is at most `limit`", in place: the belief is replaced by the normal with the
 * mean and variance of the cut-off one (moment matching, as in assumed-density filtering; T. Minka, 2001).
 *
 * @param noise variance of the limit itself, mm²
 * @returns log of how likely it was that the figure is below the limit
 */
export function takeAtMost(g: Gaussian, row: LinearRow, limit: number, noise: number): number {
  const gain = timesCov(g.cov, row.coefficients);
  const mean = row.offset + dot(row.coefficients, g.mean);
  const variance = dot(row.coefficients, gain) + noise;
  const sd = Math.sqrt(variance);
  const z = (limit - mean) / sd;
  const pull = lowerMillsRatio(z);
  moveAlong(g, gain, -pull / sd, (pull * (pull + z)) / variance);
  return logNormalBelow(z);
}

/** Lower triangle L with L·Lᵀ = cov + jitter, for sampling. Non-positive pivots become zero columns. */
export function choleskyOf(cov: Float64Array, n: number): Float64Array {
  const lower = new Float64Array(n * n);
  for (let j = 0; j < n; j += 1) {
    let pivot = cov[j * n + j] ?? 0;
    for (let k = 0; k < j; k += 1) pivot -= (lower[j * n + k] ?? 0) ** 2;
    if (pivot <= 1e-12) continue;
    const root = Math.sqrt(pivot);
    lower[j * n + j] = root;
    for (let i = j + 1; i < n; i += 1) {
      let sum = cov[i * n + j] ?? 0;
      for (let k = 0; k < j; k += 1) sum -= (lower[i * n + k] ?? 0) * (lower[j * n + k] ?? 0);
      lower[i * n + j] = sum / root;
    }
  }
  return lower;
}

export function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i += 1) sum += (a[i] ?? 0) * (b[i] ?? 0);
  return sum;
}

/** Covariance times a vector. */
export function timesCov(cov: Float64Array, v: Float64Array): Float64Array {
  const n = v.length;
  const out = new Float64Array(n);
  for (let j = 0; j < n; j += 1) {
    const vj = v[j] ?? 0;
    if (vj === 0) continue;
    for (let i = 0; i < n; i += 1) out[i] = (out[i] ?? 0) + (cov[i * n + j] ?? 0) * vj;
  }
  return out;
}

/** Moves a belief along a gain: mean by `gain · step`, covariance down by `shrink · gain gainᵀ`. */
export function moveAlong(g: Gaussian, gain: Float64Array, step: number, shrink: number): void {
  const n = gain.length;
  for (let i = 0; i < n; i += 1) {
    const gi = gain[i] ?? 0;
    if (gi === 0) continue;
    g.mean[i] = (g.mean[i] ?? 0) + gi * step;
    const scaled = gi * shrink;
    for (let j = 0; j < n; j += 1) g.cov[i * n + j] = (g.cov[i * n + j] ?? 0) - scaled * (gain[j] ?? 0);
  }
}
