import type { DataSource } from 'typeorm';

/** A whole database as SQL text that makes it anew: tables, indices, rows. */
export async function dumpDatabase(source: DataSource): Promise<string> {
  const objects = await source.query<{ type: string; name: string; sql: string }[]>(
    `SELECT type, name, sql FROM sqlite_master WHERE sql IS NOT NULL AND name NOT LIKE 'sqlite_%' ORDER BY type = 'index', rowid`,
  );
  const rows = await Promise.all(
    objects
      .filter(({ type }) => type === 'table')
      .map(async ({ name }) => {
        const found = await source.query<Record<string, SqlValue>[]>(`SELECT * FROM "${name}"`);
        return found.map((row) => {
          const columns = Object.keys(row).map((column) => `"${column}"`);
          return `INSERT INTO "${name}" (${columns.join(', ')}) VALUES (${Object.values(row).map(literal).join(', ')});`;
        });
      }),
  );
  return [...objects.map(({ sql }) => `${sql};`), ...rows.flat(), ''].join('\n');
}

type SqlValue = string | number | bigint | null;

function literal(value: SqlValue): string {
  if (value === null) return 'NULL';
  return typeof value === 'string' ? `'${value.replaceAll("'", "''")}'` : String(value);
}
