import { hatch } from '../hatch.fixture';
import { modelOf } from '../model/doorModel';
import { evenAllowed, evenGuard, gapBoard, insetOf, isTrue, outsideBy, stationOutside, unevenBy } from './board';
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
});
