import { chooseHinges, hingeWidth } from './hingeSize';

const IN = 25.4;

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
