import Flatten from '@flatten-js/core';
import { seededRandom } from '../../numbers/seededRandom';
import { passClosingEdge, USUAL_BEVEL, type ClosingEdge } from './closingEdge';
import { toRadians } from '../../swing/axisTilt';

const { Point, Polygon, Segment } = Flatten;

type Corners = readonly (readonly [number, number])[];

const polygon = (corners: Corners) => new Polygon(corners.map(([x, z]) => new Point(x, z)));

const edgesOf = (corners: Corners) =>
  corners.map(([x, z], i) => {
    const [nextX, nextZ] = corners[(i + 1) % corners.length] ?? [x, z];
    return new Segment(new Point(x, z), new Point(nextX, nextZ));
  });

const PIN = new Point(0, 0);

/** The slab in plan about its pin, and the latch leg it passes, as they are: nothing of the formula. */
function corners({
  slabWidthMm: w,
  thicknessMm: t,
  pinBehindMm: a,
  pinProudMm: b,
  bevelMm: v = 0,
  legProudMm: q = 0,
  latchGapMm: g,
}: ClosingEdge) {
  const slab: Corners = [
    [a, -b],
    [a + w, -b],
    [a + w - v, -b - t],
    [a, -b - t],
  ];
  const leg: Corners = [
    [a + w + g, -b - t - 80],
    [a + w + g, q - b],
    [a + w + g + 60, q - b],
  ];
  return { slab, leg };
}

/** Least distance of slab and leg over the first part of the swing, by turning the real polygon: a sweep, then closer about each dip. */
function sweptClearance(edge: ClosingEdge): number {
  const { slab, leg } = corners(edge);
  // The leg's far sides are never met.
  const sides = edgesOf(leg).slice(0, 2);
  const edges = edgesOf(slab);
  const at = (deg: number) => {
    const turned = edges.map((each) => each.rotate(toRadians(deg), PIN));
    // Edges that cross are at no distance.
    return Math.min(...turned.flatMap((each) => sides.map((side) => each.distanceTo(side)[0])));
  };
  // The edge comes near the corner more than once: every dip of the sweep is followed down.
  const coarse = Array.from({ length: Math.ceil(SWEEP_DEG / COARSE_DEG) + 1 }, (_, i) => ({ deg: i * COARSE_DEG, mm: at(i * COARSE_DEG) }));
  const dips = coarse.filter(({ mm }, i) => mm <= (coarse[i - 1]?.mm ?? Infinity) && mm <= (coarse[i + 1]?.mm ?? Infinity));
  return Math.min(...dips.map(({ deg }) => lowest(at, Math.max(0, deg - COARSE_DEG), deg + COARSE_DEG)));
}

const SWEEP_DEG = 14;
const COARSE_DEG = 0.5;

/** Least of a dip by thirds. */
function lowest(at: (deg: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let i = 0; i < 11; i += 1) {
    const third = (high - low) / 3;
    if (at(low + third) <= at(high - third)) high -= third;
    else low += third;
  }
  return Math.min(at(from), at((low + high) / 2));
}

const random = seededRandom(4);
const between = (from: number, to: number) => from + (to - from) * random.uniform();
const randomEdge = (): ClosingEdge => ({
  slabWidthMm: between(450, 1200),
  thicknessMm: between(30, 70),
  latchGapMm: between(1.5, 7),
  pinBehindMm: between(-2, 6),
  pinProudMm: between(0, 14),
  legProudMm: between(-3, 3),
  bevelMm: random.uniform() < 0.5 ? 0 : between(0, 4),
});

