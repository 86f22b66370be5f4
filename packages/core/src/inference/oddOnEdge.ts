import type { DoorModel } from '../model/doorModel';
import type { Belief } from './belief';
import { believe } from './believe';
import { without, type DoubtfulReading } from './doubtful';
import { expectAt } from './expectation';
import type { LinearReading } from './linearReadings';
import type { Observations } from './observed';

/** Of the gaps that stand furthest off the line of their edge so many are looked into. */
const LOOKED_INTO = 2;
/** A gap nearer than this to the line of the others of its edge is not odd, mm. */
const ODD_FROM_MM = 1;

/**
 * Gaps that stand off the line of the others of their edge and that nothing else that was read or found foretells, worst first. What a
 * reading makes likely by itself, a bowed leg, cannot be held against it: so each is held against a belief that never saw it.
 *
 * @param fromSd how far off, in standard deviations, before it is named
 */
export function oddOnEdge(observed: Observations, belief: Belief, fromSd: number): DoubtfulReading[] {
  const { model, latest } = belief;
  return latest
    .flatMap((reading) => (reading.isSure ? [] : [{ reading, offMm: offItsEdge(model, latest, reading) }]))
    .filter(({ offMm }) => offMm >= ODD_FROM_MM)
    .sort((a, b) => b.offMm - a.offMm)
    .slice(0, LOOKED_INTO)
    .flatMap(({ reading: { station, mm = 0, variance: noise } }) => {
      const { mean, variance } = expectAt(believe(model, without(observed, station)), station);
      const sdMm = Math.sqrt(variance + noise);
      return Math.abs(mm - mean) >= fromSd * sdMm ? [{ station, readMm: mm, expectedMm: mean, sdMm }] : [];
    });
}

/** How far a gap stands off the line through the two others of its edge that are nearest, mm; nought where there are not two. */
function offItsEdge(
  { station, tables: { walk } }: DoorModel,
  latest: readonly LinearReading[],
  { station: id, mm }: LinearReading,
): number {
  const { edge, f = 0 } = station(id);
  const others = latest.flatMap((each) => {
    const at = station(each.station);
    const isOther = each.station !== id && at.edge === edge && walk.includes(each.station);
    return isOther && each.mm !== undefined ? [{ f: at.f ?? 0, mm: each.mm }] : [];
  });
  const [a, b] = others.sort((one, other) => Math.abs(one.f - f) - Math.abs(other.f - f));
  if (mm === undefined || !walk.includes(id) || a === undefined || b === undefined || a.f === b.f) return 0;
  const line = a.mm + ((b.mm - a.mm) * (f - a.f)) / (b.f - a.f);
  // Beyond both the line is drawn out, and errs by as much more.
  const reach = Math.max(1, Math.abs(f - a.f) / Math.abs(b.f - a.f), Math.abs(f - b.f) / Math.abs(b.f - a.f));
  return Math.abs(mm - line) / reach;
}
