import { Point, Polygon, Segment } from '@flatten-js/core';
import loadHighs from 'highs';
import { seededRandom } from '../numbers/seededRandom';
import { asDenseProgram } from './asDenseProgram.fixture';
import { withWishes } from './fewestEdges';
import { fitLeaves } from './fitLeaves';
import { fitOnce, type Fit } from './fitOnce';
import { wantedAt, type Fitting } from './fitting';
import { cutLeaf, LEAF_EDGES, longest, standsAt, type LeafEdge } from './leaf';
import { outlineAt, type Outline } from './outline';
import { edgesOf, randomFitting } from './randomFitting.fixture';

const OPENINGS = 300;
const mirrorOf = { left: 'right', right: 'left', head: 'head', foot: 'foot' } as const;

const some = (count: number, aim: Fitting['aim'] = 'area', seed = 11) => {
  const random = seededRandom(seed);
  return Array.from({ length: count }, (_, n) => randomFitting(random, n % 3 === 2 ? 2 : 1, aim));
};

/** The corners of a leaf once it is cut and stands. */
function cornersOf({ leaves }: Fitting, fit: Fit, n: number): Point[] {
  const { leaf } = leaves[n] as Fitting['leaves'][number];
  const { standing, edges } = fit.leaves[n] as Fit['leaves'][number];
  const { left, right, head, foot } = cutLeaf(leaf, edges);
  const corner = (side: Outline, end: Outline) => {
    let [u, v] = [0, outlineAt(end, outlineAt(side, 0))];
    for (let i = 0; i < 5; i += 1) [u, v] = [outlineAt(side, v), outlineAt(end, outlineAt(side, v))];
    return [u, v] as const;
  };
  const [a, b, c, d] = [corner(left, foot), corner(right, foot), corner(right, head), corner(left, head)];
  const between = (outline: Outline, from: number, to: number) => outline.filter(({ at }) => at > from + 0.01 && at < to - 0.01);
  const points = [
    a,
    ...between(foot, a[0], b[0]).map(({ at, mm }) => [at, mm]),
    b,
    ...between(right, b[1], c[1]).map(({ at, mm }) => [mm, at]),
    c,
    ...[...between(head, d[0], c[0])].reverse().map(({ at, mm }) => [at, mm]),
    d,
    ...[...between(left, a[1], d[1])].reverse().map(({ at, mm }) => [mm, at]),
  ];
  return points.map(([u = 0, v = 0]) => {
    const { x, y } = standsAt(standing, longest(leaf.head), u, v);
    return new Point(x, y);
  });
}

