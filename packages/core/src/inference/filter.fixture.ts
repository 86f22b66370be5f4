import { soundHatch, sunkPeg } from '../hatch.fixture';
import type { FaultSpace, Hypothesis } from './hypotheses';
import type { LinearReading } from './linearReadings';

/** State of three, three fault directions, the last of which moves nothing that is read. */
export const PRIOR_MEAN = [2, 3, -1];
export const PRIOR_COV = [
  [0.5, 0.1, -0.05],
  [0.1, 0.4, 0.08],
  [-0.05, 0.08, 0.3],
];
export const ALONG = [
  [1, 0.5, 0],
  [-0.2, 1, 0.7],
  [0, 0, 0],
];
export const AXES = [
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
export const supposing = (directions: readonly number[]): Hypothesis => ({
  causes: [soundHatch],
  supposition: 0,
  forms: [],
  directions,
  spread: 1,
  logPrior: 0,
});
export const space: FaultSpace = { directions: AXES.map(direction), hypotheses: [] };
export const prior = { mean: Float64Array.from(PRIOR_MEAN), cov: Float64Array.from(PRIOR_COV.flat()) };

const read = (coefficients: number[], offset: number, mm: number, variance: number) => ({ coefficients, offset, mm, variance });
export const READ = [
  read([1, 0, 0], 0, 5.2, 0.05),
  read([0, 1, -1], 0.5, 4.1, 0.2),
  read([0.3, 0.4, 0.3], -1, 1.4, 0.1),
  read([0, 0, 1], 0, -2.2, 0.15),
];
/** Two gaps that rub: without a figure, taken in after those that have one. */
export const rubs: LinearReading[] = [
  { station: 'rub', row: { coefficients: Float64Array.of(1, -1, 0.5), offset: 0.4 }, isSure: false, variance: 0.1 },
  { station: 'rub', row: { coefficients: Float64Array.of(0, 0.4, 1), offset: 1 }, isSure: false, variance: 0.05 },
];
export const linear: LinearReading[] = [
  ...READ.map(({ coefficients, offset, mm, variance }) => ({
    station: 'gap',
    row: { coefficients: Float64Array.from(coefficients), offset },
    mm,
    variance,
    isSure: false,
  })),
  ...rubs,
];

/** Every way of supposing some of the directions, in either order. */
export const SUPPOSED: number[][] = [[], [0], [1], [2], [0, 1], [1, 0], [2, 1], [0, 1, 2]];
