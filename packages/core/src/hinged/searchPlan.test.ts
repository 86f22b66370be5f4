import loadHighs from 'highs';
import { seededRandom } from '../chance/seededRandom';
import { asProgram, board, randomStart, spaceFrom } from '../scenario/asProgram';
import { action } from './actions';
import { leavesOutside, searchPlans } from './searchPlan';

describe('searchPlans', () => {
  // Against a general solver from the registry: HiGHS (Q. Huangfu, J. Hall, Math. Prog. Comp. 10, 2018), compiled to WebAssembly.
  it('finds on 220 random doors the optimum of a general mixed-integer solver', async () => {
    const highs = await loadHighs();
    const random = seededRandom(11);
    let cured = 0;
    let strikes = 0;
    for (let n = 0; n < 220; n += 1) {
      const space = spaceFrom(randomStart(random, n % 2 === 0 ? 1.2 : 0.4));
      const [found] = searchPlans(space, 1);
      const solved = highs.solve(asProgram(space), { mip_rel_gap: 0, mip_abs_gap: 1e-7 });
      expect(solved.Status).toBe('Optimal');
      expect(found?.price).toBeCloseTo(solved.ObjectiveValue, 4);
      if (found !== undefined && !leavesOutside(found)) cured += 1;
      if (found?.strike !== undefined) strikes += 1;
    }
    expect(cured).toBeGreaterThan(60);
    expect(cured).toBeLessThan(220);
    expect(strikes).toBeGreaterThan(5);
  });

  it('keeps the best in order, each no dearer than the next', () => {
    const found = searchPlans(spaceFrom(randomStart(seededRandom(5), 1)), 10);
    expect(found).toHaveLength(10);
    found.slice(1).forEach((each, i) => expect(each.price).toBeGreaterThanOrEqual(found[i]?.price ?? Infinity));
  });

  it('must use the action that treats the cause, even where doing nothing is cheaper', () => {
    const atTarget = Float64Array.from(board.limits, ({ target }) => target);
    const space = { ...spaceFrom(atTarget), mustUse: ['bendKnuckles' as const] };
    expect(searchPlans(space, 1)[0]?.hinges).toHaveLength(1);
    expect(searchPlans({ ...space, mustUse: [] }, 1)[0]?.hinges).toHaveLength(0);
  });

  it('takes timber off only for a lack of room', () => {
    const planes = [{ action: action('planeLatch'), price: 50 }];
    const tight = Float64Array.from(board.limits, ({ target }) => target);
    for (const i of board.onEdge.latch) tight[i] = -2.5;
    expect(searchPlans({ ...spaceFrom(tight), planes }, 1)[0]?.planed[0]).toMatchObject({ edge: 'latch' });
    const wide = Float64Array.from(board.limits, ({ target }) => target);
    expect(searchPlans({ ...spaceFrom(wide), planes }, 5).every(({ planed }) => planed.length === 0)).toBe(true);
  });
});
