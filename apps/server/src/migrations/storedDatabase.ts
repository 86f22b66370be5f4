import Database from 'better-sqlite3';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { migrationNames } from '.';
import { dataSourceFor } from '../record/openStore';
import { dumpDatabase } from './dumpDatabase';

/** Where the databases of earlier programs are kept as SQL, one for each migration. */
export const STORED = join(import.meta.dirname, 'stored');

export const storedFile = (name: string) => join(STORED, `${name}.sql`);
export const isStored = (name: string) => existsSync(storedFile(name));

/** Makes a database file as it was left by the program of its day. */
export function makeStored(name: string, path: string): void {
  const old = new Database(path);
  old.exec(readFileSync(storedFile(name), 'utf8'));
  old.close();
}

/** The stored database of the migration before, brought to the day of the named one, as SQL. */
export async function databaseOfDay(name: string): Promise<string> {
  const before = migrationNames()
    .filter((each) => each < name && isStored(each))
    .at(-1);
  if (before === undefined) throw new Error(`No database is stored of the time before ${name}.`);
  const folder = mkdtempSync(join(tmpdir(), 'proper-swing-'));
  try {
    const path = join(folder, 'stored.sqlite');
    makeStored(before, path);
    const source = await (await dataSourceFor(path, name)).initialize();
    await source.runMigrations();
    const text = await dumpDatabase(source);
    await source.destroy();
    return text;
  } finally {
    rmSync(folder, { recursive: true });
  }
}
