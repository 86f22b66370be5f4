import { seededRandom } from '@proper-swing/core';
import { asProgram, randomStart, spaceFrom } from '@proper-swing/core/hinged/asProgram.fixture';
import { searchPlans } from '@proper-swing/core/planning/searchPlans';
import loadHighs from 'highs';

const DOORS = 100;

/** The plan search against a general mixed-integer solver (HiGHS), on the same doors: how many times as fast, and ms a door. */
export async function againstSolver(seed: number): Promise<{ times: number; millis: number }> {
  const highs = await loadHighs();
  const random = seededRandom(seed);
  let ours = 0;
  let theirs = 0;
  for (let n = 0; n < DOORS; n += 1) {
    const space = spaceFrom(randomStart(random, n % 2 === 0 ? 1.2 : 0.4));
    const begun = performance.now();
    searchPlans(space, 1);
    const between = performance.now();
    highs.solve(asProgram(space), { mip_rel_gap: 0 });
    ours += between - begun;
    theirs += performance.now() - between;
  }
  return { times: theirs / ours, millis: ours / DOORS };
}
