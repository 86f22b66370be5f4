import Database from 'better-sqlite3';
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { checkDatabase, DatabaseFault, holdDatabase, keepPrivate, nameOf } from './databaseFile';

/** So many backups are kept, the newest. */
const KEPT = 14;

/** `20261129T164210Z` */
const stampOf = (now: Date) => now.toISOString().replace(/[-:]|\.\d+/g, '');

/**
 * Copies a database as it is at one moment, while it is being written to, and looks whether the copy is whole. A plain copy of the file
 * would lack what still stands in its write-ahead log.
 *
 * @returns the backup's file
 * @throws DatabaseFault when there is nothing to copy, or the copy is not whole
 */
export async function backUp(file: string, folder: string, now = new Date()): Promise<string> {
  if (!existsSync(file)) throw new DatabaseFault(`There is no database ${file}.`);
  mkdirSync(folder, { recursive: true });
  const name = `${nameOf(file)}-${stampOf(now)}.sqlite`;
  const begun = join(folder, `${name}.part`);
  await copyTo(file, begun);
  await checkDatabase(begun);
  const made = join(folder, name);
  renameSync(begun, made);
  keepPrivate(made);
  for (const old of backupsIn(file, folder).slice(0, -KEPT)) rmSync(join(folder, old));
  return made;
}

/** Names of the backups of a database, oldest first. */
export const backupsIn = (file: string, folder: string): string[] =>
  readdirSync(folder)
    .filter((name) => name.startsWith(`${nameOf(file)}-`) && name.endsWith('.sqlite'))
    .sort();

/**
 * Puts a backup in the place of a database that nobody serves; what was there is kept beside it.
 *
 * @returns where what was there is kept; nothing where there was none
 * @throws DatabaseFault when the database is served, or the backup is not whole
 */
export async function restore(backup: string, file: string, now = new Date()): Promise<string | undefined> {
  if (!existsSync(backup)) throw new DatabaseFault(`There is no backup ${backup}.`);
  await checkDatabase(backup);
  const letGo = holdDatabase(file);
  try {
    const begun = `${file}.restoring`;
    rmSync(begun, { force: true });
    await copyTo(backup, begun);
    const kept = existsSync(file) ? `${file}.before-${stampOf(now)}` : undefined;
    for (const end of ['', '-wal', '-shm']) if (kept !== undefined && existsSync(file + end)) renameSync(file + end, kept + end);
    renameSync(begun, file);
    keepPrivate(file);
    return kept;
  } finally {
    letGo();
  }
}

async function copyTo(from: string, to: string): Promise<void> {
  const db = new Database(from, { fileMustExist: true, timeout: 5000 });
  try {
    await db.backup(to);
  } finally {
    db.close();
  }
}
