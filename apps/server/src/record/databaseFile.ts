import Database from 'better-sqlite3';
import { chmodSync, closeSync, existsSync, mkdirSync, openSync, readSync, statSync } from 'node:fs';
import { basename, dirname } from 'node:path';
import { allMigrations } from '../migrations';
import { databaseProblem } from './databaseProblem';

/** Why a database is not served or read, in a sentence that names what helps. */
export class DatabaseFault extends Error {}

const SQLITE_HEADER = 'SQLite format 3\0';
const OWNER_ONLY = 0o600;

const RESTORE = 'Restore a backup: npm run restore -- FILE.';
const DAMAGED = (file: string) => `${file} is damaged or no database of this program. Nothing was changed. ${RESTORE}`;

/**
 * Looks at a database before it is opened: nothing is made in place of one that is broken.
 *
 * @throws DatabaseFault when it is emptied, damaged, of a newer program or cannot be read
 */
export async function checkDatabase(file: string): Promise<void> {
  if (!existsSync(file)) return;
  if (statSync(file).size === 0) throw new DatabaseFault(`${file} is empty: its contents are gone. ${RESTORE}`);
  if (headerOf(file) !== SQLITE_HEADER) throw new DatabaseFault(DAMAGED(file));
  const known = new Set((await allMigrations()).map((migration) => new migration().name ?? migration.name));
  const { isWhole, newer } = told(file, (db) => ({
    isWhole: db.pragma('quick_check', { simple: true }) === 'ok',
    newer: migrationsIn(db).filter((name) => !known.has(name)),
  }));
  if (!isWhole) throw new DatabaseFault(DAMAGED(file));
  if (newer.length > 0)
    throw new DatabaseFault(
      `${file} was written by a newer program than this one. Nothing was changed. Update the program, then start it.`,
    );
}

function headerOf(file: string): string {
  const handle = openSync(file, 'r');
  try {
    const header = Buffer.alloc(SQLITE_HEADER.length);
    readSync(handle, header);
    return header.toString('latin1');
  } finally {
    closeSync(handle);
  }
}

/** Asks a database something. @throws DatabaseFault when it cannot be asked */
function told<T>(file: string, ask: (db: Database.Database) => T): T {
  let db: Database.Database | undefined;
  try {
    db = new Database(file, { fileMustExist: true, timeout: 5000 });
    return ask(db);
  } catch (error) {
    throw faultOf(error, file);
  } finally {
    db?.close();
  }
}

function migrationsIn(db: Database.Database): string[] {
  const has = db.prepare(`SELECT 1 FROM sqlite_master WHERE name = 'migrations'`).get();
  return has === undefined ? [] : (db.prepare('SELECT name FROM migrations').pluck().all() as string[]);
}

/** What stopped a database from being opened, in words. */
export function faultOf(error: unknown, file: string): unknown {
  if (error instanceof DatabaseFault) return error;
  const { code = '' } = error as { code?: string };
  if (/CORRUPT|NOTADB/.test(code)) return new DatabaseFault(DAMAGED(file));
  if (/READONLY|PERM|CANTOPEN|EACCES|EROFS|ENOTDIR/.test(code))
    return new DatabaseFault(`${file} may not be written. Let this program write it and its folder: chmod u+w ${dirname(file)} ${file}.`);
  const known = databaseProblem(error);
  return known === undefined ? error : new DatabaseFault(`${file}: ${known.detail}`);
}

/** What this process holds: let out of sight, a lock would be let go with it. */
const held = new Set<Database.Database>();

/**
 * Holds a database for one process, until that ends however it ends.
 *
 * @returns what lets it go
 * @throws DatabaseFault when another process holds it
 */
export function holdDatabase(file: string): () => void {
  mkdirSync(dirname(file), { recursive: true });
  const lock = new Database(`${file}.lock`, { timeout: 0 });
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch {
    lock.close();
    throw new DatabaseFault(`${file} is served by another process already. Stop that one first, or name another: DATABASE=FILE npm start.`);
  }
  held.add(lock);
  return () => {
    held.delete(lock);
    lock.close();
  };
}

/** Nobody but the owner reads a record of customers. */
export function keepPrivate(file: string): void {
  for (const each of [file, `${file}-wal`, `${file}-shm`]) if (existsSync(each)) chmodSync(each, OWNER_ONLY);
}

/** `proper-swing` of `data/proper-swing.sqlite`. */
export const nameOf = (file: string): string => basename(file).replace(/\.[^.]*$/, '');
