import { mergeRecord, PATHS, type CallRecord } from '@proper-swing/contract';
import { callApi } from './api';
import type { Outgoing } from './outbox';

/** The last writes that the server confirmed, oldest first, and how many there were before them. */
let confirmed: readonly Pick<Outgoing, 'kind' | 'body'>[] = [];
let forgotten = 0;
const MOST_KEPT = 500;

export function noteConfirmed({ kind, body }: Outgoing): void {
  const next = [...confirmed, { kind, body }];
  forgotten += Math.max(0, next.length - MOST_KEPT);
  confirmed = next.slice(-MOST_KEPT);
}

/**
 * Asks for records. An answer that was on its way while a write was confirmed may be from before it: what has been confirmed since it was
 * asked for is to be put into each.
 */
export async function askedWhileWriting<T>(ask: () => Promise<T>): Promise<{ told: T; broughtUp: (record: CallRecord) => CallRecord }> {
  const from = forgotten + confirmed.length;
  const told = await ask();
  const since = confirmed.slice(Math.max(0, from - forgotten));
  return { told, broughtUp: (record) => since.reduce((sum, { kind, body }) => mergeRecord(sum, kind, body), record) };
}

/** Fetches the record of a call. */
export async function fetchRecord(callId: string, fetchTold: typeof callApi<CallRecord> = callApi): Promise<CallRecord> {
  const { told, broughtUp } = await askedWhileWriting(() => fetchTold(PATHS.callRecord(callId)));
  return broughtUp(told);
}
