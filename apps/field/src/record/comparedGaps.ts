import type { Door, ReadingEntry } from '@proper-swing/contract';
import { judgeGap, type GapVerdict } from '@proper-swing/core';
import { station, type StationId } from '@proper-swing/core/doors';
import { handbookOf, modelFor } from './door';

/** A gap at two times. */
export interface ComparedGap {
  station: StationId;
  found: ReadingEntry | undefined;
  left: ReadingEntry | undefined;
  /** Of the later one, by the limits of the door. */
  verdict: GapVerdict | undefined;
}

type Readings = ReadonlyMap<StationId, ReadingEntry>;

/** The gaps read at either of two times, in walking order, the later judged. */
export function comparedGaps(door: Door, found: Readings, left: Readings): ComparedGap[] {
  const { profile } = modelFor(door);
  return handbookOf(door)
    .walk.filter((id) => found.has(id) || left.has(id))
    .map((id) => {
      const { edge } = station(id);
      const mm = gaugedMm(left.get(id));
      const verdict = edge && mm !== undefined ? judgeGap(profile, edge, mm) : undefined;
      return { station: id, found: found.get(id), left: left.get(id), verdict };
    });
}

/** A rub counts as no gap at all; what could not be reached is not known. */
export function gaugedMm(reading: ReadingEntry | undefined): number | undefined {
  if (reading?.kind === 'rubs') return 0;
  return reading?.kind === 'figure' && reading.mm !== null ? reading.mm : undefined;
}
