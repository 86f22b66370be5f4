import type { DataSource } from 'typeorm';

/** A whole database as SQL text that makes it anew: tables, indices, rows, and only then what would act on the rows as they are put in. */
export async function dumpDatabase(source: DataSource): Promise<string> {
  // What a virtual table keeps is its own affair: it is made anew from the rows it is an index of.
  const typeOf = new Map((await source.query<Listed[]>('PRAGMA table_list')).map(({ name, type }) => [name, type]));
  const objects = (
    await source.query<{ type: string; name: string; sql: string }[]>(
      `SELECT type, name, sql FROM sqlite_master WHERE sql IS NOT NULL AND name NOT LIKE 'sqlite_%' ORDER BY type = 'index', rowid`,
    )
  ).filter(({ name }) => typeOf.get(name) !== 'shadow');
  const rows = await Promise.all(
    objects
      .filter(({ type, name }) => type === 'table' && typeOf.get(name) !== 'virtual')
      .map(async ({ name }) => {
        const found = await source.query<Record<string, SqlValue>[]>(`SELECT * FROM "${name}"`);
        return found.map((row) => {
          const columns = Object.keys(row).map((column) => `"${column}"`);
          return `INSERT INTO "${name}" (${columns.join(', ')}) VALUES (${Object.values(row).map(literal).join(', ')});`;
        });
      }),
  );
  const isLate = ({ type }: { type: string }) => type === 'view' || type === 'trigger';
  const virtual = objects.filter(({ name }) => typeOf.get(name) === 'virtual');
  return [
    ...objects.filter((each) => !isLate(each)).map(({ sql }) => `${sql};`),
    ...rows.flat(),
    ...virtual.map(({ name }) => `INSERT INTO "${name}" ("${name}") VALUES ('rebuild');`),
    ...objects.filter(isLate).map(({ sql }) => `${sql};`),
    '',
  ].join('\n');
}

interface Listed {
  name: string;
  type: 'table' | 'view' | 'shadow' | 'virtual';
}

type SqlValue = string | number | bigint | null;

function literal(value: SqlValue): string {
  if (value === null) return 'NULL';
  return typeof value === 'string' ? `'${value.replaceAll("'", "''")}'` : String(value);
}
