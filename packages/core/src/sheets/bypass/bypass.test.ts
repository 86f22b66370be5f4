import { fitBypass, type BypassOpening } from './bypass';

const OPENING: BypassOpening = { widthsMm: [1650, 1648, 1652], panels: 2, panelWidthMm: 840, floorGapMm: 10 };

describe('a bypass door', () => {
  it('overlaps by what its panels are wider than the narrowest place, shared among their joints', () => {
    expect(fitBypass(OPENING).overlapMm).toBe(2 * 840 - 1648);
    const three = fitBypass({ ...OPENING, panels: 3, panelWidthMm: 570 });
    // Panels of one width laid from leg to leg: three of them less two overlaps are the opening.
    expect(3 * 570 - 2 * three.overlapMm).toBeCloseTo(1648, 9);
    expect(three.guidesMm).toHaveLength(2);
  });

  it('is guided at the middle of each overlap, alike from either leg', () => {
    expect(fitBypass(OPENING).guidesMm).toEqual([1648 / 2]);
    const [first = 0, second = 0] = fitBypass({ ...OPENING, panels: 3, panelWidthMm: 570 }).guidesMm;
    expect(first + second).toBeCloseTo(1648, 9);
  });

  it('is as long as the floor’s high point leaves under its track', () => {
    const found = fitBypass({ ...OPENING, heightsMm: [2062, 2058, 2060], hangMm: 28, panelHeightMm: 2030 });
    expect([found.heightMm, found.cutHeightMm]).toEqual([2058 - 28 - 10, 10]);
    expect(() => fitBypass({ ...OPENING, heightsMm: [2058] })).toThrow('how far below the track');
    expect(fitBypass(OPENING).heightMm).toBeUndefined();
  });

  it('a higher front panel comes down by its hangers where it has room, else the one behind goes up (1.25 mm a turn)', () => {
    const step = (more: Partial<BypassOpening>) => fitBypass({ ...OPENING, ...more }).align;
    expect(step({ stepMm: 4, higherFootMm: 12 })).toEqual({ panel: 'front', way: 'lower', quarters: 13 });
    expect(step({ stepMm: 4, higherFootMm: 6 })).toEqual({ panel: 'back', way: 'raise', quarters: 13 });
    expect(step({ stepMm: -4, higherFootMm: 12 })).toEqual({ panel: 'back', way: 'lower', quarters: 13 });
    expect(step({ stepMm: -2.5, mmPerTurn: 2.5 })).toEqual({ panel: 'front', way: 'raise', quarters: 4 });
    expect(step({})).toBeUndefined();
  });

  it('says what shows, what binds and what swings', () => {
    const said = (more: Partial<BypassOpening>) => fitBypass({ ...OPENING, ...more }).warnings.join(' ');
    expect(said({})).toBe('');
    expect(said({ panelWidthMm: 826 })).toContain('hardly overlap');
    expect(said({ panelWidthMm: 900 })).toContain('far more than they need');
    expect(said({ thicknessMm: 35, guideSlotMm: 36 })).toContain('binds');
    expect(said({ thicknessMm: 35, guideSlotMm: 38 })).toBe('');
    expect(said({ thicknessMm: 35, guideSlotMm: 42 })).toContain('swings');
    expect(said({ stepMm: -15 })).toContain('slipped');
  });
});
