import type { DoorModel } from '../model/doorModel';
import { logSumExp } from '../numbers/normal';
import { takeAtMost, widened } from '../numbers/gaussian';
import { afterRound } from './afterRound';
import { answerWeights } from './answerWeights';
import type { Belief, HeldHypothesis } from './belief';
import { filterFigures, magnitudesOf, stateUnder, type FilteredFigures, type Magnitudes } from './filterFigures';
import { faultSpace, type Hypothesis } from './hypotheses';
import { linearReadings, type LinearReading } from './linearReadings';
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
  const figures = filterFigures(model.sound, space, readings);
  const rubs = readings.filter(({ mm }) => mm === undefined);
  const logAnswers = answerWeights(model, figures, answers, rubs);

  const byFigures = space.hypotheses.map((hypothesis) => {
    const magnitudes = magnitudesOf(space, figures, hypothesis);
    return { hypothesis, magnitudes, logWeight: hypothesis.logPrior + magnitudes.logEvidence };
  });
  const atRubs = rubs.length > 0 ? rubEvidence(figures, rubs) : () => 0;
  // Answers and rubs can only lower a weight, a rub by no more than its own chance: what is far behind beforehand stays out of sight.
  const allowance = NEGLIGIBLE + RUB_TELLS * rubs.length;
  let best = -Infinity;
  const order = [...byFigures.keys()].sort((a, b) => (byFigures[b]?.logWeight ?? 0) - (byFigures[a]?.logWeight ?? 0));
  const before = [...byFigures];
  for (const i of order) {
    const each = byFigures[i];
    if (each === undefined || each.logWeight < best - allowance) continue;
    const logWeight = each.logWeight + logAnswers(each.hypothesis, each.magnitudes);
    before[i] = { ...each, logWeight };
    best = Math.max(best, logWeight);
  }
  const weighed = before.map(({ hypothesis, magnitudes, logWeight }) => ({
    hypothesis,
    magnitudes,
    logWeight: logWeight < best - allowance ? -Infinity : logWeight + atRubs(hypothesis, magnitudes),
  }));
  const total = logSumExp(weighed.map(({ logWeight }) => logWeight));
  const chances = Float64Array.from(weighed, ({ logWeight }) => Math.exp(logWeight - total));
  const held = heldInFull(weighed, chances, figures, rubs);
  const asFound: Belief = { model, space, readings, answers, chances, held, done: [], learned: new Map() };
  return rounds.reduce(afterRound, asFound);
}

function heldInFull(
  weighed: readonly { hypothesis: Hypothesis; magnitudes: Magnitudes }[],
  chances: Float64Array,
  figures: FilteredFigures,
  rubs: readonly LinearReading[],
): HeldHypothesis[] {
  const order = [...chances.keys()].sort((a, b) => (chances[b] ?? 0) - (chances[a] ?? 0));
  const taken: number[] = [];
  let covered = 0;
  for (const i of order) {
    if (taken.length >= MOST_HELD || covered >= HELD_SHARE) break;
    taken.push(i);
    covered += chances[i] ?? 0;
  }
  return taken.flatMap((i) => {
    const each = weighed[i];
    if (each === undefined) return [];
    const posterior = stateUnder(figures, each.hypothesis, each.magnitudes);
    for (const { row, variance } of rubs) {
      takeAtMost(posterior, { coefficients: widened(row.coefficients, posterior.mean.length), offset: row.offset }, 0, variance);
    }
    return [{ hypothesis: each.hypothesis, posterior, probability: (chances[i] ?? 0) / covered }];
  });
}
