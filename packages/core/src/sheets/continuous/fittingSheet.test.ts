import { EXAMPLE_FITTING } from './exampleFitting';
import { CONTINUOUS_GAP_MM, fitContinuous, LEAST_BEARING_MM, SETTLING_MM, THROUGH_HOLE_MM } from './fittingSheet';

describe('a full-height hinge on a worn door', () => {
  // Common practice, no source: 1/8 in at latch and head, 1/16 in of settling, 7/8 in of bearing, 3/8 in holes.
  it('goes by the figures of the trade', () => {
    expect([CONTINUOUS_GAP_MM, SETTLING_MM, LEAST_BEARING_MM, THROUGH_HOLE_MM].map((mm) => Math.round((mm / 25.4) * 16))).toEqual([
      2, 1, 14, 6,
    ]);
  });

  it('everything across and up adds to the opening', () => {
    const sheet = fitContinuous(EXAMPLE_FITTING);
    EXAMPLE_FITTING.openingWidthsMm.forEach((width, i) => {
      const slab = EXAMPLE_FITTING.slabWidthMm - (sheet.trimMm[i] ?? 0);
      expect(EXAMPLE_FITTING.hingeTakesMm + slab + (sheet.latchGapsMm[i] ?? 0)).toBeCloseTo(width, 9);
    });
    const slab = EXAMPLE_FITTING.slabHeightMm - sheet.footTrimMm;
    expect(sheet.headHungMm + slab + sheet.packersMm).toBeCloseTo(2137, 9);
    expect(sheet.headSettledMm + slab + sheet.footSettledMm).toBeCloseTo(2137, 9);
  });

  it('trims where the opening is too narrow, and nowhere else', () => {
    const { trimMm, latchGapsMm } = fitContinuous({ ...EXAMPLE_FITTING, slabWidthMm: 906 });
    expect(trimMm.map((mm) => Number(mm.toFixed(1)))).toEqual([0.1, 1.1, 0]);
    expect(Math.min(...latchGapsMm)).toBeCloseTo(CONTINUOUS_GAP_MM, 9);
  });

  it('cuts the foot for the clearance wanted after settling', () => {
    const { footTrimMm, footSettledMm } = fitContinuous({ ...EXAMPLE_FITTING, slabHeightMm: 2130 });
    expect(footTrimMm).toBeGreaterThan(0);
    expect(footSettledMm).toBeCloseTo(10, 9);
  });

  it('says when the frame is too narrow to bear it, and what to cut off a long hinge', () => {
    expect(fitContinuous(EXAMPLE_FITTING)).toMatchObject({ bearsEnough: true, cutHingeMm: 0 });
    expect(fitContinuous({ ...EXAMPLE_FITTING, frameFaceMm: 20 })).toMatchObject({ bearsEnough: false, bearingMm: 20 });
    expect(fitContinuous({ ...EXAMPLE_FITTING, hingeLengthMm: 2410 }).cutHingeMm).toBeCloseTo(290, 9);
  });

  it('four screws first, spread over the hinge', () => {
    const { firstScrewsMm } = fitContinuous(EXAMPLE_FITTING);
    expect(firstScrewsMm).toHaveLength(4);
    expect(firstScrewsMm[0]).toBeGreaterThan(0);
    expect(firstScrewsMm[3]).toBeLessThan(2108);
  });

  it('never trusts one width', () =>
    expect(() => fitContinuous({ ...EXAMPLE_FITTING, openingWidthsMm: [917] })).toThrow('top, middle and foot'));

  it('is told in the order it is done: the closer off before the butts, frame screws before door screws, bolts once it swings', () => {
    const at = (words: RegExp) => fitContinuous(EXAMPLE_FITTING).steps.findIndex((step) => words.test(step));
    const order = [
      /Closer off/,
      /screws out/,
      /box/,
      /on packers from the foot/,
      /Covers off/,
      /Top frame screw first/,
      /swing it/,
      /bolts/,
      /cover on/,
    ];
    expect(order.map(at)).toEqual(order.map((_, i) => i));
  });
});
