import { seededRandom } from './seededRandom';
import { choleskyOf, dot, widened, type Gaussian } from './gaussian';
import { moveWithError, replaceFigure, takeShareAway, withFurther } from './gaussianChanges';

/** Three figures that hang together. */
const belief = (): Gaussian => ({
  mean: Float64Array.from([2, -1, 0.5]),
  cov: Float64Array.from([0.5, 0.2, 0.1, 0.2, 0.8, -0.1, 0.1, -0.1, 0.3]),
});

/** Mean and covariance of what `change` makes of drawn states: the long way round. */
function sampled(g: Gaussian, change: (state: Float64Array, random: ReturnType<typeof seededRandom>) => number[], count = 60_000) {
  const random = seededRandom(7);
  const n = g.mean.length;
  const root = choleskyOf(g.cov, n);
  const draws = Array.from({ length: count }, () => {
    const z = Float64Array.from({ length: n }, () => random.normal());
    return change(
      g.mean.map((m, i) => m + dot(root.subarray(i * n, i * n + n), z)),
      random,
    );
  });
  const size = draws[0]?.length ?? 0;
  const mean = Array.from({ length: size }, (_, i) => draws.reduce((sum, d) => sum + (d[i] ?? 0), 0) / count);
  const cov = mean.flatMap((a, i) => mean.map((b, j) => draws.reduce((sum, d) => sum + ((d[i] ?? 0) - a) * ((d[j] ?? 0) - b), 0) / count));
  return { mean, cov };
}

const expectNear = (g: Gaussian, drawn: { mean: number[]; cov: number[] }) => {
  g.mean.forEach((m, i) => expect(m).toBeCloseTo(drawn.mean[i] ?? NaN, 1));
  g.cov.forEach((c, i) => expect(Math.abs(c - (drawn.cov[i] ?? NaN))).toBeLessThan(0.04));
};

describe('changing a belief', () => {
  it('further figures stand behind it, nought and certain', () => {
    const wide = withFurther(belief(), 2);
    expect([...wide.mean]).toEqual([2, -1, 0.5, 0, 0]);
    expect([...wide.cov.subarray(0, 5)]).toEqual([0.5, 0.2, 0.1, 0, 0]);
    expect([...wide.cov.subarray(15)]).toEqual(new Array(10).fill(0));
    expect([...widened(Float64Array.from([1, 2]), 4)]).toEqual([1, 2, 0, 0]);
  });

  it('a share of one magnitude goes, with all that it moved', () => {
    const along = [0.7, 0, 1];
    const g = belief();
    takeShareAway(g, Float64Array.from(along), 2, 0.9);
    expectNear(
      g,
      sampled(belief(), (state) => [...state].map((x, i) => x - 0.9 * (along[i] ?? 0) * (state[2] ?? 0))),
    );
    expect(g.mean[2]).toBeCloseTo(0.05, 12);
    expect(g.cov[8]).toBeCloseTo(0.3 * 0.01, 12);
  });

  it('work of an unsure amount moves what it moves, and hangs together with its own error', () => {
    const change = Float64Array.from([1.5, -0.5, 0, 0]);
    const g = withFurther(belief(), 1);
    g.cov[15] = 0.2 ** 2;
    moveWithError(g, change, 3);
    expectNear(
      g,
      sampled(belief(), (state, random) => {
        const error = 0.2 * random.normal();
        return [(state[0] ?? 0) + 1.5 * (1 + error), (state[1] ?? 0) - 0.5 * (1 + error), state[2] ?? 0, error];
      }),
    );
    expect(g.cov[3]).toBeCloseTo(1.5 * 0.04, 12);
  });

  it('a figure that is set follows the others, and forgets what it was', () => {
    const g = belief();
    replaceFigure(g, 2, Float64Array.from([1, 0.5, 0]), -0.25, 0.3);
    expectNear(
      g,
      sampled(belief(), (state, random) => [
        state[0] ?? 0,
        state[1] ?? 0,
        (state[0] ?? 0) + 0.5 * (state[1] ?? 0) - 0.25 + 0.3 * random.normal(),
      ]),
    );
    expect(g.mean[2]).toBeCloseTo(2 - 0.5 - 0.25, 12);
  });
});
