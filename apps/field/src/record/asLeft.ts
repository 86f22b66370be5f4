import type { CallRecord, ReadingEntry } from '@proper-swing/contract';
import type { GapByEye } from '@proper-swing/core';
import { proofOf, type FindingId, type Proof, type StationId } from '@proper-swing/core/doors';
import { engineDoor } from './door';
import { readingsByStation, readingsInHand, seenByEye, standingWork, triesAsLeft } from './observed';

/** What was read of a door as it is left, and whether that is what was found: nothing has been done to it. */
export interface LeftReadings {
  readings: ReadonlyMap<StationId, ReadingEntry>;
  isAsFound: boolean;
}

/**
 * Readings that tell of the door as it is now: those of the last walk-round and of the last check, when nothing was done since. Where
 * nothing was done at all, what was found still holds.
 */
export function leftReadings(record: CallRecord): LeftReadings {
  const since = (['check', 'left'] as const).flatMap((stage) => [...readingsInHand(record, stage)]);
  if (since.length > 0 || standingWork(record).length > 0) return { readings: new Map(since), isAsFound: false };
  return { readings: readingsByStation(record, 'found'), isAsFound: true };
}

/** How what was tried by hand since the last work went. */
export const leftTries = (record: CallRecord): ReadonlyMap<FindingId, string> =>
  new Map(triesAsLeft(record).map(({ finding, answer }) => [finding, answer]));

/** What may be said of the door as it is left. */
export function proofOfCall(record: CallRecord): Proof {
  const entries = [...leftReadings(record).readings];
  return proofOf({
    door: engineDoor(record.door),
    gapsMm: new Map(entries.flatMap(([id, { kind, mm }]) => (kind === 'rubs' ? [[id, 0]] : mm === null ? [] : [[id, mm]]))),
    seen: new Map(
      entries.flatMap(([id, entry]): [StationId, GapByEye][] => {
        const seen = seenByEye(entry);
        return seen === undefined ? [] : [[id, seen]];
      }),
    ),
    unreachable: new Set(entries.flatMap(([id, { kind }]) => (kind === 'unreachable' ? [id] : []))),
    tries: leftTries(record),
  });
}
