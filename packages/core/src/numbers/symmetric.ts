/**
 * Inverse and log determinant of a small symmetric positive definite matrix, row by row, by Gauss–Jordan elimination
 * without exchange of rows, which such a matrix does not need.
 *
 * @param n rows; nought gives an empty inverse and a log determinant of nought
 */
export function invertSymmetric(matrix: Float64Array, n: number): { inverse: Float64Array; logDeterminant: number } {
  const left = matrix.slice();
  const inverse = new Float64Array(n * n);
  for (let i = 0; i < n; i += 1) inverse[i * n + i] = 1;
  let logDeterminant = 0;
  for (let k = 0; k < n; k += 1) {
    const pivot = left[k * n + k] ?? 1;
    logDeterminant += Math.log(pivot);
    for (let j = 0; j < n; j += 1) {
      left[k * n + j] = (left[k * n + j] ?? 0) / pivot;
      inverse[k * n + j] = (inverse[k * n + j] ?? 0) / pivot;
    }
    for (let i = 0; i < n; i += 1) {
      const times = left[i * n + k] ?? 0;
      if (i === k || times === 0) continue;
      for (let j = 0; j < n; j += 1) {
        left[i * n + j] = (left[i * n + j] ?? 0) - times * (left[k * n + j] ?? 0);
        inverse[i * n + j] = (inverse[i * n + j] ?? 0) - times * (inverse[k * n + j] ?? 0);
      }
    }
  }
  return { inverse, logDeterminant };
}
