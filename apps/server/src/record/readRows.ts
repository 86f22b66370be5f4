import { recordKind, type RecordBodies, type RecordKind } from '@proper-swing/contract';
import type { Field } from '@proper-swing/contract/fields';
import type { EntityManager } from 'typeorm';

type Column = string | number | null;

interface Reader {
  select: string;
  record: (row: Record<string, Column>) => unknown;
}

const READERS = new Map<RecordKind, Reader>();

/** In SQL: one of the ids of a list given as JSON, so that the statement is the same however many there are. */
export const ONE_OF = 'IN (SELECT value FROM json_each(?))';

export const idList = (ids: readonly string[]): string => JSON.stringify(ids);

/** Something that is to hold of a row, with a question mark for its values. */
export interface Condition {
  holds: string;
  values: readonly (string | number)[];
}

/** The `WHERE` of rows of which all of these hold, and its values; of every row where there are none. */
export function whereAll(conditions: readonly Condition[]): { where: string; values: (string | number)[] } {
  const where = conditions.length === 0 ? '' : `WHERE ${conditions.map(({ holds }) => holds).join(' AND ')}`;
  return { where, values: conditions.flatMap(({ values }) => values) };
}

/**
 * Reads records of a kind. The SQL is written out rather than built by TypeORM's finders, which takes longer each time than SQLite does to answer.
 *
 * @param rest what follows `SELECT … FROM` the kind's table: `WHERE`, `ORDER BY`, `LIMIT`, with a question mark for each value
 */
export async function readRows<K extends RecordKind>(
  manager: EntityManager,
  kind: K,
  rest: string,
  values: readonly (string | number)[],
): Promise<RecordBodies[K][]> {
  const { select, record } = readerOf(kind);
  const rows = await manager.query<Record<string, Column>[]>(`${select} ${rest}`, [...values]);
  return rows.map((row) => record(row) as RecordBodies[K]);
}

/** The record of a kind with an id. */
export async function readRow<K extends RecordKind>(manager: EntityManager, kind: K, id: string): Promise<RecordBodies[K] | undefined> {
  const [found] = await readRows(manager, kind, 'WHERE "id" = ?', [id]);
  return found;
}

/** The records of a kind with one of these ids, by their id. */
export async function rowsById<K extends RecordKind>(
  manager: EntityManager,
  kind: K,
  ids: readonly string[],
): Promise<Map<string, RecordBodies[K]>> {
  const found = await readRows(manager, kind, `WHERE "id" ${ONE_OF}`, [idList([...new Set(ids)])]);
  return new Map(found.map((record) => [record.id, record]));
}

function readerOf(kind: RecordKind): Reader {
  const known = READERS.get(kind) ?? makeReader(kind);
  READERS.set(kind, known);
  return known;
}

function makeReader(kind: RecordKind): Reader {
  const entry = recordKind(kind);
  if (entry === undefined) throw new RangeError(`There is no kind of record "${kind}".`);
  const fields = Object.entries<Field>(entry.fields).map(([name, field]) => ({ name, value: VALUES[field.is] }));
  return {
    select: `SELECT ${fields.map(({ name }) => `"${name}"`).join(', ')} FROM "${entry.table}"`,
    record: (row) => {
      const made: Record<string, unknown> = {};
      for (const { name, value } of fields) made[name] = value(row[name] ?? null);
      return made;
    },
  };
}

const asItIs = (column: Column) => column;
const fromJson = (column: Column): unknown => (column === null ? null : JSON.parse(String(column)));

/** How what is in a column is read, by what its field is: the other way round of `tables`. */
const VALUES: Readonly<Record<Field['is'], (column: Column) => unknown>> = {
  text: asItIs,
  number: asItIs,
  choice: asItIs,
  flag: (column) => (column === null ? null : column === 1),
  list: fromJson,
  group: fromJson,
  variant: fromJson,
};
