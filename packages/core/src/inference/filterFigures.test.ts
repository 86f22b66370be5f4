import { determinant, inverse, Matrix } from 'ml-matrix';
import { ALONG, AXES, linear, prior, PRIOR_COV, PRIOR_MEAN, READ, space, SUPPOSED, supposing } from './filter.fixture';
import { filterFigures, magnitudesOf, stateUnder } from './filterFigures';

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

describe.each(SUPPOSED.map((each) => [each]))('under the directions %j', (directions: number[]) => {
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
