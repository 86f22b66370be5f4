import { readingStep } from './readingStep';

describe('the step a figure was read to', () => {
  it.each([
    ['1/8 in', 25.4 / 16],
    ['3/32 in', 25.4 / 32],
    ['1/64"', 25.4 / 64],
    ['⅛ in', 25.4 / 16],
    ['3 mm', 0.5],
    ['3.5 mm', 0.5],
    ['3,2 mm', 0.1],
    ['3.25 mm', 0.01],
    ['0.125 in', 0.0254],
    ['2 in', 25.4 / 16],
  ])('%s', (typed, mm) => {
    expect(readingStep(typed)).toBeCloseTo(mm, 9);
  });
});
