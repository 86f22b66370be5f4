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
