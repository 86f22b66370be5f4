import { fitBifold, type BifoldOpening } from './bifold';

const OPENING: BifoldOpening = {
  widthsMm: [1214, 1212, 1215],
  heightAtPivotMm: 2018,
  heightAtGuideMm: 2020,
  leaves: 4,
  sideGapMm: 3,
  leafGapMm: 2,
  topGapMm: 6,
  floorGapMm: 10,
};

describe('a bifold door', () => {
  it('leaves fill the narrowest place with their gaps', () => {
    const { leafWidthMm } = fitBifold(OPENING);
    expect(4 * leafWidthMm + 2 * 3 + 3 * 2).toBeCloseTo(1212, 9);
    expect(2 * fitBifold({ ...OPENING, leaves: 2 }).leafWidthMm + 2 * 3 + 2).toBeCloseTo(1212, 9);
  });

  it('is as high as its lower side leaves, and its pivot set for the gap under the track', () => {
    const found = fitBifold({ ...OPENING, leafHeightMm: 2020 });
    expect(found.leafHeightMm).toBe(2018 - 16);
    expect(found.cutHeightMm).toBe(18);
    expect(found.pivotHeightMm + found.leafHeightMm + 6).toBe(2018);
    expect(found.floorFallsMm).toBe(2);
  });

  it('pivots need solid wood: a block where the cut leaves too little (common practice, no source)', () => {
    const found = fitBifold({ ...OPENING, leafHeightMm: 2020, solidRailMm: 38 });
    expect([found.railLeftMm, found.blockMm]).toEqual([20, 25]);
    expect(found.warnings.join(' ')).toContain('solid wood');
    expect(fitBifold({ ...OPENING, leafHeightMm: 2004, solidRailMm: 38 }).blockMm).toBeUndefined();
    expect(() => fitBifold({ ...OPENING, solidRailMm: 38 })).toThrow('how high the leaf is');
  });

  it('a gap wider at the top is taken out by the top pivot, toward its jamb; an even one is left', () => {
    expect(fitBifold({ ...OPENING, jambTopMm: 6, jambFootMm: 3 }).topPivotMm).toBe(-3);
    expect(fitBifold({ ...OPENING, jambTopMm: 3, jambFootMm: 6 }).topPivotMm).toBe(3);
    expect(fitBifold({ ...OPENING, jambTopMm: 3.5, jambFootMm: 3 }).topPivotMm).toBe(0);
  });

  it('says what a pivot cannot reach, a floor that rises, and a guide with too much or no play', () => {
    expect(fitBifold({ ...OPENING, leafHeightMm: 1960 }).warnings.join(' ')).toContain('cannot be set so far');
    expect(fitBifold({ ...OPENING, heightAtGuideMm: 2014 }).warnings.join(' ')).toContain('rises toward the guide');
    expect(fitBifold({ ...OPENING, guidePlayMm: 4 }).warnings.join(' ')).toContain('jumps out');
    expect(fitBifold({ ...OPENING, guidePlayMm: 0.2 }).warnings.join(' ')).toContain('binds');
    expect(fitBifold({ ...OPENING, guidePlayMm: 1.5 }).warnings).toEqual([]);
  });
});
