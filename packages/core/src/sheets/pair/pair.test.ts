import { planePair } from './pair';

describe('a pair brought into one plane', () => {
  it('a straight step is taken out whole by the two hinges', () => {
    const step = (heightMm: number) => 5 - (3 * heightMm) / 2000;
    const pair = planePair({
      slabHeightMm: 2000,
      hingeHeightsMm: [200, 1750],
      topMm: step(100),
      middleMm: step(1000),
      bottomMm: step(1900),
    });
    expect(pair.topHingeMm).toBeCloseTo(-step(200), 9);
    expect(pair.bottomHingeMm).toBeCloseTo(-step(1750), 9);
    for (const left of Object.values(pair.left)) expect(left).toBeCloseTo(0, 9);
    expect(pair.sharedMm.topHingeMm).toBeCloseTo(-step(200) / 2, 9);
  });

  it('a bow of a stile stays, a third outside and two thirds inside (least squares through three points)', () => {
    const { left } = planePair({ slabHeightMm: 2000, hingeHeightsMm: [200, 1750], topMm: 0, middleMm: 3, bottomMm: 0 });
    expect(left).toEqual({ topMm: -1, middleMm: 2, bottomMm: -1 });
  });
});
