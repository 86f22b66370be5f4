import type { Names } from '../model/names';
import { project } from '../numbers/gaussian';
import { mixSpreads } from '../numbers/mixture';
import { logNormalDensity, logSumExp } from '../numbers/normal';
import type { Belief } from './belief';
import { believe } from './believe';
import type { Observations } from './observed';

/** A reading that does not fit what all the others say. */
export interface DoubtfulReading<N extends Names = Names> {
  station: N['station'];
  readMm: number;
  /** What the rest say of this station. */
  expectedMm: number;
  sdMm: number;
}

/** How far a reading may be from what the rest say, in standard deviations, before it is doubted. */
const DOUBT_FROM_SD = 3;
/** The same where much is to be decided by it. */
export const DOUBT_DECIDING_FROM_SD = 2;

/** More than this many at once means the door, not the gauge. */
const MOST_DOUBTED = 3;

/**
 * Readings to take again, worst first; what was taken again already is not doubted. The worst is set aside before the rest are judged, so that one slip does not
 * throw doubt on its neighbours.
 */
export function doubtfulReadings(observed: Observations, belief: Belief, fromSd = DOUBT_FROM_SD): DoubtfulReading[] {
  const doubted: DoubtfulReading[] = [];
  let rest = observed;
  let held = belief;
  while (doubted.length < MOST_DOUBTED) {
    const worst = worstReading(held, fromSd);
    if (worst === undefined) break;
    doubted.push(worst);
    rest = without(rest, worst.station);
    held = believe(belief.model, rest);
  }
  return doubted;
}

/** What was observed but for one of the readings taken last. */
export function without(observed: Observations, station: string): Observations {
  const { readings, rounds = [] } = observed;
  const others = <R extends { station: string }>(list: readonly R[]) => list.filter((each) => each.station !== station);
  const last = rounds.at(-1);
  if (last === undefined) return { ...observed, readings: others(readings) };
  return { ...observed, rounds: [...rounds.slice(0, -1), { ...last, readings: others(last.readings) }] };
}

/**
 * The reading furthest from what the rest predict, if over the limit. Leaving one out is exact and needs no new
 * estimate: dividing a normal belief by the reading's own likelihood gives variance 1/(1/v − 1/R).
 */
function worstReading({ held, latest, model }: Belief, fromSd: number): DoubtfulReading | undefined {
  const judged = latest.flatMap((reading) => {
    if (reading.mm === undefined || reading.isSure) return [];
    const readMm = reading.mm;
    const without = held.map(({ posterior, probability }) => {
      const { mean, variance } = project(posterior, model.row(reading.station, posterior.mean.length));
      const rest = 1 / Math.max(1e-6, 1 / variance - 1 / reading.variance);
      const expected = rest * (mean / variance - readMm / reading.variance);
      const spread = rest + reading.variance;
      const logWeight = Math.log(probability + 1e-300) - logNormalDensity(readMm, expected, spread);
      return { mean: expected, variance: spread, logWeight };
    });
    const total = logSumExp(without.map(({ logWeight }) => logWeight));
    const { mean, variance } = mixSpreads(without.map((w) => ({ ...w, weight: Math.exp(w.logWeight - total) })));
    const sdMm = Math.sqrt(variance);
    return [{ station: reading.station, readMm, expectedMm: mean, sdMm }];
  });
  const offBy = ({ readMm, expectedMm, sdMm }: DoubtfulReading) => Math.abs(readMm - expectedMm) / sdMm;
  return judged.filter((j) => offBy(j) > fromSd).sort((a, b) => offBy(b) - offBy(a))[0];
}
