import { type CallRecord, mergeRecord } from '@proper-swing/contract';
import { replaceEqualDeep, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { fetchRecord } from './confirmed';
import { KEYS } from './keys';
import { listedCalls, startedHere } from './startedHere';
import { useLaidOver } from './useOutbox';

export interface CallRecordState {
  record: CallRecord | undefined;
  /** Neither kept here nor to be had now. */
  isMissing: boolean;
  /** What a list has told of and the record does not hold: it looks emptier than the call is. */
  notHere?: NotHere;
}

export interface NotHere {
  readings: number;
  steps: number;
  isFetching: boolean;
}

/** Everything written on a call: what the server has, what is still on its way, or both. */
export function useCallRecord(callId: string): CallRecordState {
  const client = useQueryClient();
  const waiting = useLaidOver();
  const isUnsent = waiting.some(({ kind, body, confirmed }) => kind === 'calls' && body.id === callId && confirmed === undefined);
  const { data, isFetched, fetchStatus } = useQuery({
    queryKey: KEYS.callRecord(callId),
    queryFn: () => fetchRecord(callId),
    // The server cannot know it before it has been sent; a call already there may be fetched again.
    enabled: (query) => !isUnsent || query.state.data !== undefined,
    retry: (failures, error) => failures < 2 && error.name === 'UnreachableError',
  });
  const merged = useMemo(() => {
    const base = data ?? startedHere(client, waiting, callId);
    return base && waiting.reduce((sum, { kind, body }) => mergeRecord(sum, kind, body), base);
  }, [client, data, waiting, callId]);
  const record = useUnchanged(merged);
  const { readingCount: readings = 0, adjustmentCount: steps = 0 } =
    (data === undefined ? listedCalls(client).find(({ call }) => call.id === callId) : undefined) ?? {};
  const notHere = readings + steps > 0 ? { readings, steps, isFetching: fetchStatus === 'fetching' } : undefined;
  return {
    ...(notHere && { notHere }),
    record,
    isMissing: record === undefined && (isFetched || fetchStatus === 'paused'),
  };
}

/** The same object as long as its contents are the same: a confirmed write moves from the outbox to the server's answer, and nothing need be drawn again. */
function useUnchanged<T>(value: T): T {
  const [kept, setKept] = useState(value);
  const same = replaceEqualDeep(kept, value);
  if (same !== kept) setKept(same);
  return same;
}
