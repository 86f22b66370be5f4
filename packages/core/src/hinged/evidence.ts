import { project, type LinearRow, type Spread } from '../algebra/gaussian';
import { logNormalBelow, logNormalDensity, logSumExp } from '../chance/normal';
import type { Belief, HeldHypothesis } from './belief';
import { profileOf } from './door';
import { answerLikelihood, type FindingAnswer } from './findings';
import { mixSpreads } from './belief';
import { SIGNS, type Sign } from './signs';
import { station, stationRow, type StationId } from './stations';

export type Strength = 'strong' | 'fair' | 'slight';

/** One piece of evidence for (weight above 0) or against a cause. */
export interface Evidence {
  kind: 'reading' | 'rub' | 'finding';
  says: string;
  /** Log of how much likelier this is under the cause than under the others. */
  weight: number;
  strength: Strength;
  /** For readings, mm: what was read, what this cause gives, what the others give. */
  readMm?: number;
  expectedMm?: number;
  othersMm?: number;
}

/** From ten to one, and from e to one. */
const STRONG_FROM = Math.log(10);
const FAIR_FROM = 1;
const WORTH_SAYING = 0.2;

/** Evidence for and against each held hypothesis, weightiest first. */
export function evidenceFor(belief: Belief, held: HeldHypothesis): { for: Evidence[]; against: Evidence[] } {
  const others = belief.held.filter((h) => h !== held);
  const all = [...signEvidence(belief, held, others), ...rubEvidence(belief, held, others), ...findingEvidence(belief, held, others)];
  const telling = all.filter(({ weight }) => Math.abs(weight) >= WORTH_SAYING).sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight));
  return { for: telling.filter(({ weight }) => weight > 0), against: telling.filter(({ weight }) => weight < 0) };
}

function signEvidence(belief: Belief, held: HeldHypothesis, others: readonly HeldHypothesis[]): Evidence[] {
  const figures = readFigures(held);
  return SIGNS.flatMap((sign) => {
    const read = combine(sign, figures);
    if (read === undefined) return [];
    const under = (h: HeldHypothesis): Spread => {
      const spread = project(h.hypothesis.prior, signRow(sign, belief, h));
      return { mean: spread.mean, variance: spread.variance + read.variance };
    };
    const own = under(held);
    const rest = others.map((h) => ({ ...under(h), weight: Math.exp(h.hypothesis.logPrior) }));
    const weight =
      logNormalDensity(read.mm, own.mean, own.variance) -
      logMixture(rest.map((r) => [r.weight, logNormalDensity(read.mm, r.mean, r.variance)]));
    const others_ = mixSpreads(rest);
    const natural = sign.compare === 'gap' ? naturalGap(sign, belief) : 0;
    const says = saySign(sign, read.mm - natural, Math.sqrt(read.variance));
    return [
      {
        kind: 'reading' as const,
        says,
        weight,
        strength: strengthOf(weight),
        readMm: read.mm,
        expectedMm: own.mean,
        othersMm: others_.mean,
      },
    ];
  });
}

function rubEvidence(belief: Belief, held: HeldHypothesis, others: readonly HeldHypothesis[]): Evidence[] {
  return held.readings.flatMap((reading) => {
    if (reading.mm !== undefined) return [];
    const logChance = (h: HeldHypothesis) => {
      const { mean, variance } = project(h.hypothesis.prior, stationRow(reading.station, belief.door, h.hypothesis.size));
      return logNormalBelow(-mean / Math.sqrt(variance + reading.variance));
    };
    const weight = logChance(held) - logMixture(others.map((h) => [Math.exp(h.hypothesis.logPrior), logChance(h)]));
    return [{ kind: 'rub' as const, says: `${station(reading.station).title.toLowerCase()}: rubs`, weight, strength: strengthOf(weight) }];
  });
}

function findingEvidence(belief: Belief, held: HeldHypothesis, others: readonly HeldHypothesis[]): Evidence[] {
  const chance = (answer: FindingAnswer, h: HeldHypothesis) =>
    Math.max(...h.hypothesis.causes.map(({ id }) => answerLikelihood(answer, id)));
  return belief.answers.map((answer) => {
    const weight =
      Math.log(chance(answer, held)) - logMixture(others.map((h) => [Math.exp(h.hypothesis.logPrior), Math.log(chance(answer, h))]));
    return { kind: 'finding' as const, says: answer.says, weight, strength: strengthOf(weight) };
  });
}

function logMixture(parts: readonly (readonly [weight: number, log: number])[]): number {
  const total = parts.reduce((sum, [weight]) => sum + weight, 0);
  return logSumExp(parts.map(([weight, log]) => Math.log(weight / total) + log));
}

function readFigures(held: HeldHypothesis): Map<StationId, { mm: number; variance: number }> {
  const figures = new Map<StationId, { mm: number; variance: number }>();
  for (const { station: id, mm, variance } of held.readings) if (mm !== undefined) figures.set(id, { mm, variance });
  return figures;
}

function combine(
  sign: Sign,
  figures: ReadonlyMap<StationId, { mm: number; variance: number }>,
): { mm: number; variance: number } | undefined {
  let mm = 0;
  let variance = 0;
  for (const [id, weight] of Object.entries(sign.combination)) {
    const figure = figures.get(id as StationId);
    if (figure === undefined) return undefined;
    mm += weight * figure.mm;
    variance += weight * weight * figure.variance;
  }
  return { mm, variance };
}

function signRow(sign: Sign, { door }: Belief, { hypothesis }: HeldHypothesis): LinearRow {
  const coefficients = new Float64Array(hypothesis.size);
  let offset = 0;
  for (const [id, weight] of Object.entries(sign.combination)) {
    const row = stationRow(id as StationId, door, hypothesis.size);
    offset += weight * row.offset;
    row.coefficients.forEach((c, i) => {
      coefficients[i] = (coefficients[i] ?? 0) + weight * c;
    });
  }
  return { coefficients, offset };
}

function naturalGap(sign: Sign, { door }: Belief): number {
  const [id] = Object.keys(sign.combination) as StationId[];
  const edge = id === undefined ? undefined : station(id).edge;
  return edge === undefined ? 0 : profileOf(door).edges[edge].target;
}

function saySign(sign: Sign, off: number, sd: number): string {
  const clear = Math.max(0.75, 1.5 * sd);
  if (Math.abs(off) < clear) return sign.even;
  return off > 0 ? sign.above : sign.below;
}

function strengthOf(weight: number): Strength {
  const size = Math.abs(weight);
  if (size >= STRONG_FROM) return 'strong';
  return size >= FAIR_FROM ? 'fair' : 'slight';
}