describe('a fit', () => {
  it(`takes as little as HiGHS does, asked in another way, on ${OPENINGS} random openings for one leaf and for two`, async () => {
    const highs = await loadHighs();
    const more = some(OPENINGS, 'area', 4).map((fitting) => {
      const fit = fitOnce(fitting);
      const solved = highs.solve(asDenseProgram(fitting, fit));
      expect(solved.Status).toBe('Optimal');
      return (fit.areaMm2 - solved.ObjectiveValue) / edgesOf(fitting);
    });
    expect(Math.max(...more.map(Math.abs))).toBeLessThan(0.01);
  });

  it('leaves every gap that is wanted, by exact geometry', () => {
    for (const fitting of some(40)) {
      const fit = fitLeaves(fitting);
      fitting.leaves.forEach(({ wishes }, n) => {
        const polygon = new Polygon(cornersOf(fitting, fit, n));
        const { hingeLeg, latchLeg, head, floor } = fitting.opening;
        const upright = (outline: Outline) => outline.map(({ at, mm }) => new Point(mm, at));
        const level = (outline: Outline) => outline.map(({ at, mm }) => new Point(at, mm));
        const beside: [LeafEdge, Point[]][] = [
          ...(n === 0 ? [['left', upright(hingeLeg)] as [LeafEdge, Point[]]] : []),
          ...(n === fitting.leaves.length - 1 ? [['right', upright(latchLeg)] as [LeafEdge, Point[]]] : []),
          ['head', level(head)],
          ['foot', level(floor)],
        ];
        for (const [edge, points] of beside) {
          const least = Math.min(...points.slice(1).map((point, i) => polygon.distanceTo(new Segment(points[i] ?? point, point))[0]));
          expect(least).toBeGreaterThan(wishes[edge].gapMm - 0.02);
        }
      });
      if (fitting.leaves.length === 2) {
        const [a, b] = [0, 1].map((n) => new Polygon(cornersOf(fitting, fit, n)));
        if (a && b) expect(a.distanceTo(b)[0]).toBeGreaterThan(fitting.meetingMm - 0.02);
      }
    }
  });

  it('never puts timber on, and says what is left beside each edge', () => {
    for (const fitting of some(30)) {
      fitLeaves(fitting).leaves.forEach(({ edges }, n) =>
        edges.forEach(({ edge, off, leastGapMm }) => {
          expect(Math.min(...off.map(({ mm }) => mm))).toBeGreaterThanOrEqual(0);
          expect(leastGapMm).toBeGreaterThan(wantedAt(fitting, n, edge) - 0.01);
        }),
      );
    }
  });

  it('is the same seen in a mirror', () => {
    for (const fitting of some(20)) {
      const { opening, leaves } = fitting;
      const farMm = longest(opening.latchLeg);
      const turn = (outline: Outline): Outline => outline.map(({ at, mm }) => ({ at, mm: farMm - mm }));
      const back = (outline: Outline, over: number): Outline => [...outline].reverse().map(({ at, mm }) => ({ at: over - at, mm }));
      const mirrored: Fitting = {
        ...fitting,
        opening: {
          ...opening,
          hingeLeg: turn(opening.latchLeg),
          latchLeg: turn(opening.hingeLeg),
          head: back(opening.head, farMm),
          floor: back(opening.floor, farMm),
        },
        leaves: [...leaves].reverse().map((each) => {
          const wide = longest(each.leaf.right);
          const across = (outline: Outline): Outline => outline.map(({ at, mm }) => ({ at, mm: wide - mm }));
          return {
            ...each,
            leaf: {
              left: across(each.leaf.right),
              right: across(each.leaf.left),
              head: back(each.leaf.head, wide),
              foot: back(each.leaf.foot, wide),
            },
            wishes: Object.fromEntries(LEAF_EDGES.map((edge) => [edge, each.wishes[mirrorOf[edge]]])) as typeof each.wishes,
          };
        }),
      };
      expect(Math.abs(fitOnce(mirrored).areaMm2 - fitOnce(fitting).areaMm2) / edgesOf(fitting)).toBeLessThan(0.02);
    }
  });

  it('takes no more where more may come off, or a smaller gap will do', () => {
    for (const fitting of some(20)) {
      const own = fitOnce(fitting).areaMm2;
      const wider = withWishes(fitting, (wish) => ({ ...wish, gapMm: wish.gapMm - 0.5 }));
      expect(fitOnce({ ...wider, meetingMm: fitting.meetingMm - 0.5 }).areaMm2).toBeLessThanOrEqual(own + 5);
      const scribed = withWishes(fitting, (wish) => ({ ...wish, shape: wish.shape === 'line' ? 'line' : 'scribe', mayLoseMm: 60 }));
      expect(fitOnce(scribed).areaMm2).toBeLessThanOrEqual(own + 5);
    }
  });

  it('a slab that cannot fit says by how much, to a tenth of a millimetre, and where', () => {
    for (const plain of some(20)) {
      const fitting = withWishes(plain, (wish) => ({ ...wish, mayLoseMm: 1 }));
      const fit = fitOnce(fitting);
      if (fit.isPossible) continue;
      const short = (fits: Fit) => fits.leaves.flatMap(({ edges }) => edges).reduce((sum, { shortMm }) => sum + shortMm, 0);
      const givenBy = (share: number) =>
        fitOnce(
          withWishes(fitting, (wish, n, edge) => ({
            ...wish,
            mayLoseMm: 1 + share * (fit.leaves[n]?.edges.find((each) => each.edge === edge)?.shortMm ?? 0),
          })),
        );
      const enough = givenBy(1);
      expect(short(enough)).toBeLessThan(0.1);
      const less = 0.1 / short(fit);
      if (less < 1) expect(short(givenBy(1 - less))).toBeGreaterThan(0.02);
    }
  });

  it('takes what the person asks for as least: timber, depth or edges', () => {
    let [shallower, fewer] = [0, 0];
    for (const fitting of some(15)) {
      const byArea = fitLeaves(fitting);
      const byDepth = fitLeaves({ ...fitting, aim: 'depth' });
      const byEdges = fitLeaves({ ...fitting, aim: 'edges' });
      expect(byDepth.deepestMm).toBeLessThanOrEqual(byArea.deepestMm + 0.01);
      expect(byEdges.edgesCut).toBeLessThanOrEqual(byArea.edgesCut);
      expect(byEdges.isPossible).toBe(byArea.isPossible);
      if (byDepth.deepestMm < byArea.deepestMm - 0.5) shallower += 1;
      if (byEdges.edgesCut < byArea.edgesCut) fewer += 1;
    }
    expect(shallower).toBeGreaterThan(3);
    expect(fewer).toBeGreaterThan(3);
  });

  it('a straight cut runs out before the other end where that takes less, and never takes more', () => {
    let less = 0;
    for (const fitting of some(25)) {
      const lines = withWishes(fitting, (wish) => ({ ...wish, shape: 'line' }));
      const [straight, tapered] = [fitOnce(lines).areaMm2, fitLeaves(lines).areaMm2];
      expect(tapered).toBeLessThanOrEqual(straight);
      if (tapered < straight - 100) less += 1;
    }
    expect(less).toBeGreaterThan(3);
  });
});
