import { type CallRecord, mergeRecord, type ReadingEntry, type ReadingSet, type Stage } from '@proper-swing/contract';
import type { GapByEye } from '@proper-swing/core';
import { station, type StationId } from '@proper-swing/core/doors';
import { write } from '../offline/write';
import { currentSet, openSet, readingsByStation, readingsInHand, standingWork } from './observed';
import { entryStamp } from './writing';

/** What was read at a station. */
export type Taken =
  { kind: 'figure'; mm: number; typed: string } | { kind: 'eye'; seen: GapByEye } | { kind: 'rubs' } | { kind: 'unreachable' };

/** Walk-rounds begun in this visit, so that two quick readings begin only one. */
const begun = new Map<string, ReadingSet>();

/**
 * Writes a reading into the current walk-round of a stage, beginning one when there is none. A second reading of the same
 * station corrects the first and keeps it.
 *
 * @param begin given the record with the reading in it just before the reading is kept: what others can work on meanwhile
 * @returns the record with the reading in it
 * @throws when the device has no room left
 */
export function writeReading(
  record: CallRecord,
  stage: Stage,
  id: StationId,
  taken: Taken,
  begin?: (next: CallRecord) => void,
): CallRecord {
  const begunIn = withSet(record, stage);
  const earlier = readingsByStation(begunIn, stage).get(id);
  const reading: ReadingEntry = {
    ...entryStamp(begunIn),
    setId: currentSet(begunIn, stage)?.id ?? '',
    station: id,
    kind: taken.kind,
    mm: taken.kind === 'figure' ? taken.mm : null,
    typed: taken.kind === 'figure' ? taken.typed : taken.kind === 'eye' ? taken.seen : '',
    instrument: taken.kind === 'eye' ? 'eye' : station(id).instrument,
    ...(earlier && { supersedes: earlier.id }),
  };
  const next = mergeRecord(begunIn, 'readings', reading);
  begin?.(next);
  write('readings', reading);
  return next;
}

/** Takes a reading back; the record keeps that it was there. */
export function withdrawReading(record: CallRecord, stage: Stage, id: StationId): void {
  const earlier = readingsInHand(record, stage).get(id);
  if (earlier === undefined) return;
  write('readings', { ...earlier, ...entryStamp(record), supersedes: earlier.id, withdrawn: true });
}

/**
 * Puts back a reading that was overwritten or erased: what took its place is withdrawn, and it is written as it was. It was not taken a
 * second time.
 *
 * @throws when the device has no room left
 */
export function restoreReading(
  record: CallRecord,
  stage: Stage,
  { station: id, kind, mm, typed, instrument, setId }: ReadingEntry,
): CallRecord {
  withdrawReading(record, stage, id);
  const restored: ReadingEntry = { ...entryStamp(record), setId, station: id, kind, mm, typed, instrument };
  write('readings', restored);
  return mergeRecord(record, 'readings', restored);
}

/** The record with a walk-round of the stage in it, begun when there is none. */
function withSet(record: CallRecord, stage: Stage): CallRecord {
  const lastWork = stage === 'found' ? '' : (standingWork(record).pop()?.id ?? '');
  if (openSet(record, stage) !== undefined) return record;
  const key = `${record.call.id}.${stage}.${lastWork}`;
  const there = begun.get(key);
  if (there !== undefined) return mergeRecord(record, 'reading-sets', there);
  const set: ReadingSet = { ...entryStamp(record), callId: record.call.id, stage };
  write('reading-sets', set);
  begun.set(key, set);
  return mergeRecord(record, 'reading-sets', set);
}
