import { RECORD_KINDS, type RecordKind } from '@proper-swing/contract';
import { check, recordSchema } from '@proper-swing/contract/schemas';
import Database from 'better-sqlite3';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { memoryStorage } from './memoryStorage.fixture';
import { openOutbox } from './outbox';

/** A database of each day on which the form of a record changed: what a device of that day may still have waiting. */
const STORED = join(__dirname, '../../../server/src/migrations/stored');

type Row = Record<string, string | number | null>;

/** The form of a write before doors had a kind; later ones say theirs themselves. */
const FIRST_FORM = undefined;
const SINCE_DOOR_KINDS = '1795700000000';

/** What was written that day, as the device sent it: without what was left out. */
function writtenOn(file: string): { kind: RecordKind; body: Record<string, unknown> }[] {
  const database = new Database(':memory:');
  database.exec(readFileSync(join(STORED, file), 'utf8'));
  const tables = new Set(
    (database.prepare(`SELECT name FROM sqlite_master WHERE type = 'table'`).all() as { name: string }[]).map(({ name }) => name),
  );
  const cards = (database.prepare('SELECT kind, body FROM card_revision').all() as { kind: RecordKind; body: string }[]).map(
    ({ kind, body }) => ({
      kind,
      body: JSON.parse(body) as Record<string, unknown>,
    }),
  );
  const entries = RECORD_KINDS.filter(({ manner, table }) => manner === 'entry' && tables.has(table)).flatMap(({ kind, table, fields }) =>
    (database.prepare(`SELECT * FROM "${table}"`).all() as Row[]).map((row) => ({
      kind,
      body: Object.fromEntries(
        Object.entries(row).flatMap(([name, value]) => {
          const { is, optional } = (fields as Record<string, { is: string; optional?: boolean }>)[name] ?? { is: 'text' };
          if (optional === true && (value === null || value === 0)) return [];
          if (is === 'flag') return [[name, value === 1]];
          return [[name, (is === 'list' || is === 'group') && value !== null ? JSON.parse(String(value)) : value]];
        }),
      ),
    })),
  );
  database.close();
  return [...cards, ...entries];
}

const files = readdirSync(STORED).filter((file) => file.endsWith('.sql'));

it.each(files)('what a device of %s has waiting is taken today', (file) => {
  const version = file < SINCE_DOOR_KINDS ? FIRST_FORM : 2;
  const storage = memoryStorage();
  const written = writtenOn(file);
  expect(written.length).toBeGreaterThan(8);
  written.forEach(({ kind, body }, i) =>
    storage.set(`swing.outbox.${String(i + 1).padStart(12, '0')}.x`, JSON.stringify({ sequence: i + 1, kind, body, version })),
  );
  const refused = openOutbox(storage)
    .waiting()
    .flatMap(({ kind, body }) => {
      const checked = check(recordSchema(kind), body);
      return checked.ok ? [] : [{ kind, errors: checked.errors }];
    });
  expect(refused).toEqual([]);
  expect(openOutbox(storage).waiting()).toHaveLength(written.length);
});

it('there is a stored day for every change of form so far', () => expect(files.length).toBeGreaterThan(9));
