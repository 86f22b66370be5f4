import { project, type LinearRow, type Spread } from '../numbers/gaussian';
import { logNormalBelow, logNormalDensity } from '../numbers/normal';
import { sumOf } from '../numbers/sumOf';
import type { Sign } from '../model/tables';
import { answerChancesUnder } from './answerChances';
import type { Belief } from './belief';
import { INFERENCE_WORDS } from './inferenceWords';
import { expectBeforehand, type Hypothesis } from './hypotheses';

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

/** One observation as every cause sees it: the log of its chance, and for figures what would be expected, mm. */
interface Observation {
  kind: Evidence['kind'];
  says: string;
  readMm?: number;
  /** By place of the cause in the views. */
  logChance: number[];
  expected?: Spread[];
}

/** A cause as evidence is weighed for it: by itself, in the form that the readings favour. */
interface CauseView {
  id: string;
  hypothesis: Hypothesis;
  prior: number;
}

export type EvidenceByCause = ReadonlyMap<string, { for: Evidence[]; against: Evidence[] }>;

/**
 * Evidence for and against each cause, weightiest first.
 *
 * The weight is the log of how much likelier the observation was beforehand under the cause alone than under the others,
 * mixed by their prior chances.
 */
export function weighEvidence(belief: Belief): EvidenceByCause {
  const views = causeViews(belief);
  const observations = [...observedSigns(belief, views), ...observedRubs(belief, views), ...observedFindings(belief, views)];
  const priors = views.map(({ prior }) => prior);
  const weighed = observations.map((observation) => evidenceByView(observation, priors));
  return new Map(
    views.map(({ id }, own) => {
      const telling = weighed
        .flatMap((each) => each[own] ?? [])
        .filter(({ weight }) => Math.abs(weight) >= WORTH_SAYING)
        .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight));
      return [id, { for: telling.filter(({ weight }) => weight > 0), against: telling.filter(({ weight }) => weight < 0) }];
    }),
  );
}

function causeViews({ space, chances }: Belief): CauseView[] {
  const views = new Map<string, CauseView & { chance: number }>();
  space.hypotheses.forEach((hypothesis, i) => {
    const [first, second] = hypothesis.causes;
    if (first === undefined || second !== undefined) return;
    const chance = chances[i] ?? 0;
    const known = views.get(first.id);
    if (known === undefined || chance > known.chance) views.set(first.id, { id: first.id, hypothesis, chance, prior: first.prior });
  });
  return [...views.values()];
}

/** One observation as evidence for or against each cause: its chance under the cause against that under all the others. */
function evidenceByView({ kind, says, readMm, logChance, expected }: Observation, priors: readonly number[]): Evidence[] {
  const top = Math.max(...logChance);
  const likely = priors.map((prior, i) => prior * Math.exp((logChance[i] ?? 0) - top));
  const [allPriors, allLikely] = [sumOf(priors), sumOf(likely)];
  const allExpected = expected && sumOf(priors.map((prior, i) => prior * (expected[i]?.mean ?? 0)));
  return priors.map((prior, own) => {
    const others = Math.max(allLikely - (likely[own] ?? 0), Number.MIN_VALUE) / (allPriors - prior);
    const weight = (logChance[own] ?? 0) - top - Math.log(others);
    const plain = { kind, says, weight, strength: strengthOf(weight) };
    const expectedMm = expected?.[own]?.mean;
    if (readMm === undefined || expectedMm === undefined || allExpected === undefined) return plain;
    return { ...plain, readMm, expectedMm, othersMm: (allExpected - prior * expectedMm) / (allPriors - prior) };
  });
}

function observedSigns(belief: Belief, views: readonly CauseView[]): Observation[] {
  const figures = readFigures(belief);
  return belief.model.tables.signs.flatMap((sign) => {
    const read = combine(sign, figures);
    if (read === undefined) return [];
    const row = signRow(sign, belief);
    const sound = project(belief.model.sound, row);
    const expected = views.map(({ hypothesis }) => {
      const { mean, variance } = expectBeforehand(belief.space, hypothesis, row, sound);
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

function observedRubs({ readings, space, model }: Belief, views: readonly CauseView[]): Observation[] {
  return readings.flatMap(({ station: id, mm, row, variance: noise }) => {
    if (mm !== undefined) return [];
    const sound = project(model.sound, row);
    const logChance = views.map(({ hypothesis }) => {
      const { mean, variance } = expectBeforehand(space, hypothesis, row, sound);
      return logNormalBelow(-mean / Math.sqrt(variance + noise));
    });
    return [{ kind: 'rub' as const, says: INFERENCE_WORDS.rubs(model.station(id).title), logChance }];
  });
}

function observedFindings({ answers, model, space }: Belief, views: readonly CauseView[]): Observation[] {
  return answers.map(({ finding: f, answer, place, weight }) => {
    const sound = model.showings(f).map(({ row }) => project(model.sound, row));
    return {
      kind: 'finding' as const,
      says: answer.says,
      logChance: views.map(({ id, hypothesis }) => {
        const chances = answerChancesUnder(model, model.finding(f), [id], ({ row }, i) =>
          expectBeforehand(space, hypothesis, row, sound[i] ?? project(model.sound, row)),
        );
        return weight * Math.log(chances[place] ?? 0);
      }),
    };
  });
}

function readFigures({ readings }: Belief): Map<string, { mm: number; variance: number }> {
  const figures = new Map<string, { mm: number; variance: number }>();
  for (const { station: id, mm, variance } of readings) if (mm !== undefined) figures.set(id, { mm, variance });
  return figures;
}

function combine(sign: Sign, figures: ReadonlyMap<string, { mm: number; variance: number }>): { mm: number; variance: number } | undefined {
  let mm = 0;
  let variance = 0;
  for (const [id, weight = 0] of Object.entries(sign.combination)) {
    const figure = figures.get(id);
    if (figure === undefined) return undefined;
    mm += weight * figure.mm;
    variance += weight * weight * figure.variance;
  }
  return { mm, variance };
}

function signRow(sign: Sign, { model }: Belief): LinearRow {
  const coefficients = new Float64Array(model.layout.size);
  let offset = 0;
  for (const [id, weight = 0] of Object.entries(sign.combination)) {
    const row = model.row(id);
    offset += weight * row.offset;
    row.coefficients.forEach((c, i) => {
      coefficients[i] = (coefficients[i] ?? 0) + weight * c;
    });
  }
  return { coefficients, offset };
}

function naturalGap(sign: Sign, { model }: Belief): number {
  const [id] = Object.keys(sign.combination);
  const edge = id === undefined ? undefined : model.station(id).edge;
  return edge === undefined ? 0 : (model.profile.edges[edge]?.target ?? 0);
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
