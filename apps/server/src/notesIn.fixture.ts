import Database from 'better-sqlite3';

/** Ids of the notes in a database file, as another program sees them. */
export function notesIn(file: string): string[] {
  const reader = new Database(file, { readonly: true });
  const ids = reader.prepare('SELECT id FROM note ORDER BY id').pluck().all() as string[];
  reader.close();
  return ids;
}
