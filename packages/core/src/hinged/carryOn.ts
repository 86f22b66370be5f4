import { addSpread, dot, takeAtMost, takeReading, type Gaussian } from '../numbers/gaussian';
import { logSumExp } from '../numbers/normal';
import { action } from './actions';
import type { ActionId } from './actionIds';
import type { Belief, HeldHypothesis } from './belief';
import { placeHinges } from './door';
import { jointAnswerChances } from './findings';
import { hingeLine } from './hingeLine';
import { lowered } from './moves';
import { parameterIndex } from './parameters';
import { planedOff, PLANING_SD_MM } from './planing';
import { side, sideRow } from './sides';
import { linearReadings, takenAnswers, type DoneStep, type Round } from './readings';
import { stillAtWork } from './treated';
import { STATE_SIZE, station, stationRow, unevennessIndex, WALKING_ORDER } from './stations';

/**
 * The belief after work and the readings that followed it: every hypothesis carries the work forward with its own
 * uncertainty, the readings then correct the door, the chances of the causes, and what a unit of the work does here. A check
 * made again speaks for the causes that the work should have left.
 */
export function carryOn(belief: Belief, round: Round): Belief {
  const readings = linearReadings({ door: belief.door, readings: round.readings, findings: [] }, STATE_SIZE);
  const answers = takenAnswers({ findings: round.findings ?? [] });
  const done = [...belief.done, ...round.done];
  const carried = belief.held.map((held) => {
    const worked = afterWork(belief, held, round.done);
    let logEvidence = Math.log(held.probability);
    for (const { station: id, mm, variance } of readings) {
      const row = stationRow(id, belief.door, worked.mean.length);
      logEvidence += mm === undefined ? takeAtMost(worked, row, 0, variance) : takeReading(worked, row, mm, variance);
    }
    const left = answers.length === 0 ? [] : stillAtWork(belief.space, { ...held, posterior: worked }, done);
    for (const { finding, place } of answers) logEvidence += Math.log(jointAnswerChances(finding, left)[place] ?? 0);
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
  return { ...belief, held, chances, done, learned: learnedFrom(belief, held, round.done) };
}

/** How far watched work was drawn, as a share of all the way: one standard deviation. */
const STOPPED_SHARE_SD = 0.25;

/** The state after work; behind it stands, for each step, by what share it did more than expected. */
function afterWork(belief: Belief, { hypothesis, posterior }: HeldHypothesis, done: readonly DoneStep[]): Gaussian {
  const before = posterior.mean.length;
  const size = before + done.length;
  const state = widened(posterior, size);
  done.forEach((step, j) => {
    const { effect } = action(step.action);
    const own = before + j;
    switch (effect.kind) {
      case 'shift':
      case 'lower': {
        const change = unitMove(belief, step, size).map(
          (each) => each * step.amount * effect.mmPerUnit * (belief.learned.get(step.action) ?? 1),
        );
        state.cov[own * size + own] = effect.sdShare ** 2;
        moveWith(state, change, own);
        break;
      }
      case 'cure': {
        hypothesis.directions.forEach((place, a) => {
          const direction = belief.space.directions[place];
          if (direction === undefined || !effect.cures.includes(direction.cause.id)) return;
          const along = new Float64Array(size);
          along.set(direction.along);
          const magnitude = state.mean[STATE_SIZE + a] ?? 0;
          along[STATE_SIZE + a] = 1;
          takeAway(state, along, STATE_SIZE + a, effect.share);
          // Watched work is stopped where it serves, which the readings after it tell.
          const shareSd = effect.watched ? STOPPED_SHARE_SD : effect.shareSd;
          addSpread(state.cov, along, (shareSd * magnitude) ** 2 + effect.leftSdMm ** 2);
        });
        break;
      }
      case 'plane': {
        const cut = step.planed ?? { fromMm: step.amount, toMm: step.amount };
        const line = { edge: effect.edge, ...cut };
        const slip = new Float64Array(size);
        for (const id of WALKING_ORDER) {
          const { edge, f = 0 } = station(id);
          const at = unevennessIndex(id);
          if (edge !== effect.edge || at === undefined) continue;
          state.mean[at] = (state.mean[at] ?? 0) + planedOff(line, f);
          slip[at] = 1;
        }
        addSpread(state.cov, slip, PLANING_SD_MM ** 2);
        break;
      }
      case 'strike': {
        const { coefficients, offset } = stationRow('bolt.low', belief.door, size);
        const strike = parameterIndex('strike');
        const follow = Float64Array.from(coefficients);
        follow[strike] = (follow[strike] ?? 0) + 1;
        replaceBy(state, strike, follow, offset, effect.leftSdMm);
        break;
      }
      case 'set': {
        // What is worked on becomes whatever brings the side to its target.
        const { worked, target, weights } = side(effect.side);
        const share = weights[worked] ?? 1;
        const place = parameterIndex(worked);
        const follow = sideRow(effect.side, size).coefficients.map((each) => -each / share);
        follow[place] = (follow[place] ?? 0) + 1;
        replaceBy(state, place, follow, target / share, effect.leftSdMm);
        break;
      }
      case 'hold':
      case 'wait':
        break;
    }
  });
  return state;
}

function unitMove({ door }: Belief, step: DoneStep, size: number): Float64Array {
  if (action(step.action).effect.kind === 'lower') return lowered(size);
  const move = new Float64Array(size);
  const place = placeHinges(door).findIndex(({ name }) => name === step.hinge);
  return hingeLine(door, size).moves[place] ?? move;
}

function widened({ mean, cov }: Gaussian, size: number): Gaussian {
  const n = mean.length;
  const wide = { mean: new Float64Array(size), cov: new Float64Array(size * size) };
  wide.mean.set(mean);
  for (let i = 0; i < n; i += 1) wide.cov.set(cov.subarray(i * n, i * n + n), i * size);
  return wide;
}

/** state += change · (1 + state[own]), to first order about what is expected. */
function moveWith(state: Gaussian, change: Float64Array, own: number): void {
  const size = state.mean.length;
  for (let i = 0; i < size; i += 1) state.mean[i] = (state.mean[i] ?? 0) + (change[i] ?? 0) * (1 + (state.mean[own] ?? 0));
  addMultiple(state, change, own, 1);
}

/** state −= share · along · state[source]. */
function takeAway(state: Gaussian, along: Float64Array, source: number, share: number): void {
  const magnitude = state.mean[source] ?? 0;
  for (let i = 0; i < along.length; i += 1) state.mean[i] = (state.mean[i] ?? 0) - share * (along[i] ?? 0) * magnitude;
  addMultiple(state, along, source, -share);
}

/** Covariance of x + times · along · x[source]. */
function addMultiple({ cov, mean }: Gaussian, along: Float64Array, source: number, times: number): void {
  const n = mean.length;
  const column = Float64Array.from({ length: n }, (_, i) => cov[i * n + source] ?? 0);
  const own = column[source] ?? 0;
  for (let i = 0; i < n; i += 1) {
    const ai = times * (along[i] ?? 0);
    for (let j = 0; j < n; j += 1) {
      const aj = times * (along[j] ?? 0);
      cov[i * n + j] = (cov[i * n + j] ?? 0) + ai * (column[j] ?? 0) + aj * (column[i] ?? 0) + ai * aj * own;
    }
  }
}

/** One figure becomes a linear figure of the state, with an error of its own. */
function replaceBy({ mean, cov }: Gaussian, place: number, row: Float64Array, offset: number, sd: number): void {
  const n = mean.length;
  const cross = Float64Array.from({ length: n }, (_, i) => dot(row, cov.subarray(i * n, i * n + n)));
  const variance = dot(row, cross) + sd * sd;
  mean[place] = offset + dot(row, mean);
  for (let i = 0; i < n; i += 1) {
    cov[i * n + place] = cross[i] ?? 0;
    cov[place * n + i] = cross[i] ?? 0;
  }
  cov[place * n + place] = variance;
}

function learnedFrom(belief: Belief, held: readonly HeldHypothesis[], done: readonly DoneStep[]): Map<ActionId, number> {
  const learned = new Map(belief.learned);
  const before = (held[0]?.posterior.mean.length ?? done.length) - done.length;
  for (const id of new Set(done.map((step) => step.action))) {
    const { effect } = action(id);
    if (effect.kind !== 'shift' && effect.kind !== 'lower') continue;
    const own = done.flatMap((step, j) => (step.action === id ? [before + j - (held[0]?.hypothesis.directions.length ?? 0)] : []));
    const more = held.reduce((sum, { hypothesis, posterior, probability }) => {
      const shares = own.map((place) => posterior.mean[place + hypothesis.directions.length] ?? 0);
      return sum + (probability * shares.reduce((all, each) => all + each, 0)) / Math.max(1, shares.length);
    }, 0);
    learned.set(id, (learned.get(id) ?? 1) * Math.min(1.6, Math.max(0.5, 1 + more)));
  }
  return learned;
}
