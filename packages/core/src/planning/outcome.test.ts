import { cured, endsTrue } from './outcome';
import { workErrorsFrom } from './workErrors';
import { model, board, action, gaps, plan, setting } from './planning.fixture';

describe('how work turns out on a drawn door', () => {
  const door = (normals: number[] = [], faultMm = 3) => ({
    gaps: gaps(2, 5),
    sides: { skew: 0 },
    faults: new Map([['sunk', gaps(0, faultMm)]]),
    errors: workErrorsFrom(normals),
  });
  const beside = { sides: model.tables.sides, judged: new Set<string>(), work: {} };

  it('a cure takes its share away, as well as its hand is', () => {
    expect(cured(door(), [action('glue')], board)[1]).toBeCloseTo(5 - 0.9 * 3, 12);
    expect(cured(door([1]), [action('glue')], board)[1]).toBeCloseTo(5 - 1 * 3, 12);
    // What moves nothing at the watched gap leaves nothing to watch.
    expect(cured(door([], 0.05), [action('glue')], board, [{ action: 'glue', station: 'gap.right', mm: 2 }])[1]).toBeCloseTo(
      5 - 0.9 * 0.05,
      12,
    );
  });

  it('a setting errs by its share, a plane by a slip, a strike by what it leaves', () => {
    const normals = [0, 0, 0, 1, 0, 0, 0, 0, 0, 1, 0, 1];
    const set = plan({ settings: [setting(2, 'packPeg', 3)] });
    expect(endsTrue(door(), gaps(2, 5), set, beside, board, 0)).toBe(true);
    // A tenth more than three cards, and three cards would do just.
    expect(endsTrue(door([0, 0, 0, -25]), gaps(2, 5), set, beside, board, 0)).toBe(false);
    const planed = plan({ planed: [{ edge: 'rim', fromMm: 1, toMm: 1 }] });
    expect(endsTrue(door(), gaps(0, 0), planed, beside, board, 0)).toBe(true);
    expect(endsTrue(door(normals.map((n) => -n)), gaps(0, 0), planed, beside, board, 0)).toBe(false);
    const struck = plan({ strike: { choice: { action: action('strike'), upToMm: 3, price: 0 }, mm: 0 } });
    expect(
      endsTrue(
        door(),
        gaps(2, 2, 2.9),
        struck,
        beside,
        { ...board, limits: [...board.limits.slice(0, 2), { min: -1, target: 0, max: 1 }] },
        0,
      ),
    ).toBe(true);
    expect(
      endsTrue(
        door(),
        gaps(2, 2, 3.1),
        struck,
        beside,
        { ...board, limits: [...board.limits.slice(0, 2), { min: -1, target: 0, max: 1 }] },
        0,
      ),
    ).toBe(false);
  });

  it('a side counts when it is judged or worked on: brought to its target, or held against so much more', () => {
    const off = { ...door(), sides: { skew: 2.5 } };
    const judged = { ...beside, judged: new Set(['skew']) };
    const ends = (each: typeof beside, normals: number[] = []) =>
      endsTrue({ ...off, errors: workErrorsFrom(normals) }, gaps(2, 2), plan(), each, board, 0);
    expect([ends(beside), ends(judged)]).toEqual([true, false]);
    expect(ends({ ...judged, work: { skew: { againstMm: 2 } } })).toBe(true);
    expect(ends({ ...judged, work: { skew: { leftSdMm: 0.1 } } })).toBe(true);
    expect(ends({ ...judged, work: { skew: { leftSdMm: 0.1 } } }, new Array<number>(16).fill(20))).toBe(false);
  });
});
