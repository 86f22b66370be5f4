import type { CallRecord } from './answers';
import { recordKind, type RecordBodies, type RecordKind } from './register';

/**
 * A call's record with one more write in it; the same object when the write is about another call or is in it already.
 */
export function mergeRecord<K extends RecordKind>(record: CallRecord, kind: K, body: RecordBodies[K]): CallRecord {
  const entry = recordKind(kind);
  if (entry?.inCall === undefined) return record;
  return entry.manner === 'card' ? withCard(record, entry.inCall, body) : withEntry(record, entry.inCall, body);
}

type Revised = { id: string; revision: number };

function withCard(record: CallRecord, name: string, body: { id: string }): CallRecord {
  const there = (record as unknown as Record<string, Revised | undefined>)[name];
  const card = body as Revised;
  return there?.id === card.id && card.revision > there.revision ? { ...record, [name]: card } : record;
}

function withEntry(record: CallRecord, name: string, body: { id: string }): CallRecord {
  const list = (record as unknown as Record<string, readonly { id: string }[] | undefined>)[name] ?? [];
  if (!belongs(record, body) || list.some(({ id }) => id === body.id)) return record;
  return { ...record, [name]: [...list, body] };
}

function belongs(record: CallRecord, body: object): boolean {
  if ('callId' in body) return body.callId === record.call.id;
  return 'setId' in body && record.readingSets.some(({ id }) => id === body.setId);
}
