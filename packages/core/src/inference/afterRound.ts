import { takeAtMost, takeReading } from '../numbers/gaussian';
import { logSumExp } from '../numbers/normal';
import { answerChancesUnder, expectedBy } from './answerChances';
import { afterWork } from './afterWork';
import type { Belief, HeldHypothesis } from './belief';
import { allowUnevenness, linearReadings } from './linearReadings';
import { learnedFrom } from './learnedFrom';
import type { Round } from './observed';
import { takenAnswers } from './takenAnswers';
import { stillAtWork } from './treated';

/**
 * The belief after work and the readings that followed it: every hypothesis carries the work forward with its own
 * uncertainty, the readings then correct the door, the chances of the causes, and what a unit of the work does here. A check
 * made again speaks for the causes that the work should have left.
 */
export function afterRound(belief: Belief, round: Round): Belief {
  const { model } = belief;
  const readings = linearReadings(model, round.readings);
  const answers = takenAnswers(model, round.findings ?? []);
  const done = [...belief.done, ...round.done];
  const carried = belief.held.map((held) => {
    const worked = afterWork(belief, held, round.done);
    let logEvidence = Math.log(held.probability);
    for (const reading of readings) {
      const { station, mm, variance } = reading;
      allowUnevenness(model, worked, reading);
      const row = model.row(station, worked.mean.length);
      logEvidence += mm === undefined ? takeAtMost(worked, row, 0, variance) : takeReading(worked, row, mm, variance);
    }
    const left = answers.length === 0 ? [] : stillAtWork(belief, { ...held, posterior: worked }, done);
    for (const { finding, place, weight } of answers) {
      const chances = answerChancesUnder(model, model.finding(finding), left, expectedBy(worked));
      logEvidence += weight * Math.log(chances[place] ?? 0);
    }
    return { held, worked, logEvidence };
  });
  const total = logSumExp(carried.map(({ logEvidence }) => logEvidence));
  const held = carried
    .map(({ held: { hypothesis }, worked, logEvidence }): HeldHypothesis => ({
      hypothesis,
      posterior: worked,
      probability: Math.exp(logEvidence - total),
    }))
    .sort((a, b) => b.probability - a.probability);
  const chances = new Float64Array(belief.chances.length);
  const places = new Map(belief.space.hypotheses.map((hypothesis, i) => [hypothesis, i]));
  for (const { hypothesis, probability } of held) chances[places.get(hypothesis) ?? 0] = probability;
  return { ...belief, latest: readings, held, chances, done, learned: learnedFrom(belief, held, round.done) };
}
