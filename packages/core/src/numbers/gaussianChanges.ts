import { dot, widened, type Gaussian } from './gaussian';

/** The same belief with so many more figures behind it, each nought and certain. */
export function withFurther({ mean, cov }: Gaussian, further: number): Gaussian {
  const n = mean.length;
  const size = n + further;
  const wide = { mean: widened(mean, size), cov: new Float64Array(size * size) };
  for (let i = 0; i < n; i += 1) wide.cov.set(cov.subarray(i * n, i * n + n), i * size);
  return wide;
}

/**
 * x += change · (1 + x[error]), in place, to first order about the mean: work whose amount is off by a share that stands in the
 * belief itself.
 */
export function moveWithError(g: Gaussian, change: Float64Array, error: number): void {
  const size = g.mean.length;
  for (let i = 0; i < size; i += 1) g.mean[i] = (g.mean[i] ?? 0) + (change[i] ?? 0) * (1 + (g.mean[error] ?? 0));
  addCorrelated(g, change, error, 1);
}

/** x −= share · along · x[source], in place: a share of one magnitude is taken away with all that it moved. */
export function takeShareAway(g: Gaussian, along: Float64Array, source: number, share: number): void {
  const magnitude = g.mean[source] ?? 0;
  for (let i = 0; i < along.length; i += 1) g.mean[i] = (g.mean[i] ?? 0) - share * (along[i] ?? 0) * magnitude;
  addCorrelated(g, along, source, -share);
}

/** One figure becomes a linear figure of the others, with an error of its own, in place. */
export function replaceFigure({ mean, cov }: Gaussian, place: number, row: Float64Array, offset: number, sd: number): void {
  const n = mean.length;
  const cross = Float64Array.from({ length: n }, (_, i) => dot(row, cov.subarray(i * n, i * n + n)));
  const variance = dot(row, cross) + sd * sd;
  mean[place] = offset + dot(row, mean);
  for (let i = 0; i < n; i += 1) {
    cov[i * n + place] = cross[i] ?? 0;
    cov[place * n + i] = cross[i] ?? 0;
  }
  cov[place * n + place] = variance;
}

/** Covariance of x + times · along · x[source], in place. */
function addCorrelated({ cov, mean }: Gaussian, along: Float64Array, source: number, times: number): void {
  const n = mean.length;
  const column = Float64Array.from({ length: n }, (_, i) => cov[i * n + source] ?? 0);
  const own = column[source] ?? 0;
  for (let i = 0; i < n; i += 1) {
    const ai = times * (along[i] ?? 0);
    for (let j = 0; j < n; j += 1) {
      const aj = times * (along[j] ?? 0);
      cov[i * n + j] = (cov[i * n + j] ?? 0) + ai * (column[j] ?? 0) + aj * (column[i] ?? 0) + ai * aj * own;
    }
  }
}
