import type { CallRecord, ReadingEntry } from '@proper-swing/contract';
import { judgeGap, profileOf, station, WALKING_ORDER, type GapVerdict, type StationId } from '@proper-swing/core';
import { leftReadings } from '../../record/asLeft';
import { readingsByStation } from '../../record/observed';

export interface ComparedGap {
  station: StationId;
  found: ReadingEntry | undefined;
  /** As it is left, where something was done. */
  left: ReadingEntry | undefined;
  verdict: GapVerdict | undefined;
}

/** As found against as left, gap by gap in walking order, judged by the profile of the door. */
export function compareGaps(record: CallRecord): ComparedGap[] {
  const found = readingsByStation(record, 'found');
  const { readings: left, isAsFound } = leftReadings(record);
  const profile = profileOf(record.door.make);
  return WALKING_ORDER.filter((id) => found.has(id) || left.has(id)).map((id) => {
    const { edge } = station(id);
    const mm = gaugedMm(left.get(id));
    return {
      station: id,
      found: found.get(id),
      left: isAsFound ? undefined : left.get(id),
      verdict: edge && mm !== undefined ? judgeGap(profile, edge, mm) : undefined,
    };
  });
}

/** A rub counts as no gap at all; what could not be reached is not known. */
export function gaugedMm(reading: ReadingEntry | undefined): number | undefined {
  if (reading?.kind === 'rubs') return 0;
  return reading?.kind === 'figure' && reading.mm !== null ? reading.mm : undefined;
}
