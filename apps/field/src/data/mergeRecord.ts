import type { CallRecord, RecordBodies, RecordKind } from '@proper-swing/contract';

type Lists = Pick<CallRecord, 'readingSets' | 'readings' | 'findings' | 'adjustments' | 'notes' | 'worksheets'>;

const LIST_OF: Partial<Record<RecordKind, keyof Lists>> = {
  'reading-sets': 'readingSets',
  readings: 'readings',
  findings: 'findings',
  adjustments: 'adjustments',
  notes: 'notes',
  worksheets: 'worksheets',
};

/**
 * A call's record with one more write in it; the same object when the write is about another call or is in it already.
 */
export function mergeRecord<K extends RecordKind>(record: CallRecord, kind: K, body: RecordBodies[K]): CallRecord {
  if (kind === 'calls') return mergeCard(record, 'call', body as RecordBodies['calls']);
  if (kind === 'doors') return mergeCard(record, 'door', body as RecordBodies['doors']);
  if (kind === 'sites') return mergeCard(record, 'site', body as RecordBodies['sites']);
  const name = LIST_OF[kind];
  if (name === undefined || !belongs(record, body)) return record;
  const list: readonly { id: string }[] = record[name];
  if (list.some(({ id }) => id === body.id)) return record;
  return { ...record, [name]: [...list, body] };
}

function belongs(record: CallRecord, body: object): boolean {
  if ('callId' in body) return body.callId === record.call.id;
  return 'setId' in body && record.readingSets.some(({ id }) => id === body.setId);
}

function mergeCard<N extends 'call' | 'door' | 'site'>(record: CallRecord, name: N, card: CallRecord[N]): CallRecord {
  const there = record[name];
  return there.id === card.id && card.revision > there.revision ? { ...record, [name]: card } : record;
}
