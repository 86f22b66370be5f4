import { loadHinges, type LoadedHinges } from './hingeLoad';

const DOOR: LoadedHinges = {
  massKg: 30,
  slabWidthMm: 800,
  slabHeightMm: 2000,
  hingeHeightsMm: [200, 1800],
  leafMm: 2.5,
  behind: { jambMm: 19, jambWood: 'sprucePineFir', spaceMm: 12, framingWood: 'sprucePineFir' },
  short: { number: 9, lengthMm: 19, count: 3 },
  long: { number: 9, lengthMm: 76 },
};

describe('pull on the hinges', () => {
  it('of two hinges is m·g·w/(2·spacing)', () => {
    expect(loadHinges(DOOR).topPullN).toBeCloseTo((30 * 9.80665 * 800) / (2 * 1600), 6);
  });

  it('is in balance whatever the hinges: forces sum to nought, their turn is the weight’s', () => {
    for (const hingeHeightsMm of [
      [200, 1800],
      [150, 1000, 1750],
      [150, 400, 1750],
      [160, 700, 1240, 1780],
    ]) {
      const { hinges } = loadHinges({ ...DOOR, hingeHeightsMm });
      expect(hinges.reduce((sum, { pullN }) => sum + pullN, 0)).toBeCloseTo(0, 6);
      expect(hinges.reduce((sum, { pullN, atMm }) => sum - pullN * atMm, 0)).toBeCloseTo(30 * 9.80665 * 400, 3);
      expect(hinges.reduce((sum, { weightN }) => sum + weightN, 0)).toBeCloseTo(30 * 9.80665, 6);
    }
  });

  it('a third hinge near the top eases the top one, one in the middle does not', () => {
    const top = (hingeHeightsMm: number[]) => loadHinges({ ...DOOR, hingeHeightsMm }).topPullN;
    expect(top([200, 1000, 1800])).toBeCloseTo(top([200, 1800]), 6);
    expect(top([200, 400, 1800])).toBeLessThan(top([200, 1800]) * 0.75);
  });

  it('one long screw multiplies what the top hinge holds, and holds in the framing at all', () => {
    const { asItIs, withLong, gain } = loadHinges(DOOR);
    expect(asItIs.framingN).toBe(0);
    expect(withLong.framingN).toBeGreaterThan(500);
    expect(gain).toBeGreaterThan(1.5);
    expect(withLong.times).toBeGreaterThan(asItIs.times);
  });

  it('refuses screws that hold nothing: how many times more a long one holds is then no number', () => {
    const nothing = { ...DOOR, leafMm: 10, short: { ...DOOR.short, lengthMm: 8 } };
    expect(() => loadHinges(nothing)).toThrow('hold nothing');
  });

  it('refuses one hinge', () => expect(() => loadHinges({ ...DOOR, hingeHeightsMm: [200] })).toThrow('at least two'));
});
