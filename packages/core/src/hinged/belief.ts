import { copyGaussian, project, takeAtMost, takeReading, type Gaussian, type Spread } from '../algebra/gaussian';
import { logSumExp } from '../chance/normal';
import { DomainError } from '../errors';
import { answerLikelihood, findingAnswer, type FindingAnswer } from './findings';
import type { Cause } from './causes';
import { singleHypotheses, type Hypothesis } from './hypotheses';
import { linearReadings, type LinearReading, type Observed } from './readings';
import { stationRow, type StationId } from './stations';
import type { HingedDoor } from './door';

/** A hypothesis after all that was read and found. */
export interface HeldHypothesis {
  hypothesis: Hypothesis;
  posterior: Gaussian;
  readings: readonly LinearReading[];
  probability: number;
}

/** What is believed of a door: each hypothesis with its probability, likeliest first. Probabilities sum to one. */
export interface Belief {
  door: HingedDoor;
  held: readonly HeldHypothesis[];
  answers: readonly FindingAnswer[];
}

/**
 * Weighs every hypothesis against the readings and findings: Gaussian marginal likelihood of the readings (closed form,
 * rubs as censored) times the chance of each answer.
 *
 * @throws DomainError when a reading or an answer makes no sense
 */
export function believe(observed: Observed): Belief {
  const answers = observed.findings.map(({ finding, answer }, i) => {
    const found = findingAnswer(finding, answer);
    if (found === undefined)
      throw new DomainError('finding.answer', `findings[${i}].answer`, `"${answer}" is not an answer to ${finding}.`);
    return found;
  });
  const weighed = singleHypotheses(observed.door).map((hypothesis) => {
    const readings = linearReadings(observed, hypothesis.size);
    const posterior = copyGaussian(hypothesis.prior);
    const logEvidence = readings.reduce((sum, reading) => sum + takeIn(posterior, reading), 0);
    return { hypothesis, posterior, readings, logWeight: hypothesis.logPrior + logEvidence + logChanceOf(answers, hypothesis) };
  });
  const total = logSumExp(weighed.map(({ logWeight }) => logWeight));
  const held = weighed
    .map(({ logWeight, ...rest }) => ({ ...rest, probability: Math.exp(logWeight - total) }))
    .sort((a, b) => b.probability - a.probability);
  return { door: observed.door, held, answers };
}

/** Takes one reading into a belief in place and returns the log of its chance beforehand. */
export function takeIn(belief: Gaussian, reading: LinearReading): number {
  return reading.mm === undefined
    ? takeAtMost(belief, reading.row, 0, reading.variance)
    : takeReading(belief, reading.row, reading.mm, reading.variance);
}

/** What is expected at a station, over all hypotheses: mean in mm and variance in mm². */
export function expectAt(belief: Belief, id: StationId): Spread {
  return mixSpreads(
    belief.held.map(({ hypothesis, posterior, probability }) => ({
      weight: probability,
      ...project(posterior, stationRow(id, belief.door, hypothesis.size)),
    })),
  );
}

/** Mean and variance of a weighted mixture; weights need not sum to one. */
export function mixSpreads(parts: readonly (Spread & { weight: number })[]): Spread {
  const total = parts.reduce((sum, { weight }) => sum + weight, 0);
  const mean = parts.reduce((sum, part) => sum + part.weight * part.mean, 0) / total;
  const variance = parts.reduce((sum, part) => sum + part.weight * (part.variance + (part.mean - mean) ** 2), 0) / total;
  return { mean, variance };
}

/** Chance of an answer; with several causes at work it follows the one that makes it likeliest. */
export function answerChance(answer: FindingAnswer, causes: readonly Cause[]): number {
  return Math.max(...causes.map(({ id }) => answerLikelihood(answer, id)));
}

function logChanceOf(answers: readonly FindingAnswer[], { causes }: Hypothesis): number {
  return answers.reduce((sum, answer) => sum + Math.log(answerChance(answer, causes)), 0);
}
