import { answerChancesUnder } from '../inference/answerChances';
import { answerWeights } from '../inference/answerWeights';
import { filterFigures, magnitudesOf, stateUnder } from '../inference/filterFigures';
import { faultSpace } from '../inference/hypotheses';
import { linearReadings } from '../inference/linearReadings';
import { takenAnswers } from '../inference/takenAnswers';
import { project, widened } from '../numbers/gaussian';
import { EXAMPLE_DOOR } from './exampleDoor';
import { hingedModel } from './hingedDoors';

const model = hingedModel(EXAMPLE_DOOR);
const space = faultSpace(model);
const answers = takenAnswers(model, [
  { finding: 'complaint', answer: 'wontLatch' },
  { finding: 'latch', answer: 'lift' },
  { finding: 'topScrews', answer: 'loose' },
  { finding: 'halfOpen', answer: 'stays' },
]);
const readings = linearReadings(model, [
  { station: 'head.latch', mm: 1.2 },
  { station: 'latch.bottom', rubs: true },
  { station: 'bolt.low', mm: 2.5 },
]);
const figures = filterFigures(model.sound, space, readings);
const rubs = readings.filter(({ mm }) => mm === undefined);

it('answers weigh under every hypothesis what their chances by its whole state say, and never more than they are bound to', () => {
  const weights = answerWeights(model, figures, answers, rubs);
  for (const hypothesis of space.hypotheses) {
    const magnitudes = magnitudesOf(space, figures, hypothesis);
    const state = stateUnder(figures, hypothesis, magnitudes);
    const ids = hypothesis.causes.map(({ id }) => id);
    const byState = answers.reduce((sum, { finding, place, weight }) => {
      const chances = answerChancesUnder(model, model.finding(finding), ids, ({ row: { coefficients, offset }, station }) =>
        // A gap that rubs is some tenths of overlap.
        station === 'latch.bottom'
          ? { mean: -0.3, variance: 0.09 }
          : project(state, { coefficients: widened(coefficients, state.mean.length), offset }),
      );
      return sum + weight * Math.log(chances[place] ?? 0);
    }, 0);
    const told = weights.under(hypothesis, magnitudes);
    expect(told).toBeCloseTo(byState, 6);
    expect(told).toBeLessThanOrEqual(weights.atMost(hypothesis) + 1e-12);
  }
});
