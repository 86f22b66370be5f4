import { project, type LinearRow, type Spread } from '../algebra/gaussian';
import { logNormalBelow, logNormalDensity, logSumExp } from '../chance/normal';
import { answerChance, mixSpreads, type Belief, type HeldHypothesis } from './belief';
import { profileOf } from './door';
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

/** One observation as every hypothesis sees it: the log of its chance, and for figures what would be expected, mm. */
interface Observation {
  kind: Evidence['kind'];
  says: string;
  readMm?: number;
  /** By place of the hypothesis in the belief. */
  logChance: number[];
  expected?: Spread[];
}

/**
 * Evidence for and against each held hypothesis, weightiest first, in the order of the belief.
 *
 * The weight is the log of how much likelier the observation was beforehand under the hypothesis than under the others,
 * mixed by their prior chances.
 */
export function weighEvidence(belief: Belief): { for: Evidence[]; against: Evidence[] }[] {
  const observations = [...observedSigns(belief), ...observedRubs(belief), ...observedFindings(belief)];
  const logPriors = belief.held.map(({ hypothesis }) => hypothesis.logPrior);
  return belief.held.map((_, own) => {
    const others = belief.held.map((_each, i) => i).filter((i) => i !== own);
    const telling = observations
      .map((observation) => evidenceFrom(observation, own, others, logPriors))
      .filter(({ weight }) => Math.abs(weight) >= WORTH_SAYING)
      .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight));
    return { for: telling.filter(({ weight }) => weight > 0), against: telling.filter(({ weight }) => weight < 0) };
  });
}

function evidenceFrom(
  { kind, says, readMm, logChance, expected }: Observation,
  own: number,
  others: readonly number[],
  logPriors: readonly number[],
): Evidence {
  const at = (i: number) => logChance[i] ?? 0;
  const prior = (i: number) => logPriors[i] ?? 0;
  const weight = at(own) + logSumExp(others.map(prior)) - logSumExp(others.map((i) => prior(i) + at(i)));
  const told = { kind, says, weight, strength: strengthOf(weight) };
  const ownSpread = expected?.[own];
  if (readMm === undefined || expected === undefined || ownSpread === undefined) return told;
  const othersMm = mixSpreads(others.map((i) => ({ weight: Math.exp(prior(i)), ...(expected[i] ?? ownSpread) }))).mean;
  return { ...told, readMm, expectedMm: ownSpread.mean, othersMm };
}

function observedSigns(belief: Belief): Observation[] {
  const [first] = belief.held;
  if (first === undefined) return [];
  const figures = readFigures(first);
  return SIGNS.flatMap((sign) => {
    const read = combine(sign, figures);
    if (read === undefined) return [];
    const expected = belief.held.map((h) => {
      const { mean, variance } = project(h.hypothesis.prior, signRow(sign, belief, h));
      return { mean, variance: variance + read.variance };
    });
    const natural = sign.compare === 'gap' ? naturalGap(sign, belief) : 0;
    return [
      {
        kind: 'reading' as const,
        says: saySign(sign, read.mm - natural, Math.sqrt(read.variance)),
        readMm: read.mm,
        expected,
        logChance: expected.map(({ mean, variance }) => logNormalDensity(read.mm, mean, variance)),
      },
    ];
  });
}

function observedRubs(belief: Belief): Observation[] {
  return (belief.held[0]?.readings ?? []).flatMap(({ station: id, mm, variance: noise }) => {
    if (mm !== undefined) return [];
    const logChance = belief.held.map(({ hypothesis }) => {
      const { mean, variance } = project(hypothesis.prior, stationRow(id, belief.door, hypothesis.size));
      return logNormalBelow(-mean / Math.sqrt(variance + noise));
    });
    return [{ kind: 'rub' as const, says: `${station(id).title.toLowerCase()}: rubs`, logChance }];
  });
}

function observedFindings(belief: Belief): Observation[] {
  return belief.answers.map((answer) => ({
    kind: 'finding' as const,
    says: answer.says,
    logChance: belief.held.map(({ hypothesis }) => Math.log(answerChance(answer, hypothesis.causes))),
  }));
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
