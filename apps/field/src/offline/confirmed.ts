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
 * Fetches the record of a call. An answer that was on its way while a write was confirmed may be from before it: what has been confirmed
 * since it was asked for is put into it.
 */
export async function fetchRecord(callId: string, fetchTold: typeof callApi<CallRecord> = callApi): Promise<CallRecord> {
  const from = forgotten + confirmed.length;
  const told = await fetchTold(PATHS.callRecord(callId));
  return confirmed.slice(Math.max(0, from - forgotten)).reduce((record, { kind, body }) => mergeRecord(record, kind, body), told);
}
