import { dot, project, takeAtMost, timesCov, type Gaussian, type Spread } from '../numbers/gaussian';
import { logSumExp } from '../numbers/normal';
import type { CauseId } from './causes';
import type { HingedDoor } from './door';
import { filterFigures, magnitudesOf, stateUnder, type FilteredFigures, type Magnitudes } from './filterFigures';
import { jointAnswerChances } from './findings';
import { faultSpace, type FaultSpace, type Hypothesis } from './hypotheses';
import { carryOn } from './carryOn';
import type { ActionId } from './actionIds';
import { linearReadings, takenAnswers, type DoneStep, type LinearReading, type Observed, type TakenAnswer } from './readings';
import { STATE_SIZE, stationRow, type StationId } from './stations';

/** A hypothesis after all that was read and found. */
export interface HeldHypothesis {
  hypothesis: Hypothesis;
  /** The state and, behind it, the magnitudes in the order of the hypothesis' directions; then how far work was off, if any. */
  posterior: Gaussian;
  probability: number;
}

/** What is believed of a door. */
export interface Belief {
  door: HingedDoor;
  space: FaultSpace;
  readings: readonly LinearReading[];
  answers: readonly TakenAnswer[];
  /** Chance of every hypothesis of the space, in its order; they sum to one. */
  chances: Float64Array;
  /** The likeliest hypotheses in full, likeliest first; their probabilities sum to one among themselves. */
  held: readonly HeldHypothesis[];
  /** Everything done so far. */
  done: readonly DoneStep[];
  /** What one unit of an action has turned out to do here, as a multiple of what was expected. */
  learned: ReadonlyMap<ActionId, number>;
}

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
export function believe(observed: Observed): Belief {
  const { door } = observed;
  const space = faultSpace(door);
  const answers = takenAnswers(observed);
  const readings = linearReadings(observed, STATE_SIZE);
  const figures = filterFigures(space, readings);
  const rubs = readings.filter(({ mm }) => mm === undefined);
  const logAnswers = answerWeights(answers);

  const before = space.hypotheses.map((hypothesis) => {
    const magnitudes = magnitudesOf(space, figures, hypothesis);
    return { hypothesis, magnitudes, logWeight: hypothesis.logPrior + magnitudes.logEvidence + logAnswers(hypothesis) };
  });
  const best = before.reduce((most, { logWeight }) => Math.max(most, logWeight), -Infinity);
  const atRubs = rubs.length > 0 ? rubEvidence(figures, rubs) : () => 0;
  // A rub can only lower a weight, and by no more than its own chance: what is far behind beforehand stays out of sight.
  const allowance = NEGLIGIBLE + RUB_TELLS * rubs.length;
  const weighed = before.map(({ hypothesis, magnitudes, logWeight }) => ({
    hypothesis,
    magnitudes,
    logWeight: logWeight < best - allowance ? -Infinity : logWeight + atRubs(hypothesis, magnitudes),
  }));
  const total = logSumExp(weighed.map(({ logWeight }) => logWeight));
  const chances = Float64Array.from(weighed, ({ logWeight }) => Math.exp(logWeight - total));
  const held = heldInFull(weighed, chances, figures, rubs);
  const asFound: Belief = { door, space, readings, answers, chances, held, done: [], learned: new Map() };
  return (observed.rounds ?? []).reduce(carryOn, asFound);
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
    for (const { row, variance } of rubs) takeAtMost(posterior, padded(row.coefficients, row.offset, posterior.mean.length), 0, variance);
    return [{ hypothesis: each.hypothesis, posterior, probability: (chances[i] ?? 0) / covered }];
  });
}

function padded(coefficients: Float64Array, offset: number, size: number) {
  const longer = new Float64Array(size);
  longer.set(coefficients);
  return { coefficients: longer, offset };
}

