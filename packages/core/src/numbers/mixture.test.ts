import { mixSpreads } from './mixture';

describe('mixing spreads', () => {
  // The law of total variance: mean of the variances plus variance of the means.
  it('is the mean of the variances and the variance of the means', () => {
    const { mean, variance } = mixSpreads([
      { mean: 1, variance: 0.5, weight: 3 },
      { mean: 5, variance: 2, weight: 1 },
    ]);
    expect(mean).toBeCloseTo(2, 12);
    expect(variance).toBeCloseTo((3 * 0.5 + 2) / 4 + (3 * 1 + 9) / 4, 12);
  });

  it('asks for no weights that sum to one, and leaves a single part as it is', () => {
    expect(mixSpreads([{ mean: 3, variance: 0.2, weight: 0.01 }])).toEqual({ mean: 3, variance: 0.2 });
    expect(
      mixSpreads([
        { mean: 0, variance: 1, weight: 10 },
        { mean: 2, variance: 1, weight: 10 },
      ]),
    ).toEqual({ mean: 1, variance: 2 });
  });
});
