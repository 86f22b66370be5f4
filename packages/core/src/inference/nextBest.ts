import type { Cause } from '../model/cause';
import type { DoorModel } from '../model/doorModel';
import type { Names } from '../model/names';
import type { Belief } from './belief';
import { believedLately } from './believedLately';
import { doubtfulReadings, type DoubtfulReading } from './doubtful';
import { lookoutOf, type Supposed } from './doubt';
import { causeChances } from './expectation';
import { INFERENCE_WORDS } from './inferenceWords';
import { looksTaken, type Observations } from './observed';
import { weighFinding, weighStation, type Weighed } from './worthOfLooking';

/** A reading or a check that is still to be taken, with what it is worth. */
export interface NextChoice<N extends Names = Names> {
  kind: 'station' | 'finding';
  id: N['station'] | N['finding'];
  title: string;
  howTo: string;
  minutes: number;
  /** Expected drop of the doubt about the causes, in bits. */
  bits: number;
  /** What it tells apart, or which gap it makes known. */
  why: string;
  /** It has been read, and stands against all the others. */
  again?: true;
}

export interface NextBest<N extends Names = Names> {
  /** More readings would not change the plan. */
  enough: boolean;
  /** Best first; empty when everything has been read. */
  choices: NextChoice<N>[];
  /** The quick checks that would tell most of the cause, best first, none that would tell nothing. */
  checks: N['finding'][];
}

const MOST_CHOICES = 3;
/** Turning to another thing takes this long, minutes. */
const TURNING_MINUTES = 0.8;
/** Below this, in bits, nothing that is left would tell much of the cause. */
const WORTH_BITS = 0.05;
/** A check that is expected to tell less than this, in bits, is not put before the others. */
const TELLS_BITS = 0.01;
/** A cause is settled when it is at least this likely, or no likelier than that. */
const SURE_FROM = 0.85;
const SURE_NOT_BELOW = 0.15;
/** A gap known to this is known well enough to plan by, mm. */
const KNOWN_TO_MM = 0.9;
/** Suppositions that are compared when it is said what a look tells apart. */
const COMPARED = 5;

const bitsOf = (nats: number) => nats / Math.LN2;

/**
 * What to read or try next, from whatever was read.
 *
 * @throws DomainError when a reading or a finding makes no sense
 */
export function whatNext(model: DoorModel, observed: Observations): NextBest {
  return nextBest(observed, believedLately(model, observed));
}

/**
 * What to read or try next: the station or check with the largest expected drop of the doubt about the causes for its minutes;
 * once the cause is settled, the gap that is least known; and whether it is enough.
 */
export function nextBest(observed: Observations, belief: Belief): NextBest {
  const { model } = belief;
  const lookout = lookoutOf(belief);
  const read = new Set([...observed.readings.map(({ station }) => station), ...(observed.unreachable ?? [])]);
  const answered = looksTaken(observed);
  const stations = model.stations.filter(({ id }) => !read.has(id)).map(({ id }) => weighStation(belief, lookout, id));
  const checks = model.findings.filter(({ id }) => !answered.has(id)).map((finding) => weighFinding(belief, lookout, finding));

  const all = [...stations, ...checks];
  const isSettled = isSure(belief) || all.every(({ gain }) => bitsOf(gain) < WORTH_BITS);
  const leastKnown = isSettled ? stations.filter((each) => isLittleKnown(model, each)).sort((a, b) => b.sdMm - a.sdMm) : [];
  const byGain = [...all].sort((a, b) => b.gain / (b.minutes + TURNING_MINUTES) - a.gain / (a.minutes + TURNING_MINUTES));
  const toKnow = leastKnown.length > 0;
  const telling = byGain
    .flatMap(({ kind, id, gain }) => (kind === 'finding' && bitsOf(gain) >= TELLS_BITS ? [id] : []))
    .slice(0, MOST_CHOICES);
  if (isSettled && !toKnow) {
    const twice = doubtfulReadings(observed, belief);
    if (twice.length > 0) return { enough: false, choices: twice.map((each) => readTwice(model, each)), checks: telling };
  }
  return {
    enough: isSettled && !toKnow,
    choices: (toKnow ? leastKnown : worthNaming(byGain))
      .slice(0, MOST_CHOICES)
      .map(({ kind, id, title, howTo, minutes, gain, sdMm, differ }) => ({
        kind,
        id,
        title,
        howTo,
        minutes,
        bits: bitsOf(gain),
        why: toKnow ? INFERENCE_WORDS.knownOnlyTo(sdMm) : toldApart(lookout.groups, differ),
      })),
    checks: telling,
  };
}

/** The first, and of the others those that would tell much as well. */
const worthNaming = (byGain: readonly Weighed[]) => byGain.filter(({ gain }, i) => i === 0 || bitsOf(gain) >= WORTH_BITS);

/** A reading to be taken again before it is enough. */
function readTwice({ station }: DoorModel, { station: id, readMm, expectedMm }: DoubtfulReading): NextChoice {
  const { title, howTo, minutes } = station(id);
  return { kind: 'station', id, title, howTo, minutes, bits: 0, why: INFERENCE_WORDS.standsAgainst(readMm, expectedMm), again: true };
}

/** A gap that a plan goes by and that is not known well enough; those only judged when read are not asked for. */
function isLittleKnown({ tables, station }: DoorModel, { id, sdMm }: Weighed): boolean {
  if (sdMm <= KNOWN_TO_MM || !tables.walk.includes(id)) return false;
  const { edge } = station(id);
  return tables.edges.some((each) => each.id === edge && each.onlyWhenRead === undefined);
}

/** Whether it is clear of every cause that it is at work, or that it is not: then the plan treats what it would treat anyway. */
function isSure(belief: Belief): boolean {
  const chances = causeChances(belief);
  return (chances[0]?.probability ?? 0) >= SURE_FROM && chances.every(({ probability: p }) => p >= SURE_FROM || p <= SURE_NOT_BELOW);
}

/** "tells loose top screws from a racked frame": the two suppositions that it parts best, by their weight. */
function toldApart(groups: readonly Supposed[], differ: Weighed['differ']): string {
  const weightOf = (g: number) => groups[g]?.weight ?? 0;
  const order = groups
    .map((_, g) => g)
    .sort((a, b) => weightOf(b) - weightOf(a))
    .slice(0, COMPARED);
  let best: { a: number; b: number; worth: number } | undefined;
  for (const a of order) {
    for (const b of order) {
      if (a === b || weightOf(a) < weightOf(b)) continue;
      const worth = weightOf(a) * weightOf(b) * differ(a, b);
      if (best === undefined || worth > best.worth) best = { a, b, worth };
    }
  }
  if (best === undefined) return INFERENCE_WORDS.confirms;
  return saysApart(groups[best.a]?.causes ?? [], groups[best.b]?.causes ?? []);
}

function saysApart(one: readonly Cause[], other: readonly Cause[]): string {
  const more = (larger: readonly Cause[], smaller: readonly Cause[]) =>
    smaller.every((each) => larger.includes(each)) ? larger.filter((each) => !smaller.includes(each)) : [];
  const [extra] = [...more(other, one), ...more(one, other)];
  return extra === undefined ? INFERENCE_WORDS.tellsApart(one, other) : INFERENCE_WORDS.showsWhether(extra);
}
