import { RECORD_KINDS, recordKind, type RecordBodies, type RecordKind, type RecordKindEntry } from '@proper-swing/contract';
import type { Field } from '@proper-swing/contract/fields';
import { EntitySchema, type EntitySchemaColumnOptions, type ObjectLiteral } from 'typeorm';

/** How each kind of field is kept in a column. */
function columnOf(field: Field): EntitySchemaColumnOptions {
  const nullable = field.nullable === true || field.optional === true;
  switch (field.is) {
    case 'text':
      return { type: 'text', nullable };
    case 'number':
      return { type: field.whole ? 'integer' : 'real', nullable };
    case 'choice':
      return { type: field.of.every((each) => typeof each === 'number') ? 'real' : 'text', nullable };
    case 'flag':
      // A flag that may be left out is down until it is said.
      return field.optional ? { type: 'boolean', default: false } : { type: 'boolean', nullable };
    case 'list':
    case 'group':
    case 'variant':
      return { type: 'simple-json', nullable };
  }
}

/** In SQL: what the few rows of a kind have that are asked for by themselves. Word for word that of their index, or SQLite does not use it. */
const amongFew = ({ field, notOneOf }: NonNullable<RecordKindEntry['few']>): string =>
  `"${field}" NOT IN (${notOneOf.map((each) => `'${each}'`).join(', ')})`;

const FEW_CALLS = recordKind('calls')?.few;
if (FEW_CALLS === undefined) throw new Error('Calls that are open are no longer told apart.');

/** In SQL: something of a call is left to do. */
export const IS_OPEN = amongFew(FEW_CALLS);

function tableOf({ kind, table, fields, parent, indexed = [], few, filledWith = {} }: RecordKindEntry): EntitySchema<ObjectLiteral> {
  const parentTable = parent && recordKind(parent.kind)?.table;
  const columns = Object.entries(fields).map(([name, field]) => [
    name,
    { ...columnOf(field), ...(name === 'id' && { primary: true }), ...(name in filledWith && { default: filledWith[name] }) },
  ]);
  return new EntitySchema<ObjectLiteral>({
    name: kind,
    tableName: table,
    columns: Object.fromEntries(columns) as Record<string, EntitySchemaColumnOptions>,
    indices: [
      ...(parent && parentTable !== undefined ? [{ name: `${table}_${parentTable}`, columns: [parent.field] }] : []),
      // Few entries correct another: whether one stands is asked of these alone.
      ...('supersedes' in fields ? [{ name: `${table}_supersedes`, columns: ['supersedes'], where: '"supersedes" IS NOT NULL' }] : []),
      ...(few ? [{ name: `${table}_${few.name}`, columns: [few.sortedBy], where: amongFew(few) }] : []),
      ...indexed.map((field) => ({ name: `${table}_${INDEX_NAMES[field] ?? field}`, columns: [field] })),
    ],
    foreignKeys: parent === undefined ? [] : [{ target: parent.kind, columnNames: [parent.field], referencedColumnNames: ['id'] }],
  });
}

/** Indices that were named before they were made from descriptions. */
const INDEX_NAMES: Readonly<Record<string, string>> = { scheduledFor: 'scheduled' };

const TABLES = new Map(RECORD_KINDS.map((entry) => [entry.kind, tableOf(entry)]));

/** The table of a kind of record. */
export function table<K extends RecordKind>(kind: K): EntitySchema<RecordBodies[K] & ObjectLiteral> {
  const found = TABLES.get(kind);
  if (found === undefined) throw new RangeError(`There is no kind of record "${kind}".`);
  return found as EntitySchema<RecordBodies[K] & ObjectLiteral>;
}

/** Every revision of every card as it was written, so that a correction loses nothing. */
export interface CardRevision {
  kind: string;
  id: string;
  revision: number;
  body: unknown;
}

export const CARD_REVISION = new EntitySchema<CardRevision>({
  name: 'card_revision',
  tableName: 'card_revision',
  columns: {
    kind: { type: 'text', primary: true },
    id: { type: 'text', primary: true },
    revision: { type: 'integer', primary: true },
    body: { type: 'simple-json' },
  },
});

export const ALL_TABLES = [...TABLES.values(), CARD_REVISION];
