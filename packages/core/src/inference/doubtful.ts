import type { Names } from '../model/names';
import { project } from '../numbers/gaussian';
import { mixSpreads } from '../numbers/mixture';
import { logNormalDensity, logSumExp } from '../numbers/normal';
import { toEnd, type Stepwise } from '../stepwise';
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

/** Readings to take again, worst first; what was taken again already is not doubted. */
export function doubtfulReadings(observed: Observations, belief: Belief, fromSd = DOUBT_FROM_SD): DoubtfulReading[] {
  return toEnd(doubtsOf(observed, belief)(fromSd));
}

/**
 * The same a piece at a time, for limits asked one after the other. The worst is set aside before the rest are judged, so that one slip
 * does not throw doubt on its neighbours; which is the worst does not hang on the limit, so that a nearer limit goes on from a wider one.
 */
export function doubtsOf(observed: Observations, belief: Belief): (fromSd?: number) => Stepwise<DoubtfulReading[]> {
  const worstFirst: DoubtfulReading[] = [];
  let rest = observed;
  let held = belief;
  return function* beyond(fromSd = DOUBT_FROM_SD) {
    const isBeyond = (each: DoubtfulReading) => offBy(each) > fromSd;
    while (worstFirst.length < MOST_DOUBTED && worstFirst.every(isBeyond)) {
      const last = worstFirst.at(-1);
      if (last !== undefined) {
        yield 0;
        rest = without(rest, last.station);
        held = believe(belief.model, rest);
        yield 0;
      }
      const worst = worstReading(held);
      if (worst === undefined) break;
      worstFirst.push(worst);
    }
    return worstFirst.filter(isBeyond);
  };
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
 * The reading furthest from what the rest predict. Leaving one out is exact and needs no new
 * estimate: dividing a normal belief by the reading's own likelihood gives variance 1/(1/v − 1/R).
 */
function worstReading({ held, latest, model }: Belief): DoubtfulReading | undefined {
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
  return judged.sort((a, b) => offBy(b) - offBy(a))[0];
}

/** How far off a reading is, in standard deviations. */
const offBy = ({ readMm, expectedMm, sdMm }: DoubtfulReading) => Math.abs(readMm - expectedMm) / sdMm;
