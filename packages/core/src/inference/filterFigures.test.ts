import { determinant, inverse, Matrix } from 'ml-matrix';
import { soundHatch, sunkPeg } from '../hatch.fixture';
import { filterFigures, magnitudesOf, stateUnder } from './filterFigures';
import type { FaultSpace, Hypothesis } from './hypotheses';
import type { LinearReading } from './linearReadings';

/** State of three, three fault directions, the last of which moves nothing that is read. */
const PRIOR_MEAN = [2, 3, -1];
const PRIOR_COV = [
  [0.5, 0.1, -0.05],
  [0.1, 0.4, 0.08],
  [-0.05, 0.08, 0.3],
];
const ALONG = [
  [1, 0.5, 0],
  [-0.2, 1, 0.7],
  [0, 0, 0],
];
const AXES = [
  { mean: 4, sd: 1.5 },
  { mean: -2, sd: 0.8 },
  { mean: 1, sd: 0.6 },
];
const [usual] = sunkPeg.forms;
if (usual === undefined) throw new Error('a sunk peg has a form');

const direction = ({ mean, sd }: { mean: number; sd: number }, i: number) => ({
  cause: sunkPeg,
  form: usual,
  mean,
  sd,
  along: Float64Array.from(ALONG[i] ?? []),
});
const supposing = (directions: readonly number[]): Hypothesis => ({ causes: [soundHatch], forms: [], directions, logPrior: 0 });
const space: FaultSpace = { directions: AXES.map(direction), hypotheses: [] };
const prior = { mean: Float64Array.from(PRIOR_MEAN), cov: Float64Array.from(PRIOR_COV.flat()) };

const read = (coefficients: number[], offset: number, mm: number, variance: number) => ({ coefficients, offset, mm, variance });
const READ = [
  read([1, 0, 0], 0, 5.2, 0.05),
  read([0, 1, -1], 0.5, 4.1, 0.2),
  read([0.3, 0.4, 0.3], -1, 1.4, 0.1),
  read([0, 0, 1], 0, -2.2, 0.15),
];
const linear: LinearReading[] = [
  ...READ.map(({ coefficients, offset, mm, variance }) => ({
    station: 'gap',
    row: { coefficients: Float64Array.from(coefficients), offset },
    mm,
    variance,
  })),
  // A rub has no figure and is not taken in here.
  { station: 'rub', row: { coefficients: Float64Array.of(1, 1, 1), offset: 0 }, variance: 0.1 },
];

/** The textbook's normal conditioning of state and magnitudes on all readings at once, by an outside library of matrices. */
function conditionedAtOnce(directions: readonly number[]) {
  const [n, q] = [PRIOR_MEAN.length, directions.length];
  const lift = Matrix.zeros(n + q, n + q);
  for (let i = 0; i < n + q; i += 1) lift.set(i, i, 1);
  directions.forEach((place, a) => ALONG[place]?.forEach((share, i) => lift.set(i, n + a, share)));
  const independent = Matrix.zeros(n + q, n + q);
  PRIOR_COV.forEach((row, i) => row.forEach((value, j) => independent.set(i, j, value)));
  const axes = directions.map((place) => AXES[place] ?? { mean: NaN, sd: NaN });
  axes.forEach(({ sd }, a) => independent.set(n + a, n + a, sd * sd));
  const before = lift.mmul(Matrix.columnVector([...PRIOR_MEAN, ...axes.map(({ mean }) => mean)]));
  const spread = lift.mmul(independent).mmul(lift.transpose());

  const rows = new Matrix(READ.map(({ coefficients }) => [...coefficients, ...directions.map(() => 0)]));
  const surprise = Matrix.columnVector(READ.map(({ mm, offset }) => mm - offset)).sub(rows.mmul(before));
  const foretold = rows
    .mmul(spread)
    .mmul(rows.transpose())
    .add(Matrix.diag(READ.map(({ variance }) => variance)));
  const gain = spread.mmul(rows.transpose()).mmul(inverse(foretold));
  const weighed = surprise.transpose().mmul(inverse(foretold)).mmul(surprise).get(0, 0);
  return {
    mean: before.clone().add(gain.mmul(surprise)).to1DArray(),
    cov: spread.clone().sub(gain.mmul(rows).mmul(spread)).to1DArray(),
    logEvidence: -0.5 * (weighed + Math.log(determinant(foretold)) + READ.length * Math.log(2 * Math.PI)),
  };
}

const expectClose = (got: ArrayLike<number>, wanted: readonly number[]) => {
  expect(got).toHaveLength(wanted.length);
  wanted.forEach((value, i) => expect(got[i]).toBeCloseTo(value, 9));
};

describe.each([[[]], [[0]], [[1]], [[2]], [[0, 1]], [[1, 0]], [[2, 1]], [[0, 1, 2]]])('under the directions %j', (directions: number[]) => {
  const [n, size] = [PRIOR_MEAN.length, PRIOR_MEAN.length + directions.length];
  const reckoned = () => {
    const figures = filterFigures(prior, space, linear);
    const magnitudes = magnitudesOf(space, figures, supposing(directions));
    return { magnitudes, state: stateUnder(figures, supposing(directions), magnitudes) };
  };

  it('one filter for all gives the state and the magnitudes that conditioning at once gives', () => {
    const { state } = reckoned();
    const wanted = conditionedAtOnce(directions);
    expectClose(state.mean, wanted.mean);
    expectClose(state.cov, wanted.cov);
  });

  it('the magnitudes by themselves are those behind the state, and the readings as likely as their joint density says', () => {
    const { magnitudes } = reckoned();
    const wanted = conditionedAtOnce(directions);
    expectClose(magnitudes.mean, wanted.mean.slice(n));
    const own = directions.flatMap((_, a) => wanted.cov.slice((n + a) * size + n, (n + a + 1) * size));
    expectClose(magnitudes.cov, own);
    expect(magnitudes.logEvidence).toBeCloseTo(wanted.logEvidence, 9);
  });
});

test('what was believed before is left as it was', () => {
  filterFigures(prior, space, linear);
  expect([...prior.mean]).toEqual(PRIOR_MEAN);
  expect([...prior.cov]).toEqual(PRIOR_COV.flat());
  space.directions.forEach(({ along }, i) => expect([...along]).toEqual(ALONG[i]));
});
