import type { Action } from '../model/action';
import type { GapBoard } from './board';
import type { DrawnDoor } from './drawnDoors';
import { cured, endsAs, type SidesJudged } from './outcome';
import type { FoundPlan } from './searchSpace';
import { workErrorsFrom } from './workErrors';
import { model, board, action, gaps, plan, setting } from './planning.fixture';

/** Whether it ends by the book, to so many mm. */
const endsTrue = (door: DrawnDoor, afterCures: Float64Array, found: FoundPlan, beside: SidesJudged, on: GapBoard, withinMm: number) =>
  endsAs(door, afterCures, found, beside, on, model.tables.eye, withinMm).book;

describe('how work turns out on a drawn door', () => {
  const door = (normals: number[] = [], faultMm = 3) => ({
    gaps: gaps(2, 5),
    faults: new Map([['sunk', gaps(0, faultMm)]]),
    errors: workErrorsFrom(normals),
    state: new Float64Array(0),
    supposition: 0,
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

  it('watched work stops at its set point, by as much as it is watched, and is drawn neither past nothing nor further than it goes', () => {
    const watching = (mm: number, normals: number[] = []) =>
      cured(door(normals), [action('glue')], board, [
        { action: 'saw', station: 'gap.left', mm: 9 },
        { action: 'glue', station: 'gap.right', mm },
      ])[1];
    expect(watching(2.5)).toBeCloseTo(2.5, 12);
    expect(watching(2.5, [1])).toBeCloseTo(2.5 + 0.2, 12);
    expect(watching(6)).toBe(5);
    expect(watching(-1)).toBeCloseTo(5 - 1.05 * 3, 12);
    // One tenth of a millimetre moved is something to watch.
    expect(cured(door([], 0.1), [action('glue')], board, [{ action: 'glue', station: 'gap.right', mm: 4.95 }])[1]).toBeCloseTo(4.95, 12);
  });

  it('only cures take faults away, each those it cures', () => {
    expect([...cured(door(), [action('packPeg'), action('plane')], board)]).toEqual([2, 5, 0, 0]);
    expect(cured({ ...door(), faults: new Map([['damp', gaps(0, 3)]]) }, [action('glue')], board)[1]).toBe(5);
    // The second cure has an error of its own.
    const twice = cured(door([0, 1]), [action('saw'), action('glue')], board);
    expect(twice[1]).toBeCloseTo(5 - 3 - (0.9 + 0.1) * 3, 12);
    const apart = { ...door(), gaps: gaps(2, 5, 3) };
    expect(cured({ ...apart, faults: new Map([['sunk', gaps(0.5, 1, -1)]]) }, [action('saw')], board)).toEqual(gaps(1.5, 4, 4));
  });

  it('what is put in stands anew at each end, whatever the fault was', () => {
    const anew = { ...board, standsAnew: { glue: [gaps(0.5, 0), gaps(0, 0.25)] } };
    const ends = Array.from({ length: 16 }, (_, i) => (i === 14 ? 1 : i === 15 ? -2 : 0));
    expect([...cured(door(ends, 0), [action('glue')], anew)].slice(0, 2)).toEqual([2.5, 4.5]);
    expect([...cured(door(ends, 0), [action('saw')], anew)].slice(0, 2)).toEqual([2, 5]);
  });

  it('a setting that lowers errs by its share too, and any other not at all', () => {
    const lowering = { ...action('packPeg'), effect: { kind: 'lower' as const, mmPerUnit: 1, sdShare: 0.1 } };
    const set = (by: Action) => plan({ settings: [{ ...setting(2, 'packPeg', 3), action: by }] });
    const ends = (by: Action, normal: number, within: number) =>
      endsTrue(door([0, 0, 0, normal]), gaps(2, 5), set(by), beside, board, within);
    // Three cards for 5 − 2 = 3 mm; an error of 10 × 0.1 moves it twice as far, to −1.
    expect([ends(lowering, 10, 0), ends(lowering, 10, 2.01), ends(action('glue'), 10, 0)]).toEqual([false, true, true]);
    // Errs the other way, it is moved not at all and stays at 5, which is 2 mm outside and 2 mm uneven.
    expect([ends(lowering, -10, 1.99), ends(lowering, -10, 2.01)]).toEqual([false, true]);
  });

  it('timber comes off an edge by its place along it', () => {
    const planed = plan({ planed: [{ edge: 'rim', fromMm: 0, toMm: 2 }] });
    // A tenth and nine tenths along: 0.2 and 1.8 mm.
    const ends = (left: number, right: number) => endsTrue(door(), gaps(left, right), planed, beside, board, 0.001);
    expect([ends(0.8, 0.2), ends(0.79, 0.2), ends(0.9, 0.3), ends(0.9, 0.31)]).toEqual([true, false, true, false]);
    expect(endsTrue(door(), gaps(2, 2), plan({ planed: [{ edge: 'none', fromMm: 9, toMm: 9 }] }), beside, board, 0)).toBe(true);
  });

  it('a strike is moved as far as it goes and no further', () => {
    const narrow = { ...board, limits: [...board.limits.slice(0, 2), { min: -1, target: 0, max: 1 }] };
    const struck = plan({ strike: { choice: { action: action('strike'), upToMm: 3, price: 0 }, mm: 0 } });
    const ends = (bolt: number, normals: number[] = []) => endsTrue(door(normals), gaps(2, 2, bolt), struck, beside, narrow, 0);
    expect([ends(3), ends(-3), ends(-3.1), ends(3.1)]).toEqual([true, true, false, false]);
    // It is left within 0.2 mm: six of its spreads are too far.
    expect(ends(3, [...Array<number>(11).fill(0), 6])).toBe(false);
  });

  it('a side counts when it is judged or worked on: brought to its target, or held against so much more', () => {
    const off = door();
    const judged = { ...beside, judged: new Set(['skew']) };
    const ends = (each: typeof beside, normals: number[] = []) =>
      endsTrue({ ...off, errors: workErrorsFrom(normals) }, gaps(2, 2, 0, 2.5), plan(), each, board, 0);
    expect([ends(beside), ends(judged)]).toEqual([true, false]);
    expect(ends({ ...judged, work: { skew: { againstMm: 2 } } })).toBe(true);
    expect(ends({ ...judged, work: { skew: { leftSdMm: 0.1 } } })).toBe(true);
    expect(ends({ ...judged, work: { skew: { leftSdMm: 0.1 } } }, new Array<number>(16).fill(20))).toBe(false);
    // Worked on, it counts though nobody read it; at either end, and to the limit itself.
    expect(ends({ ...beside, work: { skew: { leftSdMm: 0.1 } } }, new Array<number>(16).fill(20))).toBe(false);
    const at = (skew: number, each: typeof beside) => endsTrue(off, gaps(2, 2, 0, skew), plan(), each, board, 0);
    expect([-1.01, -1, 1, 1.01].map((skew) => at(skew, judged))).toEqual([false, true, true, false]);
    const held = { ...judged, work: { skew: { againstMm: 2 } } };
    expect([-3.01, -3, 3, 3.01].map((skew) => at(skew, held))).toEqual([false, true, true, false]);
  });
});
