import { takeAtMost, widened } from '../numbers/gaussian';
import { linear, prior, rubs, space, SUPPOSED, supposing } from './filter.fixture';
import { filterFigures, magnitudesOf, stateUnder } from './filterFigures';
import { rubEvidence } from './rubEvidence';

const figures = () => filterFigures(prior, space, linear);

it.each(SUPPOSED.map((each) => [each]))(
  'under the directions %j rubs are as likely as they are to the whole state',
  (directions: number[]) => {
    const hypothesis = supposing(directions);
    const magnitudes = magnitudesOf(space, figures(), hypothesis);
    const state = stateUnder(figures(), hypothesis, magnitudes);
    const size = state.mean.length;
    const inState = rubs.reduce(
      (sum, { row: { coefficients, offset }, variance }) =>
        sum + takeAtMost(state, { coefficients: widened(coefficients, size), offset }, 0, variance),
      0,
    );
    expect(rubEvidence(figures(), rubs)(hypothesis, magnitudes)).toBeCloseTo(inState, 9);
  },
);

it('one hypothesis does not change what the next is told', () => {
  const evidence = rubEvidence(figures(), rubs);
  const told = (directions: number[]) => evidence(supposing(directions), magnitudesOf(space, figures(), supposing(directions)));
  const first = told([0, 1]);
  told([1]);
  expect(told([0, 1])).toBe(first);
  expect(rubEvidence(figures(), [])(supposing([]), magnitudesOf(space, figures(), supposing([])))).toBe(0);
});
