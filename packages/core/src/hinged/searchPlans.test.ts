import loadHighs from 'highs';
import { seededRandom } from '../numbers/seededRandom';
import { misfitAfter } from '../planning/misfit';
import { searchPlans } from '../planning/searchPlans';
import { leavesOutside, movedPlaces, type Setting } from '../planning/searchSpace';
import { asProgram, board, randomStart, spaceFrom } from './asProgram.fixture';
import { action } from './tables/actions';

const latchGaps = board.onEdge['latch'] ?? [];

describe('searchPlans', () => {
  // Against a general solver from the registry: HiGHS (Q. Huangfu, J. Hall, Math. Prog. Comp. 10, 2018), compiled to WebAssembly.
  it('finds on 100 random doors the optimum of a general mixed-integer solver', async () => {
    const highs = await loadHighs();
    const random = seededRandom(11);
    let cured = 0;
    let strikes = 0;
    for (let n = 0; n < 100; n += 1) {
      const space = spaceFrom(randomStart(random, n % 2 === 0 ? 1.2 : 0.4));
      const [found] = searchPlans(space, 1);
      const solved = highs.solve(asProgram(space), { mip_rel_gap: 0, mip_abs_gap: 1e-7 });
      expect(solved.Status).toBe('Optimal');
      expect(found?.price).toBeCloseTo(solved.ObjectiveValue, 4);
      if (found !== undefined && !leavesOutside(found)) cured += 1;
      if (found?.strike !== undefined) strikes += 1;
    }
    expect(cured).toBeGreaterThan(60);
    expect(cured).toBeLessThan(100);
    expect(strikes).toBeGreaterThan(2);
  });

  it('keeps the best in order, each no dearer than the next', () => {
    const found = searchPlans(spaceFrom(randomStart(seededRandom(5), 1)), 10);
    expect(found).toHaveLength(10);
    found.slice(1).forEach((each, i) => expect(each.price).toBeGreaterThanOrEqual(found[i]?.price ?? Infinity));
  });

  it('must use the action that treats the cause, even where doing nothing is cheaper', () => {
    const atTarget = Float64Array.from(board.limits, ({ target }) => target);
    const space = { ...spaceFrom(atTarget), mustUse: [{ action: 'bendKnuckles' }] };
    expect(searchPlans(space, 1)[0]?.settings).toHaveLength(1);
    expect(searchPlans({ ...space, mustUse: [] }, 1)[0]?.settings).toHaveLength(0);
    const atBottom = searchPlans({ ...space, mustUse: [{ action: 'bendKnuckles', place: 2 }] }, 1)[0];
    expect(atBottom?.settings.map(({ where }) => where)).toContain(2);
  });

  it('takes timber off only for a lack of room', () => {
    const planes = [{ action: action('planeLatch'), price: 50 }];
    const tight = Float64Array.from(board.limits, ({ target }) => target);
    for (const i of latchGaps) tight[i] = -2.5;
    expect(searchPlans({ ...spaceFrom(tight), planes }, 1)[0]?.planed[0]).toMatchObject({ edge: 'latch' });
    const wide = Float64Array.from(board.limits, ({ target }) => target);
    expect(searchPlans({ ...spaceFrom(wide), planes }, 5).every(({ planed }) => planed.length === 0)).toBe(true);
  });

  it('takes no timber off to be clear of a limit that it keeps: only to come inside one', () => {
    // Just inside its least gap, and within the guard: planing would be cheaper than what the guard asks, and is not done.
    const close = Float64Array.from(board.limits, ({ target }) => target);
    for (const i of latchGaps) close[i] = board.limits[i]?.min ?? 0;
    const space = { ...spaceFrom(close), settings: [], strikes: [], planes: [{ action: action('planeLatch'), price: 1 }] };
    expect(searchPlans(space, 5).map(({ planed }) => planed.length)).toEqual([0]);
    for (const i of latchGaps) close[i] = (close[i] ?? 0) - 0.1;
    expect(searchPlans(space, 1)[0]?.planed).toHaveLength(1);
  });

  // The bound may leave nothing out: every choice of the hinges is tried here by itself, each with its own strikes and planing.
  it('finds what trying every setting finds, timber and hinges already off their line included', () => {
    const random = seededRandom(23);
    const planes = [
      { action: action('planeLatch'), price: 50 },
      { action: action('planeHead'), price: 60 },
    ];
    let planed = 0;
    for (let n = 0; n < 20; n += 1) {
      const misfitNow = [0, 1, 2].map(() => random.normal());
      const tight = randomStart(random, 1);
      const taken = n % 2 === 0 ? 0 : 3 * random.uniform();
      for (const i of latchGaps) tight[i] = (tight[i] ?? 0) - taken;
      const space = { ...spaceFrom(tight), planes, misfitNow };
      const least = settingsOf(space.settings).reduce((best, chosen) => {
        const start = chosen.reduce((gaps, { changes }) => gaps.map((mm, i) => mm + (changes[i] ?? 0)), space.start);
        const [alone] = searchPlans(
          { ...space, start, settings: [], misfitNow: misfitAfter(space.line, movedPlaces(chosen), misfitNow) },
          1,
        );
        return Math.min(best, (alone?.price ?? Infinity) + chosen.reduce((sum, { price }) => sum + price, 0));
      }, Infinity);
      const [found] = searchPlans(space, 1);
      expect(found?.price).toBeCloseTo(least, 9);
      if ((found?.planed.length ?? 0) > 0) planed += 1;
    }
    expect(planed).toBeGreaterThan(2);
  });
});

/** Every way to choose one thing or nothing at each place. */
function settingsOf(places: readonly (readonly Setting[])[]): Setting[][] {
  return places.reduce<Setting[][]>((ways, own) => ways.flatMap((way) => [way, ...own.map((choice) => [...way, choice])]), [[]]);
}