describe('the closing edge passing its leg', () => {
  it('keeps what the turned polygon keeps, for 500 random doors, within 0.01 mm (flatten-js)', () => {
    let worst = 0;
    let passed = 0;
    for (let i = 0; i < 500; i += 1) {
      const edge = randomEdge();
      const { clearanceMm } = passClosingEdge(edge);
      passed += Number(clearanceMm > 0);
      worst = Math.max(worst, Math.abs(Math.max(0, clearanceMm) - sweptClearance(edge)));
    }
    expect(worst).toBeLessThan(0.01);
    // Both kinds of door were met.
    expect(passed).toBeGreaterThan(100);
    expect(passed).toBeLessThan(480);
  });

  it('the least gap and the least bevel leave the turned polygon just what was wanted, for 500 random doors', () => {
    let worst = 0;
    let helped = 0;
    for (let i = 0; i < 500; i += 1) {
      const wanted = { ...randomEdge(), wantedMm: 0.5 };
      const { leastGapMm, leastBevelMm, bevelHelps } = passClosingEdge(wanted);
      const withGap = sweptClearance({ ...wanted, latchGapMm: leastGapMm });
      worst = Math.max(worst, Math.abs(withGap - 0.5));
      if (leastBevelMm > 0 && leastBevelMm < 10) {
        const bevelled = sweptClearance({ ...wanted, bevelMm: leastBevelMm });
        // Where a bevel helps, just what was wanted is left; else the near arris is too close whatever the bevel.
        if (bevelHelps) worst = Math.max(worst, Math.abs(bevelled - 0.5));
        else expect(bevelled).toBeLessThan(0.5);
        helped += Number(bevelHelps);
      }
    }
    expect(worst).toBeLessThan(0.01);
    expect(helped).toBeGreaterThan(50);
  });

  it('says that no bevel helps where the gap itself is smaller than what is wanted', () => {
    const edge: ClosingEdge = { slabWidthMm: 762, thicknessMm: 44, latchGapMm: 0.4, pinBehindMm: 2, pinProudMm: 6, wantedMm: 1 };
    expect(passClosingEdge(edge)).toMatchObject({ passes: false, bevelHelps: false });
    expect(passClosingEdge({ ...edge, latchGapMm: 2 })).toMatchObject({ passes: false, bevelHelps: true });
  });

  it('a square edge needs √(r² + (t + b)² − b²) − r by a flush leg', () => {
    const edge: ClosingEdge = { slabWidthMm: 762, thicknessMm: 44, latchGapMm: 3, pinBehindMm: 2, pinProudMm: 6 };
    const r = 764;
    expect(passClosingEdge(edge).leastGapSquareMm).toBeCloseTo(Math.sqrt(r ** 2 + 50 ** 2 - 6 ** 2) - r, 9);
  });

  // The usual bevel of door handbooks, 1/8 in in 2 in (from memory), is 3°35′.
  it('bevels 1/8 in in 2 in', () => {
    expect(USUAL_BEVEL).toBe(0.125 / 2);
    expect(passClosingEdge({ slabWidthMm: 762, thicknessMm: 50.8, latchGapMm: 3, pinBehindMm: 2, pinProudMm: 6 }).usualBevelMm).toBeCloseTo(
      3.175,
      9,
    );
    expect((Math.atan(USUAL_BEVEL) * 180) / Math.PI).toBeCloseTo(3 + 35 / 60, 1);
  });

  it('an ordinary inside door of 35 mm passes square at 3 mm; a 68 mm one needs a bevel', () => {
    const ordinary: ClosingEdge = { slabWidthMm: 762, thicknessMm: 35, latchGapMm: 3, pinBehindMm: 2, pinProudMm: 6 };
    expect(passClosingEdge(ordinary)).toMatchObject({ passes: true, leastBevelMm: 0 });
    const thick = passClosingEdge({ ...ordinary, thicknessMm: 68 });
    expect(thick.passes).toBe(false);
    expect(thick.leastBevelMm).toBeGreaterThan(0.3);
  });

  it('a bevel, a wider gap, a thinner slab never tighten it', () => {
    for (let i = 0; i < 200; i += 1) {
      const edge = randomEdge();
      const { clearanceMm } = passClosingEdge(edge);
      expect(passClosingEdge({ ...edge, bevelMm: (edge.bevelMm ?? 0) + 1 }).clearanceMm).toBeGreaterThanOrEqual(clearanceMm - 1e-9);
      expect(passClosingEdge({ ...edge, latchGapMm: edge.latchGapMm + 1 }).clearanceMm).toBeGreaterThan(clearanceMm);
      expect(passClosingEdge({ ...edge, thicknessMm: edge.thicknessMm - 5 }).clearanceMm).toBeGreaterThanOrEqual(clearanceMm - 1e-9);
    }
  });

  it('opens until the turned slab meets the trim (flatten-js)', () => {
    let stopped = 0;
    for (let i = 0; i < 200; i += 1) {
      const trim = { proudMm: between(8, 30), setBackMm: between(3, 8), hingeGapMm: between(1.5, 4) };
      const edge: ClosingEdge = { ...randomEdge(), pinBehindMm: trim.hingeGapMm / 2, pinProudMm: between(3, 14), bevelMm: 0, trim };
      const { opensToDeg, pinProudForTrimMm } = passClosingEdge(edge);
      const slab = polygon(corners(edge).slab);
      const near = edge.pinBehindMm - trim.hingeGapMm - trim.setBackMm;
      const casing = polygon([
        [near, trim.proudMm - edge.pinProudMm],
        [near - 60, trim.proudMm - edge.pinProudMm],
        [near - 60, -edge.pinProudMm],
        [near, -edge.pinProudMm],
      ]);
      const meets = (deg: number) => slab.rotate(toRadians(deg), new Point(0, 0)).intersect(casing).length > 0;
      if (opensToDeg < 180) {
        stopped += 1;
        expect(meets(opensToDeg - 0.2)).toBe(false);
        expect(meets(opensToDeg + 0.2)).toBe(true);
      } else {
        expect(meets(179.8)).toBe(false);
        expect(edge.pinProudMm).toBeGreaterThanOrEqual(pinProudForTrimMm - 0.2);
      }
    }
    expect(stopped).toBeGreaterThan(40);
  });

  it('keeps from the stop beside the hinges what the turned slab keeps, wherever the pin is (flatten-js)', () => {
    let nearer = 0;
    for (let i = 0; i < 150; i += 1) {
      const stop = { gapMm: between(0.5, 3), widthMm: between(10, 40), hingeGapMm: between(1.5, 4) };
      const edge: ClosingEdge = { ...randomEdge(), pinBehindMm: between(-30, 4), pinProudMm: between(-20, 10), bevelMm: 0, stop };
      const { stopClearanceMm = 0 } = passClosingEdge(edge);
      const depth = edge.thicknessMm + edge.pinProudMm;
      const face = -depth - stop.gapMm;
      const leg = edge.pinBehindMm - stop.hingeGapMm;
      // The face of the stop toward the slab.
      const side = new Segment(new Point(leg, face), new Point(leg + stop.widthMm, face));
      const slab = edgesOf(corners(edge).slab);
      const at = (deg: number) => {
        const turned = slab.map((each) => each.rotate(toRadians(deg), PIN));
        return Math.min(...turned.map((each) => each.distanceTo(side)[0]));
      };
      const swept = Math.min(...Array.from({ length: 360 }, (_, k) => at(k / 4)));
      nearer += Number(stopClearanceMm < stop.gapMm - 0.01);
      expect(Math.abs(Math.max(0, stopClearanceMm) - swept)).toBeLessThan(0.05);
    }
    expect(nearer).toBeGreaterThan(30);
  });

  it('refuses what no closing edge can be', () => {
    const edge: ClosingEdge = { slabWidthMm: 762, thicknessMm: 40, latchGapMm: 3, pinBehindMm: 2, pinProudMm: 6 };
    expect(() => passClosingEdge({ ...edge, bevelMm: 90 })).toThrow('larger than a closing edge can take');
    expect(() => passClosingEdge({ ...edge, pinBehindMm: -800 })).toThrow('beyond the closing edge');
  });
});