/** Log of the chance of all rubs under a hypothesis, worked out among the rubbing stations alone. */
function rubEvidence({ sound, left }: FilteredFigures, rubs: readonly LinearReading[]) {
  const n = rubs.length;
  const gains = rubs.map(({ row }) => timesCov(sound.cov, row.coefficients));
  const soundMean = rubs.map(({ row }) => row.offset + dot(row.coefficients, sound.mean));
  const soundCov = rubs.map(({ row }) => gains.map((gain) => dot(row.coefficients, gain)));
  const shares = left.map((along) => rubs.map(({ row }) => dot(row.coefficients, along)));
  const units = rubs.map((_, i) => ({ coefficients: Float64Array.from({ length: n }, (_each, j) => (i === j ? 1 : 0)), offset: 0 }));
  return ({ directions }: Hypothesis, { mean, cov }: Magnitudes): number => {
    const q = directions.length;
    const at: Gaussian = { mean: Float64Array.from(soundMean), cov: new Float64Array(n * n) };
    for (let i = 0; i < n; i += 1) {
      for (let j = 0; j < n; j += 1) at.cov[i * n + j] = soundCov[i]?.[j] ?? 0;
      directions.forEach((place, a) => {
        const own = shares[place]?.[i] ?? 0;
        at.mean[i] = (at.mean[i] ?? 0) + own * (mean[a] ?? 0);
        directions.forEach((other, b) => {
          const both = own * (cov[a * q + b] ?? 0);
          for (let j = 0; j < n; j += 1) at.cov[i * n + j] = (at.cov[i * n + j] ?? 0) + both * (shares[other]?.[j] ?? 0);
        });
      });
    }
    return rubs.reduce((sum, { variance }, i) => {
      const unit = units[i];
      return unit === undefined ? sum : sum + takeAtMost(at, unit, 0, variance);
    }, 0);
  };
}

/** Log of the chance of all answers under a hypothesis; worked out once for each set of causes. */
function answerWeights(answers: readonly TakenAnswer[]): (hypothesis: Hypothesis) => number {
  const kept = new Map<string, number>();
  return (hypothesis) => {
    const key = suppositionKey(hypothesis);
    const known = kept.get(key);
    if (known !== undefined) return known;
    const ids = hypothesis.causes.map(({ id }) => id);
    const sum = answers.reduce((logs, { finding: f, place }) => logs + Math.log(jointAnswerChances(f, ids)[place] ?? 0), 0);
    kept.set(key, sum);
    return sum;
  };
}

/** Chance that each cause is at work, alone or with another, likeliest first. */
export function causeChances({ space, chances }: Belief): { id: CauseId; probability: number }[] {
  const sums = new Map<CauseId, number>();
  space.hypotheses.forEach(({ causes }, i) => {
    for (const { id } of causes) sums.set(id, (sums.get(id) ?? 0) + (chances[i] ?? 0));
  });
  return [...sums]
    .map(([id, probability]) => ({ id, probability: Math.min(1, probability) }))
    .sort((a, b) => b.probability - a.probability);
}

/** What is expected at a station, over all held hypotheses: mean in mm and variance in mm². */
export function expectAt(belief: Belief, id: StationId): Spread {
  let mean = 0;
  let square = 0;
  for (const held of belief.held) {
    const under = expectUnder(belief, held, id);
    mean += held.probability * under.mean;
    square += held.probability * (under.variance + under.mean * under.mean);
  }
  return { mean, variance: Math.max(0, square - mean * mean) };
}

export function expectUnder({ door }: Belief, { posterior }: HeldHypothesis, id: StationId): Spread {
  return project(posterior, stationRow(id, door, posterior.mean.length));
}

/** Mean and variance of a weighted mixture; weights need not sum to one. */
export function mixSpreads(parts: readonly (Spread & { weight: number })[]): Spread {
  const total = parts.reduce((sum, { weight }) => sum + weight, 0);
  const mean = parts.reduce((sum, part) => sum + part.weight * part.mean, 0) / total;
  const variance = parts.reduce((sum, part) => sum + part.weight * (part.variance + (part.mean - mean) ** 2), 0) / total;
  return { mean, variance };
}

/** Names the causes of a hypothesis whatever their form. */
export function suppositionKey({ causes }: Hypothesis): string {
  return causes.map(({ id }) => id).join();
}
