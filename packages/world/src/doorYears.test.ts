import { tellCourse } from '@proper-swing/core/history/tellCourse';
import { doorYears, moistureOfYear, YEARS_OF } from './doorYears';

/** Shares of made-up doors told right, wrong and not yet, by so many visits. */
function told(visits: number, each: number, seed: number) {
  let [right, wrong] = [0, 0];
  for (const what of YEARS_OF) {
    for (let i = 0; i < each; i += 1) {
      const { course } = tellCourse({ visits: doorYears(what, visits, seed + 7 * i), moistureAt: moistureOfYear });
      if (course === what) right += 1;
      else if (course !== undefined) wrong += 1;
    }
  }
  const all = each * YEARS_OF.length;
  return { right: right / all, wrong: wrong / all };
}

describe('what a door does over the years, told from its gaps', () => {
  it('is right of 85 % at least by eight visits', () => {
    const { right, wrong } = told(8, 150, 1);
    expect(right).toBeGreaterThanOrEqual(0.85);
    expect(wrong).toBeLessThan(0.08);
  });

  it('by four visits it rather says nothing than something wrong: at most one of ten', () => {
    expect(told(4, 150, 2).wrong).toBeLessThanOrEqual(0.1);
  });

  it('the same seed makes the same door', () => {
    expect(doorYears('wears', 5, 3)).toEqual(doorYears('wears', 5, 3));
  });
});
