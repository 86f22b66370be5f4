import { logNormalDensity } from '../numbers/normal';
import { believe, causeChances, expectUnder, mixSpreads, suppositionKey, type Belief } from './belief';
import type { Cause } from './causes';
import { findingsFor, jointAnswerChances, type FindingId } from './findings';
import { linearReadings, type Observed } from './readings';
import { STATE_SIZE, station, STATION_IDS, WALKING_ORDER, type StationId } from './stations';

/** A reading or a check that is still to be taken, with what it is worth. */
export interface NextChoice {
  kind: 'station' | 'finding';
  id: StationId | FindingId;
  title: string;
  howTo: string;
  minutes: number;
  /** Expected drop of the doubt about the causes, in bits. */
  bits: number;
  /** What it tells apart, or which gap it makes known. */
  why: string;
}

export interface NextBest {
  /** More readings would not change the plan. */
  enough: boolean;
  /** Best first; empty when everything has been read. */
  choices: NextChoice[];
}

/** Hypotheses that matter for a look ahead. */
const LOOKED_AT = 16;
const MOST_CHOICES = 3;
/** Turning to another thing takes this long, minutes. */
const TURNING_MINUTES = 0.8;
/** Below this, in bits, nothing that is left would tell much of the cause. */
const WORTH_BITS = 0.08;
/** A cause is settled when it is at least this likely, or no likelier than that. */
const SURE_FROM = 0.85;
const SURE_NOT_BELOW = 0.15;
/** A gap known to this is known well enough to plan by, mm. */
const KNOWN_TO_MM = 0.9;

/** Five-point Gauss–Hermite rule (M. Abramowitz, I. Stegun, Handbook of Mathematical Functions, table 25.10; from memory). */
const NODES: readonly (readonly [x: number, weight: number])[] = [
  [-2.0201828705, 0.0112574113],
  [-0.9585724646, 0.222075922],
  [0, 0.5333333333],
  [0.9585724646, 0.222075922],
  [2.0201828705, 0.0112574113],
];

interface Supposed {
  causes: readonly Cause[];
  weight: number;
}

/**
 * What to read or try next, from whatever was read.
 *
 * @throws DomainError when the door, a reading or a finding makes no sense
 */
export function whatNext(observed: Observed): NextBest {
  return nextBest(observed, believe(observed));
}

/**
 * What to read or try next: the station or check with the largest expected drop of the doubt about the causes for its minutes;
 * once the cause is settled, the gap that is least known; and whether it is enough.
 */
export function nextBest(observed: Observed, belief: Belief): NextBest {
  const looked = belief.held.slice(0, LOOKED_AT);
  const total = looked.reduce((sum, { probability }) => sum + probability, 0);
  const weights = looked.map(({ probability }) => probability / total);
  const keys = [...new Set(looked.map(({ hypothesis }) => suppositionKey(hypothesis)))];
  const groupOf = looked.map(({ hypothesis }) => keys.indexOf(suppositionKey(hypothesis)));
  const groups = keys.map((_, g): Supposed => {
    const first = groupOf.indexOf(g);
    return {
      causes: looked[first]?.hypothesis.causes ?? [],
      weight: weights.reduce((sum, weight, h) => sum + (groupOf[h] === g ? weight : 0), 0),
    };
  });
  const doubt = doubtOver(groups);
  const now = doubt(groups.map(({ weight }) => weight));

  const read = new Set(observed.readings.map((reading) => reading.station));
  const answered = new Set(observed.findings.map((each) => each.finding));
  const stations = STATION_IDS.filter((id) => !read.has(id)).map((id) => {
    const noise = linearReadings({ ...observed, readings: [{ station: id, mm: 0 }] }, STATE_SIZE)[0]?.variance ?? 1;
    const spreads = looked.map((held) => {
      const { mean, variance } = expectUnder(belief, held, id);
      return { mean, variance: variance + noise };
    });
    let after = 0;
    spreads.forEach(({ mean, variance }, h) => {
      for (const [x, share] of NODES) {
        const y = mean + Math.SQRT2 * Math.sqrt(variance) * x;
        const grouped = new Float64Array(groups.length);
        let sum = 0;
        spreads.forEach((spread, i) => {
          const density = (weights[i] ?? 0) * Math.exp(logNormalDensity(y, spread.mean, spread.variance));
          const g = groupOf[i] ?? 0;
          grouped[g] = (grouped[g] ?? 0) + density;
          sum += density;
        });
        after += (weights[h] ?? 0) * share * doubt(Array.from(grouped, (each) => (sum > 0 ? each / sum : 0)));
      }
    });
    const { title, howTo, minutes } = station(id);
    const overall = mixSpreads(spreads.map((spread, h) => ({ ...spread, weight: weights[h] ?? 0 })));
    const differ = (a: number, b: number) => {
      const [one, other] = [a, b].map((g) =>
        mixSpreads(spreads.map((spread, h) => ({ ...spread, weight: groupOf[h] === g ? (weights[h] ?? 0) : 1e-12 }))),
      );
      return one && other ? (one.mean - other.mean) ** 2 / (one.variance + other.variance) : 0;
    };
    return {
      kind: 'station' as const,
      id,
      title,
      howTo,
      minutes,
      gain: Math.max(0, now - after),
      sdMm: Math.sqrt(overall.variance),
      differ,
    };
  });
  const checks = findingsFor(belief.door)
    .filter(({ id }) => !answered.has(id))
    .map(({ id, question, howTo, minutes, answers }) => {
      const columns = groups.map(({ causes }) =>
        jointAnswerChances(
          id,
          causes.map((each) => each.id),
        ),
      );
      const after = answers.reduce((sum, _, a) => {
        const joint = groups.map(({ weight }, g) => weight * (columns[g]?.[a] ?? 0));
        const chance = joint.reduce((all, each) => all + each, 0);
        return chance > 0 ? sum + chance * doubt(joint.map((each) => each / chance)) : sum;
      }, 0);
      const differ = (a: number, b: number) =>
        answers.reduce((sum, _, i) => sum + Math.abs((columns[a]?.[i] ?? 0) - (columns[b]?.[i] ?? 0)), 0);
      return { kind: 'finding' as const, id, title: question, howTo, minutes, gain: Math.max(0, now - after), sdMm: 0, differ };
    });

  const all = [...stations, ...checks];
  const bits = (nats: number) => nats / Math.LN2;
  const isSettled = isSure(belief) || all.every(({ gain }) => bits(gain) < WORTH_BITS);
  const unknown = stations.filter(({ id, sdMm }) => WALKING_ORDER.includes(id) && !id.startsWith('foot.') && sdMm > KNOWN_TO_MM);
  const byDoubt = [...unknown].sort((a, b) => b.sdMm - a.sdMm);
  const byGain = [...all].sort((a, b) => b.gain / (b.minutes + TURNING_MINUTES) - a.gain / (a.minutes + TURNING_MINUTES));
  const chosen = isSettled && byDoubt.length > 0 ? byDoubt : byGain;
  return {
    enough: isSettled && byDoubt.length === 0,
    choices: chosen.slice(0, MOST_CHOICES).map(({ kind, id, title, howTo, minutes, gain, sdMm, differ }) => ({
      kind,
      id,
      title,
      howTo,
      minutes,
      bits: bits(gain),
      why: isSettled && byDoubt.length > 0 ? `known only to ±${sdMm.toFixed(1)} mm` : toldApart(groups, differ),
    })),
  };
}

