import { hatch, type Hatch } from '../hatch.fixture';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { evenAllowed, evenGuard, gapBoard, insetOf, isTrue, meetingAsIs, outsideBy, stationOutside, unevenBy } from './board';
import { misfitAfter, placesOffLine } from './misfit';
import { KIND, model, board, gaps } from './planning.fixture';

describe('the board', () => {
  it('has the gaps of the walk and the bolt, each with its limits', () => {
    expect(board.stations).toEqual(['gap.left', 'gap.right', 'bolt']);
    expect(board.limits[2]).toEqual({ min: -4, target: 0, max: 4 });
    expect([board.bolt, board.onEdge['rim'], board.evenEdges]).toEqual([2, [0, 1], [[0, 1]]]);
  });

  it('has an edge that only reading tells of only when something on it was read, and then no narrower than its widest', () => {
    const floor = modelOf({ ...KIND, edges: [{ id: 'rim', isEven: false, onlyWhenRead: { maxMm: 50 } }] }, hatch);
    expect(gapBoard(floor, new Set()).stations).toEqual(['bolt']);
    const read = gapBoard(floor, new Set(['rim']));
    expect([read.stations.length, read.limits[0]?.max, read.evenEdges]).toEqual([3, 50, []]);
  });

  it('counts what is outside, and unevenness beyond what is allowed', () => {
    expect(outsideBy(board, gaps(2, 2))).toBe(0);
    expect(outsideBy(board, gaps(0.5, 0.8))).toBeCloseTo(0.7, 12);
    expect(outsideBy(board, gaps(1, 3))).toBeCloseTo(1, 12);
    expect(unevenBy(board, gaps(1, 3), [0, 1], 0)).toBeCloseTo(1, 12);
    expect([stationOutside(board, gaps(3.4, 2), 0, 0), stationOutside(board, gaps(2, 2), 9, 0)]).toEqual([expect.closeTo(0.4, 12), 0]);
  });

  it('keeps a guard before its limits, a quarter of what is allowed at most, and half of the evenness', () => {
    expect([insetOf({ min: 1, max: 3 }, 0.2), insetOf({ min: 1, max: 3 }, 2)]).toEqual([0.2, 0.5]);
    expect([evenAllowed(board, 0.3), evenAllowed(board, 5)]).toEqual([0.7, 0.5]);
    expect(outsideBy(board, gaps(1.1, 1.1), evenGuard(board, 0.3))).toBeCloseTo(2 * 0.2, 12);
  });

  it('is true to so many millimetres', () => {
    expect([isTrue(board, gaps(0.9, 1), 0.15), isTrue(board, gaps(0.8, 1), 0.15), isTrue(board, gaps(1, 2.2), 0.15)]).toEqual([
      true,
      false,
      false,
    ]);
  });
});

describe('a board of two edges', () => {
  const [left, right, bolt] = KIND.stations;
  if (left === undefined || right === undefined || bolt === undefined) throw new Error('the hatch has three stations');
  const foot = (id: string, f: number) => ({ ...left, id, f, edge: 'foot' });
  const kind: DoorKind<Hatch> = {
    ...KIND,
    stations: [left, right, bolt, foot('foot.left', 0.2), foot('foot.right', 0.7), { ...left, id: 'loose', edge: 'none' }],
    walk: ['foot.left', 'bolt', 'gap.left', 'loose', 'gap.right', 'foot.right'],
    edges: [
      { id: 'rim', isEven: true },
      { id: 'foot', isEven: true },
      { id: 'top', isEven: false },
    ],
    profileOf: () => ({ edges: { rim: { min: 1, target: 2, max: 3 }, foot: { min: 5, target: 6, max: 9 } }, evenWithin: 1 }),
  };
  const made = () => gapBoard(modelOf(kind, hatch), new Set());
  const at = (...mm: number[]) => Float64Array.from(mm);

  it('has the gaps in the order of the walk, each with its edge, its place along it and its limits; what is on no edge is not judged', () => {
    const two = made();
    expect(two.stations).toEqual(['foot.left', 'gap.left', 'gap.right', 'foot.right', 'bolt']);
    expect(two.onEdge).toEqual({ rim: [1, 2], foot: [0, 3], top: [] });
    expect([two.evenEdgeIds, two.evenEdges]).toEqual([
      ['rim', 'foot'],
      [
        [1, 2],
        [0, 3],
      ],
    ]);
    expect(two.f).toEqual([0.2, 0.1, 0.9, 0.7, 0]);
    expect(two.limits.map(({ max }) => max)).toEqual([9, 3, 3, 9, 4]);
    expect(two.bolt).toBe(4);
  });

  it('is true when every figure is inside and every edge even', () => {
    const [two, even] = [made(), at(6, 2, 2, 6, 0)];
    const isTrueWith = (i: number, mm: number) => isTrue(two, even.with(i, mm), 0.15);
    expect(isTrue(two, even, 0)).toBe(true);
    // Up to the limit and 0.15 mm beyond; the other gap of the edge is 1 mm from it at most.
    expect([isTrueWith(4, 4.15), isTrueWith(4, 4.16), isTrueWith(4, -4.15), isTrueWith(4, -4.16)]).toEqual([true, false, true, false]);
    expect([isTrueWith(0, 7.14), isTrueWith(0, 7.16), isTrueWith(2, 2.5), isTrueWith(2, 3.16)]).toEqual([true, false, true, false]);
  });

  it('counts what is within the guard at either limit', () => {
    const two = made();
    expect(stationOutside(two, at(6, 2.9, 2, 6, 0), 1, 0.3)).toBeCloseTo(0.2, 12);
    expect(stationOutside(two, at(6, 1.1, 2, 6, 0), 1, 0.3)).toBeCloseTo(0.2, 12);
    const guard = evenGuard(two, 0.3);
    expect([[...guard.stations], guard.edges]).toEqual([Array(5).fill(0.3), [0.6, 0.6]]);
  });
});

describe('places off the line', () => {
  it('add up from what was there and every move', () => {
    const moved = [
      { place: 1, shiftMm: 1 },
      { place: 2, shiftMm: -0.5 },
    ];
    expect(misfitAfter(model.placeLine, moved, [0.1, 0, 0])).toEqual([
      expect.closeTo(-0.4, 12),
      expect.closeTo(1, 12),
      expect.closeTo(-0.5, 12),
    ]);
  });

  it('are told from what binds', () => {
    expect(placesOffLine(model, [0.49, -0.5, 0])).toEqual([{ place: 'midPeg', mm: -0.5 }]);
  });

  it('of a door with nothing to meet has no bolt, and none of it is judged', () => {
    const without = gapBoard({ ...model, meets: false }, new Set());
    const withBolt = gapBoard(model, new Set());
    expect([withBolt.stations.includes('bolt'), without.stations.includes('bolt'), without.bolt]).toEqual([true, false, -1]);
    expect(without.limits).toHaveLength(without.stations.length);
    expect(meetingAsIs(without, [])).toBe(without);
  });
});
