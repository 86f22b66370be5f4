import { dot, takeAtMost, timesCov, type Gaussian } from '../numbers/gaussian';
import type { FilteredFigures, Magnitudes } from './filterFigures';
import type { Hypothesis } from './hypotheses';
import type { LinearReading } from './linearReadings';

/** Log of the chance of all rubs under a hypothesis, worked out among the rubbing stations alone. */
export function rubEvidence({ sound, left }: FilteredFigures, rubs: readonly LinearReading[]) {
  const n = rubs.length;
  const gains = rubs.map(({ row }) => timesCov(sound.cov, row.coefficients));
  const soundMean = rubs.map(({ row }) => row.offset + dot(row.coefficients, sound.mean));
  const soundCov = rubs.map(({ row }) => gains.map((gain) => dot(row.coefficients, gain)));
  const shares = left.map((along) => rubs.map(({ row }) => dot(row.coefficients, along)));
  const units = rubs.map((_, i) => ({ coefficients: Float64Array.from({ length: n }, (_each, j) => (i === j ? 1 : 0)), offset: 0 }));
  return ({ directions }: Hypothesis, { mean, cov }: Magnitudes): number => {
    const q = directions.length;
    const at: Gaussian = { mean: Float64Array.from(soundMean), cov: new Float64Array(n * n) };
    for (let i = 0; i < n; i += 1) {
      for (let j = 0; j < n; j += 1) at.cov[i * n + j] = soundCov[i]?.[j] ?? 0;
      directions.forEach((place, a) => {
        const own = shares[place]?.[i] ?? 0;
        at.mean[i] = (at.mean[i] ?? 0) + own * (mean[a] ?? 0);
        directions.forEach((other, b) => {
          const both = own * (cov[a * q + b] ?? 0);
          for (let j = 0; j < n; j += 1) at.cov[i * n + j] = (at.cov[i * n + j] ?? 0) + both * (shares[other]?.[j] ?? 0);
        });
      });
    }
    return rubs.reduce((sum, { variance }, i) => {
      const unit = units[i];
      return unit === undefined ? sum : sum + takeAtMost(at, unit, 0, variance);
    }, 0);
  };
}
