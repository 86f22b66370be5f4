import type { DoorModel } from '../model/doorModel';
import { dot, timesCov, type Spread } from '../numbers/gaussian';
import { answerChancesUnder } from './answerChances';
import type { FilteredFigures, Magnitudes } from './filterFigures';
import type { Hypothesis } from './hypotheses';
import type { LinearReading } from './linearReadings';
import type { TakenAnswer } from './takenAnswers';

/** A gap that rubs is this, whatever its figure would be: some tenths of overlap, mm and mm². */
const RUBBING: Spread = { mean: -0.3, variance: 0.09 };

/** Log of the chance of all answers under a hypothesis, given the figures that were read. */
export function answerWeights(
  model: DoorModel,
  { sound, left }: FilteredFigures,
  answers: readonly TakenAnswer[],
  rubs: readonly LinearReading[],
): (hypothesis: Hypothesis, magnitudes: Magnitudes) => number {
  const rubbing = new Set(rubs.map(({ station }) => station));
  const asked = answers.map(({ finding, place, weight }) => ({
    place,
    weight,
    finding: model.finding(finding),
    figures: model.showings(finding).map(({ row, station }) => ({
      isRubbing: station !== undefined && rubbing.has(station),
      mean: row.offset + dot(row.coefficients, sound.mean),
      variance: dot(row.coefficients, timesCov(sound.cov, row.coefficients)),
      shares: left.map((along) => dot(row.coefficients, along)),
    })),
  }));
  return ({ causes, directions }, magnitudes) => {
    const ids = causes.map(({ id }) => id);
    return asked.reduce((logs, { finding, place, weight, figures }) => {
      const chances = answerChancesUnder(model, finding, ids, (_, i) => {
        const figure = figures[i];
        if (figure === undefined || figure.isRubbing) return RUBBING;
        return withMagnitudes(figure, directions, magnitudes);
      });
      return logs + weight * Math.log(chances[place] ?? 0);
    }, 0);
  };
}

/** A figure of a sound door with the faults of a hypothesis added. */
function withMagnitudes(
  { mean, variance, shares }: Spread & { shares: readonly number[] },
  directions: readonly number[],
  magnitudes: Magnitudes,
): Spread {
  const q = directions.length;
  let at = mean;
  let spread = variance;
  for (let a = 0; a < q; a += 1) {
    const share = shares[directions[a] ?? 0] ?? 0;
    if (share === 0) continue;
    at += share * (magnitudes.mean[a] ?? 0);
    for (let b = 0; b < q; b += 1) spread += share * (shares[directions[b] ?? 0] ?? 0) * (magnitudes.cov[a * q + b] ?? 0);
  }
  return { mean: at, variance: Math.max(0, spread) };
}
