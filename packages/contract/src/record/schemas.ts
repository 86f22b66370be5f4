import type { Schema } from 'yup';
import { schemaOf } from '../fields/schema';
import { RECORD_KINDS, type RecordBodies, type RecordKind } from './register';

const SCHEMAS = new Map(RECORD_KINDS.map(({ kind, fields, faults }) => [kind, schemaOf(fields, faults)]));

/** The check of a kind of record. */
export function recordSchema<K extends RecordKind>(kind: K): Schema<RecordBodies[K]> {
  const schema = SCHEMAS.get(kind);
  if (schema === undefined) throw new RangeError(`There is no kind of record "${kind}".`);
  return schema as unknown as Schema<RecordBodies[K]>;
}
