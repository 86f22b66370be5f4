import { recordKind, type RecordBodies, type RecordKind } from '@proper-swing/contract';
import Database from 'better-sqlite3';
import { v7 } from 'uuid';
import { exampleRecords } from '../../src/exampleRecords';
import { openStore } from '../../src/record/openStore';
import { atRest } from '../../src/record/recordStore';

const MINUTE_MS = 60_000;
/** A call every so often, from the first day on. */
const CALL_EVERY_MS = 20 * MINUTE_MS;
const FIRST_DAY = Date.parse('2026-01-05T00:00:00.000Z');
/** So many calls are of one door, and so many doors of one site. */
const CALLS_OF_A_DOOR = 5;
const DOORS_OF_A_SITE = 4;
const READINGS_OF_A_CALL = 6;
/** The last so many are still to be done. */
const STILL_OPEN = 60;

export interface Book {
  callIds: string[];
  doorIds: string[];
  /** When the last call is due. */
  lastDue: string;
}

/** Fills a database with years of calls, each with a walk-round and a piece of work, past the server, as it keeps them. */
export async function fillBook(file: string, calls: number): Promise<Book> {
  await (await openStore(file)).destroy();
  const db = new Database(file);
  db.pragma('journal_mode = WAL');
  const insert = inserting(db);
  const book: Book = { callIds: [], doorIds: [], lastDue: '' };
  db.transaction(() => {
    let { site, door } = exampleRecords();
    for (let n = 0; n < calls; n += 1) {
      const { call, set, reading, adjustment, ...fresh } = exampleRecords();
      if (n % (CALLS_OF_A_DOOR * DOORS_OF_A_SITE) === 0) insert('sites', (site = { ...fresh.site, name: siteName(n) }));
      if (n % CALLS_OF_A_DOOR === 0) {
        door = { ...fresh.door, siteId: site.id };
        insert('doors', door);
        book.doorIds.push(door.id);
      }
      const scheduledFor = new Date(FIRST_DAY + n * CALL_EVERY_MS).toISOString();
      insert('calls', { ...call, doorId: door.id, scheduledFor, state: n < calls - STILL_OPEN ? 'done' : 'open' });
      insert('reading-sets', set);
      for (let i = 0; i < READINGS_OF_A_CALL; i += 1) insert('readings', { ...reading, id: v7() });
      insert('adjustments', adjustment);
      book.callIds.push(call.id);
      book.lastDue = scheduledFor;
    }
  })();
  db.close();
  return book;
}

const FIRST = ['Weir', 'Kiln', 'Orchard', 'Tannery', 'Quarry', 'Ferry', 'Granary', 'Beacon', 'Hopfield', 'Larch', 'Millrace'];
const LAST = ['House', 'Cottage', 'School', 'Court', 'Rooms', 'Villa', 'Lodge'];

/** Some are called alike, as in any book. */
const siteName = (n: number) => `${FIRST[n % FIRST.length] ?? ''} ${LAST[Math.floor(n / 20) % LAST.length] ?? ''} ${Math.floor(n / 400)}`;

/** Writes records into the columns they are kept in. */
function inserting(db: Database.Database) {
  const statements = new Map<string, { columns: string[]; run: (values: unknown[]) => void }>();
  return <K extends RecordKind>(kind: K, body: RecordBodies[K]) => {
    const entry = recordKind(kind);
    if (entry === undefined) throw new RangeError(kind);
    const row = atRest(entry, body) as unknown as Record<string, unknown>;
    let statement = statements.get(kind);
    if (statement === undefined) {
      const columns = Object.keys(row);
      const names = columns.map((name) => `"${name}"`).join(', ');
      const prepared = db.prepare(`INSERT INTO "${entry.table}" (${names}) VALUES (${columns.map(() => '?').join(', ')})`);
      statement = { columns, run: (values) => prepared.run(values) };
      statements.set(kind, statement);
    }
    statement.run(statement.columns.map((name) => inColumn(row[name])));
  };
}

function inColumn(value: unknown): unknown {
  if (typeof value === 'boolean') return value ? 1 : 0;
  return typeof value === 'object' && value !== null ? JSON.stringify(value) : value;
}
