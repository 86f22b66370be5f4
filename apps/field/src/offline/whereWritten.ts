import type { CallRecord } from '@proper-swing/contract';
import type { QueryClient } from '@tanstack/react-query';
import { KEYS } from './keys';
import type { Outgoing } from './outbox';
import { startedHere } from './startedHere';

/** Whose door a write is about, as far as this device knows. */
export interface Where {
  callId?: string;
  site?: string;
  door?: string;
  /** When the call is due, an instant. */
  due?: string;
}

/** Of which customer, door and call a write is. */
export function whereWritten(client: QueryClient, laidOver: readonly Outgoing[], { kind, body }: Outgoing): Where {
  const records = client.getQueriesData<CallRecord>({ queryKey: KEYS.anyCallRecord }).flatMap(([, record]) => record ?? []);
  const callId = callIdOf(records, laidOver, kind, body);
  const record =
    callId === undefined
      ? records.find(({ door, site }) => door.id === body.id || site.id === body.id)
      : (records.find(({ call }) => call.id === callId) ?? startedHere(client, laidOver, callId));
  return {
    ...(callId !== undefined && { callId }),
    ...(record && { site: record.site.name, ...(kind !== 'sites' && { door: record.door.title }) }),
    ...(record && callId !== undefined && { due: record.call.scheduledFor }),
    ...('name' in body && { site: body.name }),
    ...('title' in body && { door: body.title }),
  };
}

function callIdOf(
  records: readonly CallRecord[],
  laidOver: readonly Outgoing[],
  kind: Outgoing['kind'],
  body: Outgoing['body'],
): string | undefined {
  if (kind === 'calls') return body.id;
  if ('callId' in body) return body.callId;
  if (!('setId' in body)) return undefined;
  const sets = [
    ...records.flatMap(({ readingSets }) => readingSets),
    ...laidOver.flatMap((each) => ('stage' in each.body ? [each.body] : [])),
  ];
  return sets.flatMap((set) => (set.id === body.setId && 'callId' in set ? [set.callId] : []))[0];
}
