import { logNormalBelow, logNormalDensity, logSumExp, lowerMillsRatio, normalBelow } from './normal';
import { seededRandom } from './seededRandom';

describe('normal distribution', () => {
  // Abramowitz and Stegun, Handbook of Mathematical Functions, table 26.1 (values from memory).
  it.each([
    [0, 0.5],
    [0.5, 0.6914624613],
    [1, 0.8413447461],
    [1.96, 0.9750021049],
    [3, 0.998650102],
    [-2, 0.0227501319],
  ])('chance below %d', (z, p) => {
    expect(normalBelow(z)).toBeCloseTo(p, 6);
  });

  it('stays finite and smooth far in the tail', () => {
    // From memory: log Φ(−10) = −53.23128515.
    expect(logNormalBelow(-10)).toBeCloseTo(-53.2313, 2);
    expect(logNormalBelow(-5.9999)).toBeCloseTo(logNormalBelow(-6.0001), 2);
    expect(Number.isFinite(logNormalBelow(-200))).toBe(true);
    expect(lowerMillsRatio(-30)).toBeCloseTo(30.03, 1);
  });

  it('density integrates to the chance', () => {
    let sum = 0;
    for (let x = -8; x < 1; x += 0.001) sum += Math.exp(logNormalDensity(x + 0.0005, 0, 1)) * 0.001;
    expect(sum).toBeCloseTo(normalBelow(1), 5);
  });

  it('adds logs without overflow', () => {
    expect(logSumExp([1000, 1000])).toBeCloseTo(1000 + Math.log(2));
    expect(logSumExp([])).toBe(-Infinity);
  });
});

describe('seeded random', () => {
  it('repeats with its seed and differs without', () => {
    const take = (seed: number) => Array.from({ length: 5 }, seededRandom(seed).uniform);
    expect(take(7)).toEqual(take(7));
    expect(take(7)).not.toEqual(take(8));
  });

  it('has the moments of a standard normal', () => {
    const { normal } = seededRandom(3);
    const draws = Array.from({ length: 40_000 }, normal);
    const mean = draws.reduce((a, b) => a + b, 0) / draws.length;
    const variance = draws.reduce((a, b) => a + (b - mean) ** 2, 0) / draws.length;
    expect(Math.abs(mean)).toBeLessThan(0.02);
    expect(Math.abs(variance - 1)).toBeLessThan(0.03);
  });
});
