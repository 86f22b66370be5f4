import { makeLeg, PACKER_FROM_END_MM, type LegToMake } from './wholeLeg';

const leg: LegToMake = {
  ...{ side: 'strike', headMm: 2000, notchMm: 10, headThicknessMm: 25, footGapMm: 3, thicknessMm: 25, wallMm: 120, clearMm: 767 },
  roughMm: [
    { at: 100, mm: 800 },
    { at: 1900, mm: 804 },
  ],
  ...{ heldAtMm: [1000], kinds: [{ mm: 1 }, { mm: 2 }, { mm: 3 }, { mm: 5 }], screwMm: 76.2 },
};

describe('a whole leg (common practice, no source)', () => {
  it('is as long as from the floor up into the notch, less the room under it', () => {
    expect(makeLeg(leg)).toMatchObject({ lengthMm: 2007, widthMm: 120, notch: { upMm: 10, deepMm: 25 } });
  });

  it('packers stand 100 mm from top and foot and at the lock, set from the top', () => {
    const { packers } = makeLeg(leg);
    expect(packers.map(({ atMm }) => atMm)).toEqual([2000 - PACKER_FROM_END_MM, 1000, PACKER_FROM_END_MM]);
  });

  it('each stack fills the gap behind a leg that stands plumb: the leg comes out plumb', () => {
    const { packers, framingLeansMm } = makeLeg(leg);
    expect(packers.map(({ gapMm }) => gapMm)).toEqual([12, 10, 8]);
    expect(framingLeansMm).toBe(4);
    for (const { gapMm, pieces } of packers) expect(pieces.reduce((sum, mm) => sum + mm, 0)).toBeCloseTo(gapMm, 9);
  });

  it('equal counts where the framing is plumb', () => {
    const { packers } = makeLeg({ ...leg, roughMm: [{ at: 1000, mm: 802 }] });
    expect(new Set(packers.map(({ pieces }) => pieces.length)).size).toBe(1);
  });

  it('screws go through leg and the thickest stack; without room it is refused', () => {
    expect(makeLeg(leg).screw.leastMm).toBe(25 + 12 + 30);
    expect(() => makeLeg({ ...leg, clearMm: 780 })).toThrow('no room');
  });
});
