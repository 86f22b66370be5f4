import { believe, causeChances, expectAt, suppositionKey, type Belief } from './belief';
import { cause, type CauseId } from './causes';
import { doubtfulReadings, type DoubtfulReading } from './doubtful';
import { weighEvidence, type Evidence } from './evidence';
import type { Observed } from './readings';
import { STATION_IDS, type StationId } from './stations';

export interface RankedCause {
  id: CauseId;
  title: string;
  says: string;
  /** Chance that it is at work, alone or with another, 0 to 1. */
  probability: number;
  for: Evidence[];
  against: Evidence[];
  advice?: string;
}

/** Causes supposed to be at work together, and how likely just these are. */
export interface Supposition {
  causes: CauseId[];
  probability: number;
}

/** What is expected at a station, read or not, mm. */
export interface ExpectedGap {
  station: StationId;
  meanMm: number;
  sdMm: number;
}

/** Where a door stands, without the evidence: what changes under the thumb at every reading. */
export interface Estimate {
  /** Likeliest first. */
  causes: Pick<RankedCause, 'id' | 'title' | 'probability'>[];
  /** Every station. A mean below nought is where the slab would have to overlap: it rubs. */
  expected: ExpectedGap[];
  doubtful: DoubtfulReading[];
}

export interface Diagnosis extends Estimate {
  causes: RankedCause[];
  /** One cause by itself or two together, likeliest first; the unlikeliest are left out. */
  suppositions: Supposition[];
}

/**
 * Estimates every gap and the chance of every cause, from whatever was read.
 *
 * @throws DomainError when the door, a reading or a finding makes no sense
 */
export function estimate(observed: Observed): Estimate {
  const belief = believe(observed);
  return {
    causes: causeChances(belief).map(({ id, probability }) => ({ id, title: cause(id).title, probability })),
    expected: expectedGaps(belief),
    doubtful: doubtfulReadings(observed, belief),
  };
}

function expectedGaps(belief: Belief): ExpectedGap[] {
  return STATION_IDS.map((id) => {
    const { mean, variance } = expectAt(belief, id);
    return { station: id, meanMm: mean, sdMm: Math.sqrt(variance) };
  });
}

/**
 * Names the likely causes of a hinged door's trouble, and estimates every gap round it, from whatever was read.
 *
 * Any subset of readings will do, including none; then the answer is what doors in general are like.
 *
 * @throws DomainError when the door, a reading or a finding makes no sense
 */
export function diagnose(observed: Observed): Diagnosis {
  const belief = believe(observed);
  const evidence = weighEvidence(belief);
  const causes = causeChances(belief).map(({ id, probability }) => {
    const { title, says, advice } = cause(id);
    const own = evidence.get(id) ?? { for: [], against: [] };
    const told = probability >= UNLIKELY_BELOW ? own : { for: own.for.slice(0, FEW), against: own.against.slice(0, FEW) };
    return { id, title, says, probability, ...told, ...(advice !== undefined && { advice }) };
  });
  return {
    causes,
    suppositions: suppositionsOf(belief).filter(({ probability }) => probability >= WORTH_TELLING),
    expected: expectedGaps(belief),
    doubtful: doubtfulReadings(observed, belief),
  };
}

/** Of causes less likely than this only the weightiest evidence is told: nobody reads all of it for all of them. */
const UNLIKELY_BELOW = 0.02;
const FEW = 3;

/** Suppositions less likely than this are not told. */
const WORTH_TELLING = 0.02;

/** Chances by set of causes, whatever their form; all of them, and they sum to one. */
export function suppositionsOf({ space, chances }: Belief): Supposition[] {
  const sums = new Map<string, Supposition>();
  space.hypotheses.forEach((hypothesis, i) => {
    const key = suppositionKey(hypothesis);
    const known = sums.get(key) ?? { causes: hypothesis.causes.map(({ id }) => id), probability: 0 };
    known.probability += chances[i] ?? 0;
    sums.set(key, known);
  });
  return [...sums.values()].sort((a, b) => b.probability - a.probability);
}
