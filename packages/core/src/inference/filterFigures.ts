import { copyGaussian, dot, moveAlong, timesCov, type Gaussian } from '../numbers/gaussian';
import { logNormalDensity } from '../numbers/normal';
import { invertSymmetric } from '../numbers/symmetric';
import type { FaultSpace, Hypothesis } from './hypotheses';
import type { LinearReading } from './linearReadings';

/** What the figures say to every hypothesis at once. */
export interface FilteredFigures {
  /** The belief if the door were sound, after all figures. */
  sound: Gaussian;
  logSound: number;
  /** What is left of each fault direction once the figures have been explained by a sound door as far as they go. */
  left: readonly Float64Array[];
  /** How strongly the figures speak of each two directions, and how far they pull along each. */
  gram: Float64Array;
  pull: Float64Array;
}

/** What the figures make of the magnitudes of one hypothesis, in the order of its directions. */
export interface Magnitudes {
  logEvidence: number;
  mean: Float64Array;
  /** q × q, row by row. */
  cov: Float64Array;
}

/**
 * One Kalman filter over the figures for all hypotheses: they differ only in the magnitudes added along fixed directions,
 * so the filter of a sound door, with the directions carried through it, serves them all.
 *
 * @param prior the state of a sound door before anything is read
 *
 * Source: B. Friedland, "Treatment of bias in recursive filtering", IEEE Trans. Automatic Control 14 (1969).
 */
export function filterFigures(prior: Gaussian, space: FaultSpace, readings: readonly LinearReading[]): FilteredFigures {
  const sound = copyGaussian(prior);
  const left = space.directions.map(({ along }) => along.slice());
  const count = left.length;
  const gram = new Float64Array(count * count);
  const pull = new Float64Array(count);
  const seen = new Float64Array(count);
  let logSound = 0;
  for (const { row, mm, variance: noise } of readings) {
    if (mm === undefined) continue;
    const gain = timesCov(sound.cov, row.coefficients);
    const expected = row.offset + dot(row.coefficients, sound.mean);
    const variance = dot(row.coefficients, gain) + noise;
    logSound += logNormalDensity(mm, expected, variance);
    const root = Math.sqrt(variance);
    for (let k = 0; k < count; k += 1) {
      const direction = left[k] as Float64Array;
      const share = dot(row.coefficients, direction);
      seen[k] = share / root;
      if (share === 0) continue;
      for (let i = 0; i < direction.length; i += 1) direction[i] = (direction[i] ?? 0) - ((gain[i] ?? 0) * share) / variance;
    }
    const surprise = (mm - expected) / root;
    for (let k = 0; k < count; k += 1) {
      const own = seen[k] ?? 0;
      if (own === 0) continue;
      pull[k] = (pull[k] ?? 0) + own * surprise;
      for (let l = 0; l < count; l += 1) gram[k * count + l] = (gram[k * count + l] ?? 0) + own * (seen[l] ?? 0);
    }
    moveAlong(sound, gain, (mm - expected) / variance, 1 / variance);
  }
  return { sound, logSound, left, gram, pull };
}

/** The magnitudes of one hypothesis after the figures, and how well it foretold them. */
export function magnitudesOf(space: FaultSpace, { gram, pull, logSound }: FilteredFigures, { directions, spread }: Hypothesis): Magnitudes {
  const q = directions.length;
  const count = pull.length;
  const precision = new Float64Array(q * q);
  const drive = new Float64Array(q);
  let logEvidence = logSound;
  directions.forEach((place, a) => {
    const { mean, sd: usualSd } = space.directions[place] ?? { mean: 0, sd: 1 };
    const sd = usualSd * spread;
    directions.forEach((other, b) => {
      precision[a * q + b] = gram[place * count + other] ?? 0;
    });
    precision[a * q + a] = (precision[a * q + a] ?? 0) + 1 / (sd * sd);
    drive[a] = mean / (sd * sd) + (pull[place] ?? 0);
    logEvidence -= 0.5 * ((mean * mean) / (sd * sd)) + Math.log(sd);
  });
  const { inverse: cov, logDeterminant } = invertSymmetric(precision, q);
  const mean = new Float64Array(q);
  for (let a = 0; a < q; a += 1) for (let b = 0; b < q; b += 1) mean[a] = (mean[a] ?? 0) + (cov[a * q + b] ?? 0) * (drive[b] ?? 0);
  return { logEvidence: logEvidence + 0.5 * dot(mean, drive) - 0.5 * logDeterminant, mean, cov };
}

/** The whole belief under one hypothesis, the magnitudes behind the state; rubs are still to be taken in. */
export function stateUnder({ sound, left }: FilteredFigures, { directions }: Hypothesis, magnitudes: Magnitudes): Gaussian {
  const n = sound.mean.length;
  const q = directions.length;
  const size = n + q;
  const mean = new Float64Array(size);
  const cov = new Float64Array(size * size);
  mean.set(sound.mean);
  for (let i = 0; i < n; i += 1) cov.set(sound.cov.subarray(i * n, i * n + n), i * size);
  for (let a = 0; a < q; a += 1) {
    const along = left[directions[a] ?? 0] ?? sound.mean;
    const own = new Float64Array(n);
    for (let b = 0; b < q; b += 1) {
      const share = magnitudes.cov[b * q + a] ?? 0;
      const other = left[directions[b] ?? 0] ?? sound.mean;
      for (let i = 0; i < n; i += 1) own[i] = (own[i] ?? 0) + share * (other[i] ?? 0);
      cov[(n + a) * size + n + b] = magnitudes.cov[a * q + b] ?? 0;
    }
    const magnitude = magnitudes.mean[a] ?? 0;
    mean[n + a] = magnitude;
    for (let i = 0; i < n; i += 1) {
      const spread = own[i] ?? 0;
      mean[i] = (mean[i] ?? 0) + (along[i] ?? 0) * magnitude;
      cov[i * size + n + a] = spread;
      cov[(n + a) * size + i] = spread;
      if (spread === 0) continue;
      for (let j = 0; j < n; j += 1) cov[i * size + j] = (cov[i * size + j] ?? 0) + spread * (along[j] ?? 0);
    }
  }
  return { mean, cov };
}
