import {
  emptyLists,
  mergeRecord,
  type CallRecord,
  type CallSummary,
  type DoorHistory,
  type RecordBodies,
  type RecordKind,
} from '@proper-swing/contract';
import type { Outgoing } from './outbox';

/** The waiting writes of one kind, in the order they were made. */
export function waitingOf<K extends RecordKind>(waiting: readonly Outgoing[], kind: K): RecordBodies[K][] {
  return waiting.flatMap((each) => (each.kind === kind ? [each.body as RecordBodies[K]] : []));
}

/** A list with what waits in it: what waits takes the place of what is there under its id. */
export function withWaiting<T extends { id: string }>(kept: readonly T[], waiting: readonly T[]): T[] {
  return [...kept.filter(({ id }) => !waiting.some((each) => each.id === id)), ...waiting];
}

/** The calls of a day with those that wait, and the revisions of those that are there. */
export function summariesWith(told: readonly CallSummary[], waiting: readonly Outgoing[]): CallSummary[] {
  const doors = [...told.map(({ door }) => door), ...waitingOf(waiting, 'doors')];
  const sites = [...told.map(({ site }) => site), ...waitingOf(waiting, 'sites')];
  return waitingOf(waiting, 'calls').reduce<CallSummary[]>(
    (list, call) => {
      const there = list.find((summary) => summary.call.id === call.id);
      if (there) return list.map((summary) => (summary === there && call.revision > there.call.revision ? { ...there, call } : summary));
      const door = doors.find(({ id }) => id === call.doorId);
      const site = sites.find(({ id }) => id === door?.siteId);
      return door && site ? [...list, { call, door, site, readingCount: 0, adjustmentCount: 0 }] : list;
    },
    [...told],
  );
}

/** The history of a door with what waits on it: its card, calls begun here, and what was written on any of them. */
export function historyWith(told: DoorHistory, waiting: readonly Outgoing[]): DoorHistory {
  const door = waitingOf(waiting, 'doors').reduce(
    (card, each) => (each.id === card.id && each.revision > card.revision ? each : card),
    told.door,
  );
  const begun = waitingOf(waiting, 'calls')
    .filter((call) => call.doorId === door.id && call.revision === 1 && !told.calls.some((each) => each.call.id === call.id))
    .map((call): CallRecord => ({ call, door, site: told.site, ...emptyLists() }));
  const calls = [...begun, ...told.calls]
    .map((record) => waiting.reduce((sum, { kind, body }) => mergeRecord(sum, kind, body), record))
    .sort((a, b) => b.call.scheduledFor.localeCompare(a.call.scheduledFor));
  return { ...told, door, calls };
}
