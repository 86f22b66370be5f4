import type { CallRecord, Stage } from '@proper-swing/contract';
import { station, type StationId } from '@proper-swing/core';
import { stamp, write } from '../../data/sendWrites';
import { currentSet, readingsByStation } from '../call/observed';

/** What was read at a station. */
export type Taken = { kind: 'figure'; mm: number; typed: string } | { kind: 'rubs' } | { kind: 'unreachable' };

/** Walk-rounds begun in this visit, so that two quick readings begin only one. */
const begun = new Map<string, string>();

/**
 * Writes a reading into the current walk-round of a stage, beginning one when there is none. A second reading of the same
 * station corrects the first and keeps it.
 *
 * @throws when the device has no room left
 */
export function writeReading(record: CallRecord, stage: Stage, id: StationId, taken: Taken): void {
  const earlier = readingsByStation(record, stage).get(id);
  write('readings', {
    ...stamp(),
    setId: setFor(record, stage),
    station: id,
    kind: taken.kind,
    mm: taken.kind === 'figure' ? taken.mm : null,
    typed: taken.kind === 'figure' ? taken.typed : '',
    instrument: station(id).instrument,
    ...(earlier && { supersedes: earlier.id }),
  });
}

/** Takes a reading back; the record keeps that it was there. */
export function withdrawReading(record: CallRecord, stage: Stage, id: StationId): void {
  const earlier = readingsByStation(record, stage).get(id);
  if (earlier === undefined) return;
  write('readings', { ...earlier, ...stamp(), supersedes: earlier.id, withdrawn: true });
}

function setFor(record: CallRecord, stage: Stage): string {
  const key = `${record.call.id}.${stage}`;
  const there = currentSet(record, stage)?.id ?? begun.get(key);
  if (there !== undefined) return there;
  const set = { ...stamp(), callId: record.call.id, stage };
  write('reading-sets', set);
  begun.set(key, set.id);
  return set.id;
}
