import { chooseHinges, hingeWidth } from './hingeSize';
import { loadHinges, type LoadedHinges } from './hingeLoad';
import { LBF_PER_INCH, screwDiameterIn, screwHold, withdrawalLbfPerInch } from './screwHold';

const IN = 25.4;

describe('a screw drawn out of wood', () => {
  // National Design Specification for Wood Construction, cut thread or rolled thread wood screw reference withdrawal design
  // values, pounds an inch of thread (from memory).
  it.each([
    [0.5, 6, 98],
    [0.5, 8, 117],
    [0.5, 9, 126],
    [0.5, 10, 135],
    [0.5, 12, 154],
    [0.5, 14, 172],
    [0.55, 10, 164],
    [0.42, 10, 96],
    [0.67, 10, 243],
  ])('specific gravity %d, number %d: %d lb/in', (gravity, number, pounds) => {
    expect(Math.round(withdrawalLbfPerInch(gravity, screwDiameterIn(number)))).toBeCloseTo(pounds, -0.5);
    expect(Math.abs(withdrawalLbfPerInch(gravity, screwDiameterIn(number)) - pounds)).toBeLessThan(1);
  });

  // ANSI/ASME B18.6.1, basic diameters of wood screws, in (from memory).
  it.each([
    [6, 0.138],
    [8, 0.164],
    [9, 0.177],
    [10, 0.19],
    [12, 0.216],
    [14, 0.242],
  ])('number %d is %d in thick', (number, inches) => expect(screwDiameterIn(number)).toBeCloseTo(inches, 9));

  it('a pound an inch is 0.175 N a mm', () => expect(LBF_PER_INCH).toBeCloseTo(0.17513, 5));

  const behind = { jambMm: 19, jambWood: 'sprucePineFir', spaceMm: 12, framingWood: 'sprucePineFir' } as const;

  it('a factory screw stays in the jamb; a 3 in one has its thread in the framing', () => {
    const short = screwHold({ number: 9, lengthMm: 0.75 * IN, leafMm: 2.5 }, behind);
    const long = screwHold({ number: 9, lengthMm: 3 * IN, leafMm: 2.5 }, behind);
    expect(short).toMatchObject({ inFramingMm: 0, framingN: 0 });
    // Two thirds of 19.05 mm is thread, all of it in the jamb.
    expect(short.inJambMm).toBeCloseTo(12.7, 6);
    // 76.2 − 2.5 leaf − 19 jamb − 12 air; the thread is 50.8 long.
    expect(long.inFramingMm).toBeCloseTo(42.7, 6);
    expect(long.holdN / short.holdN).toBeGreaterThan(3);
  });
});

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

  it('refuses one hinge', () => expect(() => loadHinges({ ...DOOR, hingeHeightsMm: [200] })).toThrow('at least two'));
});

describe('hinges to buy', () => {
  // Table of hinge widths of door hardware handbooks: thickness, clearance wanted, open width, all inches; backset 1/4 in up to
  // 2-1/4 in thick, 3/8 in beyond (from memory).
  it.each([
    [1.375, 1.25, 0.25, 3.5],
    [1.375, 1.75, 0.25, 4],
    [1.75, 1, 0.25, 4],
    [1.75, 1.5, 0.25, 4.5],
    [1.75, 2, 0.25, 5],
    [1.75, 3, 0.25, 6],
    [2, 1, 0.25, 4.5],
    [2, 1.5, 0.25, 5],
    [2, 2.5, 0.25, 6],
    [2.25, 1, 0.25, 5],
    [2.25, 2, 0.25, 6],
    [2.5, 0.75, 0.375, 5],
    [2.5, 1.75, 0.375, 6],
  ])('%d in thick, %d in clear, backset %d: %d in wide', (thick, clear, backset, wide) => {
    expect(hingeWidth(thick * IN, backset * IN, clear * IN) / IN).toBeCloseTo(wide, 9);
  });

  // Number by height and height of hinge by thickness and width, door hardware handbooks (from memory).
  it.each([
    [30, 59, 1.375, 2, 3.5],
    [30, 80, 1.375, 3, 3.5],
    [36, 80, 1.375, 3, 4],
    [36, 84, 1.75, 3, 4.5],
    [42, 84, 1.75, 3, 5],
    [36, 96, 1.75, 4, 4.5],
    [54, 96, 1.75, 4, 6],
  ])('%d × %d in, %d in thick: %d hinges of %d in', (wide, high, thick, count, heightIn) => {
    const door = { slabWidthMm: wide * IN, slabHeightMm: high * IN, thicknessMm: thick * IN, massKg: 30, backsetMm: 6, clearanceMm: 20 };
    expect(chooseHinges(door)).toMatchObject({ count, heightIn });
    // Common practice, no source: one more for a heavy leaf.
    expect(chooseHinges({ ...door, massKg: 70 }).count).toBe(count + 1);
  });

  it('the width bought gives at least the clearance wanted', () => {
    for (let clearanceMm = 0; clearanceMm < 70; clearanceMm += 3) {
      const bought = chooseHinges({ slabWidthMm: 900, slabHeightMm: 2100, thicknessMm: 44, massKg: 40, backsetMm: 6, clearanceMm });
      expect(bought.givesClearanceMm).toBeGreaterThanOrEqual(clearanceMm - 0.5);
      expect(bought.widthMm).toBeGreaterThanOrEqual(bought.leastWidthMm - 0.5);
    }
  });
});
