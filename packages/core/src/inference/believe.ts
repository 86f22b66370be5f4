import type { DoorModel } from '../model/doorModel';
import { logSumExp } from '../numbers/normal';
import { copyGaussian, takeAtMost, widened, type Gaussian } from '../numbers/gaussian';
import { afterRound } from './afterRound';
import { answerWeights } from './answerWeights';
import type { Belief, HeldHypothesis } from './belief';
import { filterFigures, magnitudesOf, stateUnder, type FilteredFigures, type Magnitudes } from './filterFigures';
import { faultSpace, type Hypothesis } from './hypotheses';
import { allowUnevenness, linearReadings, type LinearReading } from './linearReadings';
import type { Observations } from './observed';
import { rubEvidence } from './rubEvidence';
import { takenAnswers } from './takenAnswers';

/** Hypotheses this much less likely than the best are not worked out further, in natural logs. */
const NEGLIGIBLE = 9;
/** A rub tells hypotheses apart by no more than this, in natural logs: below it all is as good as impossible. */
const RUB_TELLS = 5;
/** Held in full: as many as cover this share of the chance, and no more than this. */
const HELD_SHARE = 0.99;
const MOST_HELD = 14;

/**
 * Weighs every hypothesis against the readings and findings: the closed-form marginal likelihood of the figures, rubs as
 * censored, times the chance of each answer.
 *
 * @throws DomainError when a reading or an answer makes no sense
 */
export function believe(model: DoorModel, { readings: read, findings, rounds = [] }: Observations): Belief {
  const space = faultSpace(model);
  const answers = takenAnswers(model, findings);
  const readings = linearReadings(model, read);
  const figures = filterFigures(asUnevenAs(model, readings), space, readings);
  const rubs = readings.filter(({ mm }) => mm === undefined);
  const logAnswers = answerWeights(model, figures, answers, rubs);
  const atRubs = rubs.length > 0 ? rubEvidence(figures, rubs) : () => 0;
  // Rubs can only lower a weight, by no more than their own chance: what is far behind beforehand stays out of sight.
  const allowance = NEGLIGIBLE + RUB_TELLS * rubs.length;

  const byMost = space.hypotheses
    .map((hypothesis, place) => {
      const magnitudes = magnitudesOf(space, figures, hypothesis);
      const byFigures = hypothesis.logPrior + magnitudes.logEvidence;
      return { place, hypothesis, magnitudes, byFigures, atMost: byFigures + logAnswers.atMost(hypothesis) };
    })
    .sort((a, b) => b.atMost - a.atMost);
  const near: Weighed[] = [];
  let best = -Infinity;
  for (const { atMost, byFigures, ...each } of byMost) {
    if (atMost < best - allowance) break;
    const logWeight = byFigures + logAnswers.under(each.hypothesis, each.magnitudes);
    near.push({ ...each, logWeight });
    best = Math.max(best, logWeight);
  }
  const weighed = near
    .filter(({ logWeight }) => logWeight >= best - allowance)
    .map((each) => ({ ...each, logWeight: each.logWeight + atRubs(each.hypothesis, each.magnitudes) }))
    .sort((a, b) => b.logWeight - a.logWeight);
  const total = logSumExp(weighed.map(({ logWeight }) => logWeight));
  const chances = new Float64Array(space.hypotheses.length);
  for (const { place, logWeight } of weighed) chances[place] = Math.exp(logWeight - total);
  const held = heldInFull(weighed, chances, figures, rubs);
  const asFound: Belief = { model, space, readings, latest: readings, answers, chances, held, done: [], learned: new Map() };
  return rounds.reduce(afterRound, asFound);
}

/** A sound door, as uneven where a reading was taken again as it may be. */
function asUnevenAs(model: DoorModel, readings: readonly LinearReading[]): Gaussian {
  const sound = copyGaussian(model.sound);
  for (const reading of readings) allowUnevenness(model, sound, reading);
  return sound;
}

/** A hypothesis with its place in the space. */
interface Weighed {
  place: number;
  hypothesis: Hypothesis;
  magnitudes: Magnitudes;
  logWeight: number;
}

/** @param weighed likeliest first */
function heldInFull(
  weighed: readonly Weighed[],
  chances: Float64Array,
  figures: FilteredFigures,
  rubs: readonly LinearReading[],
): HeldHypothesis[] {
  const taken: Weighed[] = [];
  let covered = 0;
  for (const each of weighed) {
    if (taken.length >= MOST_HELD || covered >= HELD_SHARE) break;
    taken.push(each);
    covered += chances[each.place] ?? 0;
  }
  return taken.map(({ place, hypothesis, magnitudes }) => {
    const posterior = stateUnder(figures, hypothesis, magnitudes);
    for (const { row, variance } of rubs) {
      takeAtMost(posterior, { coefficients: widened(row.coefficients, posterior.mean.length), offset: row.offset }, 0, variance);
    }
    return { hypothesis, posterior, probability: (chances[place] ?? 0) / covered };
  });
}
