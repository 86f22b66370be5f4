import { drawOpening, MISSING_IDS, type MeasuredOpening } from './opening';
import { outlineAt } from './outline';

const READ: MeasuredOpening = {
  widths: [
    { at: 100, mm: 771 },
    { at: 1000, mm: 773 },
    { at: 1900, mm: 766 },
  ],
  heights: [
    { at: 0, mm: 2000 },
    { at: 385, mm: 1998 },
    { at: 770, mm: 1995 },
  ],
  plumb: { hingeMm: 6 },
  straight: { hingeMm: 1 },
  level: { floorMm: 4 },
};

describe('an opening', () => {
  it('stands as it was read: legs as far apart, head as high above the floor', () => {
    const { hingeLeg, latchLeg, head, floor, missing, contradictions } = drawOpening(READ);
    for (const { at, mm } of READ.widths) expect(outlineAt(latchLeg, at) - outlineAt(hingeLeg, at)).toBeCloseTo(mm, 9);
    for (const { at, mm } of READ.heights) expect(outlineAt(head, at) - outlineAt(floor, at)).toBeCloseTo(mm, 9);
    expect(outlineAt(hingeLeg, 2000)).toBeCloseTo(6, 9);
    expect(outlineAt(hingeLeg, 1000)).toBeCloseTo(4, 9);
    expect(outlineAt(floor, 773)).toBeCloseTo(-4, 9);
    expect({ missing, contradictions }).toEqual({ missing: [], contradictions: [] });
  });

  it('one leg follows from the other: the latch leg’s level tells the hinge leg’s lean', () => {
    const { hingeLeg } = drawOpening({ ...READ, plumb: { latchMm: 1 } });
    // From foot to top the widths lose 5 mm over 1,800: 5.56 over 2,000, read at the ends of the outline.
    const { hingeLeg: plain, latchLeg } = drawOpening(READ);
    const widens = outlineAt(latchLeg, 2000) - outlineAt(plain, 2000) - (outlineAt(latchLeg, 0) - outlineAt(plain, 0));
    expect(outlineAt(hingeLeg, 2000)).toBeCloseTo(1 - widens, 9);
  });

  it('both legs read are weighed, and told when they cannot both be true', () => {
    const { latchLeg, hingeLeg } = drawOpening(READ);
    const latchMm = outlineAt(latchLeg, 2000) - outlineAt(latchLeg, 0);
    const near = drawOpening({ ...READ, plumb: { hingeMm: 6, latchMm: latchMm + 1 } });
    expect(near.contradictions).toEqual([]);
    expect(outlineAt(near.hingeLeg, 2000)).toBeGreaterThan(outlineAt(hingeLeg, 2000));
    expect(outlineAt(near.hingeLeg, 2000)).toBeLessThan(7);
    expect(drawOpening({ ...READ, plumb: { hingeMm: 6, latchMm: latchMm + 12 } }).contradictions).toMatchObject([
      { of: 'lean', differMm: expect.closeTo(12, 6) },
    ]);
    expect(drawOpening({ ...READ, straight: { hingeMm: 1, latchMm: -9 } }).contradictions).toMatchObject([{ of: 'bow' }]);
    expect(drawOpening({ ...READ, level: { floorMm: 4, headMm: 20 } }).contradictions).toMatchObject([{ of: 'level' }]);
  });

  it('what a finer instrument read counts for more', () => {
    const both = { ...READ, plumb: { hingeMm: 6, latchMm: 3 } };
    const bySpirit = outlineAt(drawOpening(both).hingeLeg, 2000);
    const byPhone = outlineAt(drawOpening({ ...both, lengthsBy: 'gauge' }).hingeLeg, 2000);
    expect(Math.abs(byPhone - 6)).toBeGreaterThan(Math.abs(bySpirit - 6));
  });

  it('says what is missing: one width is never enough', () => {
    const bare = drawOpening({ widths: [{ at: 1000, mm: 770 }], heights: [{ at: 0, mm: 2000 }] });
    expect(bare.missing).toEqual(MISSING_IDS);
    expect(outlineAt(bare.latchLeg, 0)).toBe(770);
    for (const [id, more] of [
      ['widths', { widths: READ.widths }],
      ['heights', { heights: READ.heights }],
      ['plumb', { plumb: { latchMm: 0 } }],
      ['straight', { straight: { latchMm: 0 } }],
      ['level', { level: { headMm: 0 } }],
    ] as const) {
      expect(drawOpening({ widths: [{ at: 1000, mm: 770 }], heights: [{ at: 0, mm: 2000 }], ...more }).missing).toEqual(
        MISSING_IDS.filter((each) => each !== id),
      );
    }
  });

  it('the head falls by what the floor falls and the heights lose', () => {
    const byFloor = drawOpening(READ);
    const byHead = drawOpening({ ...READ, level: { headMm: outlineAt(byFloor.head, 0) - outlineAt(byFloor.head, 773) } });
    expect(outlineAt(byHead.floor, 773)).toBeCloseTo(-4, 6);
  });

  it('what is still to come on the floor lies on it', () => {
    const { floor, head } = drawOpening({ ...READ, floorComesMm: 12 });
    expect(outlineAt(head, 0) - outlineAt(floor, 0)).toBeCloseTo(1988, 9);
  });
});
