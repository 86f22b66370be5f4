import { parseArgs } from 'node:util';
import loadHighs from 'highs';
import { asDenseProgram } from '../src/fitting/asDenseProgram.fixture';
import { fitLeaves } from '../src/fitting/fitLeaves';
import { fitOnce } from '../src/fitting/fitOnce';
import { edgesOf, randomFitting } from '../src/fitting/randomFitting.fixture';
import { seededRandom } from '../src/numbers/seededRandom';

/**
 * `npm run bench:fits -- --cases 300 --seed 4`: one or two leaves into random openings, beside HiGHS on the same question asked another way
 * (gaps every 40 mm, scribed edges by figures). Prints how far the optima are apart, per mm of edge, and the times of both.
 */
const { values } = parseArgs({ options: { cases: { type: 'string', default: '300' }, seed: { type: 'string', default: '4' } } });
const [cases, seed] = [Number(values.cases), Number(values.seed)];

const highs = await loadHighs();
const random = seededRandom(seed);
const rows = Array.from({ length: cases }, (_, n) => {
  const leaves = n % 3 === 2 ? 2 : 1;
  const fitting = randomFitting(random, leaves, 'area');
  const [fit, onceMs] = timed(() => fitOnce(fitting));
  const [, wholeMs] = timed(() => fitLeaves(fitting));
  const program = asDenseProgram(fitting, fit);
  const [solved, highsMs] = timed(() => highs.solve(program));
  return {
    leaves,
    onceMs,
    wholeMs,
    highsMs,
    apartMm: Math.abs(fit.areaMm2 - solved.ObjectiveValue) / edgesOf(fitting),
    isOptimal: solved.Status === 'Optimal',
  };
});

function timed<T>(run: () => T): [T, number] {
  const from = performance.now();
  const value = run();
  return [value, performance.now() - from];
}

for (const leaves of [1, 2]) {
  // The first fits are slower: the machine learns them.
  const own = rows.slice(Math.min(20, cases / 5)).filter((row) => row.leaves === leaves);
  const at = (figures: readonly number[], share: number) =>
    [...figures].sort((a, b) => a - b)[Math.min(figures.length - 1, Math.floor(share * figures.length))] ?? NaN;
  const told = (figures: readonly number[]) =>
    `median ${at(figures, 0.5).toFixed(1)} ms, 95 % ${at(figures, 0.95).toFixed(1)}, slowest ${at(figures, 1).toFixed(1)}`;
  console.log(
    `${leaves === 1 ? 'A slab' : 'A pair'}, ${own.length} openings: at most ${Math.max(...own.map(({ apartMm }) => apartMm)).toFixed(4)} mm from HiGHS, ${own.filter(({ isOptimal }) => !isOptimal).length} it could not solve`,
  );
  console.log(`  whole fit ${told(own.map(({ wholeMs }) => wholeMs))}; the program alone ${told(own.map(({ onceMs }) => onceMs))}`);
  console.log(
    `  HiGHS ${told(own.map(({ highsMs }) => highsMs))}; it takes ${at(
      own.map(({ highsMs, onceMs }) => highsMs / onceMs),
      0.5,
    ).toFixed(1)} times as long (median)`,
  );
}
