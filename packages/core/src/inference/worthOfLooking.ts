import type { Finding } from '../model/finding';
import { logNormalDensity } from '../numbers/normal';
import { mixSpreads } from '../numbers/mixture';
import { answerChancesUnder, expectedBy } from './answerChances';
import type { Belief } from './belief';
import type { Lookout } from './doubt';
import { expectUnder } from './expectation';
import { readingVariance } from './linearReadings';

/** A reading or a check that is still to be taken, weighed by what it would tell. */
export interface Weighed {
  kind: 'station' | 'finding';
  id: string;
  title: string;
  howTo: string;
  minutes: number;
  /** Expected drop of the doubt about the causes, nats. */
  gain: number;
  /** How well the figure is known already, mm; nought for a check. */
  sdMm: number;
  /** How far it sets two groups of the lookout apart. */
  differ: (a: number, b: number) => number;
}

/** Five-point Gauss–Hermite rule (M. Abramowitz, I. Stegun, Handbook of Mathematical Functions, table 25.10; from memory). */
const NODES: readonly (readonly [x: number, weight: number])[] = [
  [-2.0201828705, 0.0112574113],
  [-0.9585724646, 0.222075922],
  [0, 0.5333333333],
  [0.9585724646, 0.222075922],
  [2.0201828705, 0.0112574113],
];

/** A group that has no part in a mixture still needs some weight. */
const NO_WEIGHT = 1e-12;

/** What reading a station would tell. */
export function weighStation(belief: Belief, lookout: Lookout, id: string): Weighed {
  const { looked, weights, groupOf, now } = lookout;
  const noise = readingVariance(belief.model, { station: id });
  const spreads = looked.map((held) => {
    const { mean, variance } = expectUnder(belief, held, id);
    return { mean, variance: variance + noise };
  });
  const { title, howTo, minutes } = belief.model.station(id);
  const overall = mixSpreads(spreads.map((spread, h) => ({ ...spread, weight: weights[h] ?? 0 })));
  const ofGroup = (g: number) =>
    mixSpreads(spreads.map((spread, h) => ({ ...spread, weight: groupOf[h] === g ? (weights[h] ?? 0) : NO_WEIGHT })));
  return {
    kind: 'station',
    id,
    title,
    howTo,
    minutes,
    gain: Math.max(0, now - doubtAfterFigure(lookout, spreads)),
    sdMm: Math.sqrt(overall.variance),
    differ: (a, b) => {
      const [one, other] = [ofGroup(a), ofGroup(b)];
      return (one.mean - other.mean) ** 2 / (one.variance + other.variance);
    },
  };
}

/** Doubt to be expected after a figure has been read, over the figures each hypothesis foretells. */
function doubtAfterFigure({ weights, groups, groupOf, doubt }: Lookout, spreads: readonly { mean: number; variance: number }[]): number {
  let after = 0;
  spreads.forEach(({ mean, variance }, h) => {
    for (const [x, share] of NODES) {
      const figure = mean + Math.SQRT2 * Math.sqrt(variance) * x;
      const grouped = new Float64Array(groups.length);
      let sum = 0;
      spreads.forEach((spread, i) => {
        const density = (weights[i] ?? 0) * Math.exp(logNormalDensity(figure, spread.mean, spread.variance));
        const g = groupOf[i] ?? 0;
        grouped[g] = (grouped[g] ?? 0) + density;
        sum += density;
      });
      after += (weights[h] ?? 0) * share * doubt(Array.from(grouped, (each) => (sum > 0 ? each / sum : 0)));
    }
  });
  return after;
}

/** What making a check would tell. */
export function weighFinding({ model }: Belief, { looked, weights, groupOf, groups, doubt, now }: Lookout, finding: Finding): Weighed {
  const { id, question, howTo, minutes, answers } = finding;
  const columns = groups.map(() => answers.map(() => 0));
  looked.forEach(({ hypothesis, posterior }, h) => {
    const g = groupOf[h] ?? 0;
    const share = (weights[h] ?? 0) / Math.max(NO_WEIGHT, groups[g]?.weight ?? 0);
    const ids = hypothesis.causes.map((each) => each.id);
    const chances = answerChancesUnder(model, finding, ids, expectedBy(posterior));
    const column = columns[g];
    if (column !== undefined) chances.forEach((chance, i) => (column[i] = (column[i] ?? 0) + share * chance));
  });
  const after = answers.reduce((sum, _, a) => {
    const joint = groups.map(({ weight }, g) => weight * (columns[g]?.[a] ?? 0));
    const chance = joint.reduce((all, each) => all + each, 0);
    return chance > 0 ? sum + chance * doubt(joint.map((each) => each / chance)) : sum;
  }, 0);
  return {
    kind: 'finding',
    id,
    title: question,
    howTo,
    minutes,
    gain: Math.max(0, now - after),
    sdMm: 0,
    differ: (a, b) => answers.reduce((sum, _, i) => sum + Math.abs((columns[a]?.[i] ?? 0) - (columns[b]?.[i] ?? 0)), 0),
  };
}
