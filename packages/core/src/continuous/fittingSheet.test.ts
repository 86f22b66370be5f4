import { CONTINUOUS_GAP_MM, fitContinuous, LEAST_BEARING_MM, SETTLING_MM, THROUGH_HOLE_MM, type ContinuousHinge } from './fittingSheet';

const DOOR: ContinuousHinge = {
  openingWidthsMm: [917, 916, 919],
  openingHeightsMm: [2139, 2137],
  slabWidthMm: 905,
  slabHeightMm: 2120,
  hingeLengthMm: 2108,
  hingeTakesMm: 7.9,
  frameLeafMm: 45,
  frameFaceMm: 50,
  footWantedMm: 10,
};

describe('a full-height hinge on a worn door', () => {
  // Common practice, no source: 1/8 in at latch and head, 1/16 in of settling, 7/8 in of bearing, 3/8 in holes.
  it('goes by the figures of the trade', () => {
    expect([CONTINUOUS_GAP_MM, SETTLING_MM, LEAST_BEARING_MM, THROUGH_HOLE_MM].map((mm) => Math.round((mm / 25.4) * 16))).toEqual([
      2, 1, 14, 6,
    ]);
  });

  it('everything across and up adds to the opening', () => {
    const sheet = fitContinuous(DOOR);
    DOOR.openingWidthsMm.forEach((width, i) => {
      const slab = DOOR.slabWidthMm - (sheet.trimMm[i] ?? 0);
      expect(DOOR.hingeTakesMm + slab + (sheet.latchGapsMm[i] ?? 0)).toBeCloseTo(width, 9);
    });
    const slab = DOOR.slabHeightMm - sheet.footTrimMm;
    expect(sheet.headHungMm + slab + sheet.packersMm).toBeCloseTo(2137, 9);
    expect(sheet.headSettledMm + slab + sheet.footSettledMm).toBeCloseTo(2137, 9);
  });

  it('trims where the opening is too narrow, and nowhere else', () => {
    const { trimMm, latchGapsMm } = fitContinuous({ ...DOOR, slabWidthMm: 906 });
    expect(trimMm.map((mm) => Number(mm.toFixed(1)))).toEqual([0.1, 1.1, 0]);
    expect(Math.min(...latchGapsMm)).toBeCloseTo(CONTINUOUS_GAP_MM, 9);
  });

  it('cuts the foot for the clearance wanted after settling', () => {
    const { footTrimMm, footSettledMm } = fitContinuous({ ...DOOR, slabHeightMm: 2130 });
    expect(footTrimMm).toBeGreaterThan(0);
    expect(footSettledMm).toBeCloseTo(10, 9);
  });

  it('says when the frame is too narrow to bear it, and what to cut off a long hinge', () => {
    expect(fitContinuous(DOOR)).toMatchObject({ bearsEnough: true, cutHingeMm: 0 });
    expect(fitContinuous({ ...DOOR, frameFaceMm: 20 })).toMatchObject({ bearsEnough: false, bearingMm: 20 });
    expect(fitContinuous({ ...DOOR, hingeLengthMm: 2410 }).cutHingeMm).toBeCloseTo(290, 9);
  });

  it('four screws first, spread over the hinge', () => {
    const { firstScrewsMm } = fitContinuous(DOOR);
    expect(firstScrewsMm).toHaveLength(4);
    expect(firstScrewsMm[0]).toBeGreaterThan(0);
    expect(firstScrewsMm[3]).toBeLessThan(2108);
  });

  it('never trusts one width', () => expect(() => fitContinuous({ ...DOOR, openingWidthsMm: [917] })).toThrow('top, middle and foot'));
});
