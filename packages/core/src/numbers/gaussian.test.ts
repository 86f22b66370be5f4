import fc from 'fast-check';
import { inverse, Matrix } from 'ml-matrix';
import { addSpread, choleskyOf, copyGaussian, project, takeAtMost, takeReading, type Gaussian } from './gaussian';

const SIZE = 5;

const vector = fc.array(fc.double({ min: -2, max: 2, noNaN: true }), { minLength: SIZE, maxLength: SIZE });

const belief = fc.tuple(vector, fc.array(vector, { minLength: SIZE, maxLength: SIZE })).map(([mean, directions]): Gaussian => {
  const g = { mean: Float64Array.from(mean), cov: new Float64Array(SIZE * SIZE) };
  for (let i = 0; i < SIZE; i += 1) g.cov[i * SIZE + i] = 0.2;
  for (const d of directions) addSpread(g.cov, Float64Array.from(d), 1);
  return g;
});

const rowOf = (coefficients: number[]) => ({ coefficients: Float64Array.from(coefficients), offset: 0.5 });
const square = (cov: Float64Array) => new Matrix(Array.from({ length: SIZE }, (_, i) => Array.from(cov.slice(i * SIZE, (i + 1) * SIZE))));

describe('normal update against ml-matrix', () => {
  it('readings taken one by one give the batch posterior in information form', () => {
    fc.assert(
      fc.property(belief, fc.array(vector, { minLength: 1, maxLength: 6 }), (prior, rows) => {
        const noise = 0.3;
        const g = copyGaussian(prior);
        rows.forEach((row, i) => takeReading(g, rowOf(row), i - 1, noise));

        const precision = inverse(square(prior.cov));
        const h = new Matrix(rows);
        const values = Matrix.columnVector(rows.map((_, i) => i - 1 - 0.5));
        const posterior = inverse(Matrix.add(precision, h.transpose().mmul(h).div(noise)));
        const mean = posterior.mmul(
          Matrix.add(precision.mmul(Matrix.columnVector(Array.from(prior.mean))), h.transpose().mmul(values).div(noise)),
        );
        for (let i = 0; i < SIZE; i += 1) {
          expect(g.mean[i]).toBeCloseTo(mean.get(i, 0), 6);
          for (let j = 0; j < SIZE; j += 1) expect(g.cov[i * SIZE + j]).toBeCloseTo(posterior.get(i, j), 6);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('the chance of the readings is the joint normal density', () => {
    fc.assert(
      fc.property(belief, vector, vector, (prior, a, b) => {
        const g = copyGaussian(prior);
        const log = takeReading(g, rowOf(a), 1, 0.3) + takeReading(g, rowOf(b), -1, 0.3);
        const h = new Matrix([a, b]);
        const joint = Matrix.add(h.mmul(square(prior.cov)).mmul(h.transpose()), Matrix.eye(2).mul(0.3));
        const off = Matrix.sub(Matrix.columnVector([0.5, -1.5]), h.mmul(Matrix.columnVector(Array.from(prior.mean))));
        const determinant = joint.get(0, 0) * joint.get(1, 1) - joint.get(0, 1) * joint.get(1, 0);
        const expected =
          -Math.log(2 * Math.PI) - 0.5 * Math.log(determinant) - 0.5 * off.transpose().mmul(inverse(joint)).mmul(off).get(0, 0);
        expect(log).toBeCloseTo(expected, 5);
      }),
      { numRuns: 60 },
    );
  });

  it('the sampling root squares to the covariance', () => {
    fc.assert(
      fc.property(belief, ({ cov }) => {
        const root = square(choleskyOf(cov, SIZE));
        const back = root.mmul(root.transpose());
        for (let i = 0; i < SIZE; i += 1) for (let j = 0; j < SIZE; j += 1) expect(back.get(i, j)).toBeCloseTo(cov[i * SIZE + j] ?? 0, 8);
      }),
    );
  });
});

describe('censored reading', () => {
  it('has the moments of a half normal', () => {
    const g = { mean: Float64Array.of(0), cov: Float64Array.of(1) };
    const log = takeAtMost(g, { coefficients: Float64Array.of(1), offset: 0 }, 0, 0);
    // Half-normal distribution: mean √(2/π), variance 1 − 2/π.
    expect(g.mean[0]).toBeCloseTo(-Math.sqrt(2 / Math.PI), 5);
    expect(g.cov[0]).toBeCloseTo(1 - 2 / Math.PI, 5);
    expect(log).toBeCloseTo(Math.log(0.5), 6);
  });

  it('never widens any figure, however far off', () => {
    fc.assert(
      fc.property(belief, vector, vector, fc.double({ min: -50, max: 50, noNaN: true }), (prior, row, other, limit) => {
        const g = copyGaussian(prior);
        takeAtMost(g, rowOf(row), limit, 0.1);
        expect(project(g, rowOf(other)).variance).toBeLessThanOrEqual(project(prior, rowOf(other)).variance + 1e-9);
        expect(g.mean.every(Number.isFinite)).toBe(true);
      }),
    );
  });
});