/** Whether it is clear of every cause that it is at work, or that it is not: then the plan treats what it would treat anyway. */
function isSure(belief: Belief): boolean {
  const chances = causeChances(belief);
  return (chances[0]?.probability ?? 0) >= SURE_FROM && chances.every(({ probability: p }) => p >= SURE_FROM || p <= SURE_NOT_BELOW);
}

/** "tells loose top screws from a racked frame": the two suppositions that it parts best, by their weight. */
function toldApart(groups: readonly Supposed[], differ: (a: number, b: number) => number): string {
  const order = groups.map((_, g) => g).sort((a, b) => (groups[b]?.weight ?? 0) - (groups[a]?.weight ?? 0));
  let best: { a: number; b: number; worth: number } | undefined;
  for (const a of order.slice(0, 5)) {
    for (const b of order.slice(0, 5)) {
      if (a === b || (groups[a]?.weight ?? 0) < (groups[b]?.weight ?? 0)) continue;
      const worth = (groups[a]?.weight ?? 0) * (groups[b]?.weight ?? 0) * differ(a, b);
      if (best === undefined || worth > best.worth) best = { a, b, worth };
    }
  }
  if (best === undefined) return 'confirms the cause';
  const [one, other] = [groups[best.a]?.causes ?? [], groups[best.b]?.causes ?? []];
  const called = (causes: readonly Cause[]) => causes.map((each) => each.called).join(' with ');
  const more = (larger: readonly Cause[], smaller: readonly Cause[]) =>
    smaller.every((each) => larger.includes(each)) ? larger.filter((each) => !smaller.includes(each)) : [];
  const [extra] = [...more(other, one), ...more(one, other)];
  return extra === undefined ? `tells ${called(one)} from ${called(other)}` : `shows whether it is also ${extra.called}`;
}

/**
 * The doubt that is left, in nats, for chances of the groups: the entropies of every cause being at work or not, summed. What
 * parts two pairs that share their likelier cause counts for little; what parts one cause from another counts twice.
 */
function doubtOver(groups: readonly Supposed[]): (chances: readonly number[]) => number {
  const ids = [...new Set(groups.flatMap(({ causes }) => causes.map(({ id }) => id)))];
  const withCause = ids.map((id) => groups.flatMap(({ causes }, g) => (causes.some((each) => each.id === id) ? [g] : [])));
  return (chances) => withCause.reduce((sum, own) => sum + uncertainty(own.reduce((all, g) => all + (chances[g] ?? 0), 0)), 0);
}

const uncertainty = (p: number) => (p <= 0 || p >= 1 ? 0 : -p * Math.log(p) - (1 - p) * Math.log(1 - p));
