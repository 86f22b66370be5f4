import { type CallRecord, mergeRecord, PATHS, type RecordBodies, type RecordKind } from '@proper-swing/contract';
import type { QueryClient } from '@tanstack/react-query';
import { v7 } from 'uuid';
import { putRecord, RefusedError } from './api';
import { outbox, type Outgoing } from './outbox';
import { queryClient } from './queryClient';
import { whenQuiet } from './quietMoment';
import { KEYS } from './keys';
import { rememberCard, startedHere } from './startedHere';

const LONGEST_WAIT_MS = 10_000;

/**
 * Writes a record: kept on this device at once, sent when the server can be reached, sent again until it is confirmed.
 *
 * @throws when the device has no room left
 */
export function write<K extends RecordKind>(kind: K, body: RecordBodies[K]): void {
  const outgoing = outbox.add(kind, body);
  if ('revision' in body) rememberCard(body);
  whenQuiet(() => send(queryClient, outgoing));
}

/** A fresh id and the moment, for a record about to be written. */
export function stamp(): { id: string; writtenAt: string } {
  return { id: v7(), writtenAt: new Date().toISOString() };
}

/** Sends on what an earlier visit left unsent. */
export function resumeWrites(): void {
  for (const outgoing of outbox.waiting()) if (outgoing.refused === undefined) send(queryClient, outgoing);
}

/** One mutation a write, all in one scope: in the order they were made, so that a door is there before its readings. */
function send(client: QueryClient, outgoing: Outgoing): void {
  const { kind, body } = outgoing;
  const mutation = client.getMutationCache().build(client, {
    mutationKey: ['write', kind, body.id],
    scope: { id: 'outbox' },
    mutationFn: () => putRecord(PATHS.record(kind, body.id), body),
    retry: (_failures, error) => !(error instanceof RefusedError),
    retryDelay: (failures) => Math.min(500 * 2 ** failures, LONGEST_WAIT_MS),
    onSuccess: () => {
      absorb(client, outgoing);
      outbox.remove(outgoing);
    },
    onError: (error) => {
      if (error instanceof RefusedError) outbox.refuse(outgoing, error.message);
    },
  });
  // What went wrong is in the outbox by now; nobody waits for this promise.
  mutation.execute(undefined).catch(() => undefined);
}

/** Puts what the server confirmed into the answers kept here, so that nothing flickers until they are fetched again. */
function absorb(client: QueryClient, { kind, body }: Outgoing): void {
  if (kind === 'calls' && client.getQueryData(KEYS.callRecord(body.id)) === undefined) {
    client.setQueryData(KEYS.callRecord(body.id), startedHere(client, outbox.waiting(), body.id));
  }
  client.setQueriesData<CallRecord>({ queryKey: KEYS.anyCallRecord }, (record) => record && mergeRecord(record, kind, body));
  if (kind === 'calls' || kind === 'doors' || kind === 'sites') {
    void client.invalidateQueries({ queryKey: KEYS.anySummaries });
    void client.invalidateQueries({ queryKey: KEYS.sites });
    void client.invalidateQueries({ queryKey: KEYS.anyDoors });
  }
}

/** The next revision of a card, with something changed. */
export function revised<Card extends { revision: number; writtenAt: string }>(card: Card, change: Partial<Card>): Card {
  return { ...card, ...change, revision: card.revision + 1, writtenAt: stamp().writtenAt };
}
