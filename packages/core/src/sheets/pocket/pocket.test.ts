import { fitPocket, type PocketOpening } from './pocket';

const OPENING: PocketOpening = {
  heightsMm: [2046, 2043, 2041, 2044],
  slabHeightMm: 2040,
  clearanceMm: 6.35,
  trimMm: 12,
  boardMm: 12.5,
  slatMm: 19,
  panelWidthMm: 762,
  mmPerTurn: 1.25,
  areClipsHome: false,
};

describe('a pocket door', () => {
  it('is as long as from the floor’s high point to the bracket, less 1/4 in (common practice, no source)', () => {
    const found = fitPocket(OPENING);
    expect(found).toMatchObject({ highPoint: 2, spreadMm: 5 });
    expect(found.lengthMm).toBeCloseTo(2041 - 25.4 / 4, 9);
    expect(found.cutMm).toBeCloseTo(2040 - 2041 + 6.35, 9);
  });

  it('clears everywhere: at the lowest point by the clearance and the run of the floor', () => {
    const { lengthMm, mostClearanceMm } = fitPocket(OPENING);
    const rooms = OPENING.heightsMm.map((mm) => mm - lengthMm);
    expect(Math.min(...rooms)).toBeCloseTo(6.35, 9);
    expect(Math.max(...rooms)).toBeCloseTo(mostClearanceMm, 9);
  });

  it('turns one hanger for an even closing gap: the low end up, never the other down', () => {
    const atFoot = fitPocket({ ...OPENING, jambTopMm: 3, jambFootMm: 8 }).turn;
    expect(atFoot).toMatchObject({ hanger: 'lead', isInReach: true });
    // 5 mm over 2,034.65 / (0.86 × 762): 1.61 mm, and half a turn is 0.625 mm.
    expect(atFoot?.halfTurns).toBe(3);
    expect(fitPocket({ ...OPENING, jambTopMm: 8, jambFootMm: 3 }).turn?.hanger).toBe('trail');
    expect(fitPocket({ ...OPENING, jambTopMm: 5, jambFootMm: 5.5 }).turn?.halfTurns).toBe(0);
  });

  it('hangers reach half an inch each way; more is said, not turned', () => {
    const far = fitPocket({ ...OPENING, jambTopMm: 3, jambFootMm: 53 });
    expect(far.turn?.isInReach).toBe(false);
    expect(far.warnings.join(' ')).toContain('cannot make it even');
    expect(fitPocket({ ...OPENING, slabHeightMm: 2015 }).warnings.join(' ')).toContain('too short');
  });

  it('does not let a fixing reach the slab', () => expect(fitPocket(OPENING).longestFixingMm).toBeCloseTo(12 + 12.5 + 19 - 3, 9));

  it('is not closed up before both clips were seen home', () => {
    expect(fitPocket(OPENING).mayCloseUp).toBe(false);
    expect(fitPocket({ ...OPENING, areClipsHome: true }).mayCloseUp).toBe(true);
  });

  it('says when the saw goes through the solid rail, and when too little was read', () => {
    const hollow = fitPocket({ ...OPENING, slabHeightMm: 2080, solidRailMm: 38 });
    expect(hollow.railLeftMm).toBeCloseTo(38 - (2080 - 2034.65), 9);
    expect(hollow.warnings.join(' ')).toContain('solid rail');
    expect(fitPocket({ ...OPENING, heightsMm: [2041] }).warnings.join(' ')).toContain('three places');
    const { slabHeightMm: _s, ...noSlab } = OPENING;
    expect(() => fitPocket({ ...noSlab, solidRailMm: 38 })).toThrow('how long the slab is');
  });
});
