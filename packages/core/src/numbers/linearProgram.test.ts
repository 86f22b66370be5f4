import loadHighs from 'highs';
import { seededRandom } from './seededRandom';
import { solveLinearProgram, type LinearProgram } from './linearProgram';

const atLeast = (of: Record<number, number>, least: number) => ({
  of: new Map(Object.entries(of).map(([j, a]) => [Number(j), a])),
  atLeast: least,
});

/** A program in the format of CPLEX, which general solvers read. */
function asText({ costs, free, limits }: LinearProgram): string {
  const sum = (terms: Iterable<readonly [number, number]>) =>
    [...terms].map(([j, a]) => `${a < 0 ? '-' : '+'} ${Math.abs(a)} x${j}`).join(' ') || '0 x0';
  return [
    ...['Minimize', ` obj: ${sum(costs.map((cost, j) => [j, cost]))}`, 'Subject To'],
    ...limits.map(({ of, atLeast: least }, i) => ` r${i}: ${sum(of)} >= ${least}`),
    ...['Bounds', ...[...free].map((j) => ` x${j} free`), 'End'],
  ].join('\n');
}

describe('a linear program', () => {
  it('a diet of two foods, by hand: 2 and 1 make both needs at 8', () => {
    const found = solveLinearProgram({
      costs: [3, 2],
      free: new Set(),
      limits: [atLeast({ 0: 1, 1: 2 }, 4), atLeast({ 0: 2, 1: 1 }, 5)],
    });
    expect(found?.values).toEqual([expect.closeTo(2, 9), expect.closeTo(1, 9)]);
    expect(found?.cost).toBeCloseTo(8, 9);
  });

  it('free unknowns go below nought', () => {
    const found = solveLinearProgram({
      costs: [0, 1],
      free: new Set([0]),
      limits: [atLeast({ 0: -1 }, 7), atLeast({ 0: 1, 1: 1 }, -5)],
    });
    expect(found?.values).toEqual([expect.closeTo(-7, 9), expect.closeTo(2, 9)]);
  });

  it('says when nothing meets all limits', () => {
    expect(solveLinearProgram({ costs: [1], free: new Set(), limits: [atLeast({ 0: 1 }, 3), atLeast({ 0: -1 }, -2)] })).toBeUndefined();
  });

  it('comes to an end where many limits meet in one point', () => {
    const limits = Array.from({ length: 30 }, (_, i) => atLeast({ 0: Math.cos(i), 1: Math.sin(i), 2: 1 }, 1));
    expect(solveLinearProgram({ costs: [0, 0, 1], free: new Set([0, 1]), limits })?.cost).toBeCloseTo(1, 6);
  });

  it('as HiGHS finds it, on random programs', async () => {
    const highs = await loadHighs();
    const random = seededRandom(17);
    let solved = 0;
    for (let n = 0; n < 150; n += 1) {
      const width = 2 + Math.floor(random.uniform() * 10);
      const height = 1 + Math.floor(random.uniform() * 20);
      const free = new Set(random.uniform() < 0.5 ? [0] : []);
      const costs = Array.from({ length: width }, (_, j) => (free.has(j) ? 0 : Math.round(random.uniform() * 50) / 10));
      const limits = Array.from({ length: height }, () =>
        atLeast(
          Object.fromEntries(
            Array.from(
              { length: width },
              (_, j) => [j, random.uniform() < 0.4 ? Math.round(30 * random.normal()) / 10 : 0] as const,
            ).filter(([, a]) => a !== 0),
          ),
          Math.round(40 * random.normal()) / 10,
        ),
      );
      const own = solveLinearProgram({ costs, free, limits });
      const theirs = highs.solve(asText({ costs, free, limits }));
      expect(theirs.Status).toBe(own === undefined ? 'Infeasible' : 'Optimal');
      if (own !== undefined) {
        solved += 1;
        expect(own.cost).toBeCloseTo(theirs.ObjectiveValue, 6);
      }
    }
    expect(solved).toBeGreaterThan(30);
  });
});
