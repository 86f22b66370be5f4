import { pathOf, recordRoutes, ROUTES } from '@proper-swing/contract';
import Database from 'better-sqlite3';
import { asker } from '../asker';
import { quantile } from './cpuOf';
import type { Book } from './fillBook';

/** What is read, over the API and by one statement of plain SQLite that finds the same rows. */
interface Compared {
  says: string;
  path: string;
  sql: string;
  values: unknown[];
}

export interface ReadFigures {
  says: string;
  rows: number;
  apiMs: number;
  sqlMs: number;
}

const TIMES = 41;
/** All are asked so often before anything is measured: a server that has run for a while, not one whose code is yet to be compiled. */
const WARM_UP = 150;

/** Today's list in one statement: cards, and what stands on each call counted. */
const DAY = `
  SELECT c.*, d.*, s.*,
    (SELECT COUNT(*) FROM reading r JOIN reading_set t ON t.id = r."setId" WHERE t."callId" = c.id AND r.withdrawn = 0
      AND NOT EXISTS (SELECT 1 FROM reading l WHERE l."setId" = r."setId" AND l.supersedes = r.id)) AS readingCount,
    (SELECT COUNT(*) FROM adjustment a WHERE a."callId" = c.id AND a.withdrawn = 0
      AND NOT EXISTS (SELECT 1 FROM adjustment l WHERE l."callId" = a."callId" AND l.supersedes = a.id)) AS adjustmentCount
  FROM call c JOIN door d ON d.id = c."doorId" JOIN site s ON s.id = d."siteId"
  WHERE c."scheduledFor" >= ? AND c."scheduledFor" < ? ORDER BY c."scheduledFor", c.id LIMIT 200`;

const CALL = `
  SELECT c.*, d.*, s.* FROM call c JOIN door d ON d.id = c."doorId" JOIN site s ON s.id = d."siteId" WHERE c.id = ?`;

const READINGS = `SELECT r.* FROM reading r JOIN reading_set t ON t.id = r."setId" WHERE t."callId" = ?`;

const WORKED_ON = `
  SELECT r.* FROM reading r JOIN reading_set t ON t.id = r."setId" JOIN call c ON c.id = t."callId"
  WHERE c."doorId" IN (SELECT "doorId" FROM call WHERE "scheduledFor" >= ? OR "state" = 'open')`;

const FOUND = `
  SELECT d.* FROM search_words w JOIN search_doc d ON d.n = w.rowid WHERE search_words MATCH ? ORDER BY w.rowid DESC LIMIT 80`;

const DOORS = `
  SELECT d.*, s.*, COUNT(c.id), MAX(c."scheduledFor") AS last FROM door d JOIN site s ON s.id = d."siteId" LEFT JOIN call c ON c."doorId" = d.id
  GROUP BY d.id ORDER BY last DESC LIMIT 200`;

/** The reads of the app, in the middle of the book. */
function reads({ callIds, doorIds, lastDue }: Book): Compared[] {
  const call = callIds[Math.floor(callIds.length / 2)] ?? '';
  const door = doorIds[Math.floor(doorIds.length / 2)] ?? '';
  const [from, to, end] = ['2026-01-10T00:00:00.000Z', '2026-01-11T00:00:00.000Z', '2026-01-13T00:00:00.000Z'];
  const summaries = pathOf(ROUTES.callSummaries);
  return [
    { says: 'a day’s list', path: `${summaries}?from=${from}&to=${to}&limit=200`, sql: DAY, values: [from, to] },
    { says: '200 calls', path: `${summaries}?from=${from}&to=${end}&limit=200`, sql: DAY, values: [from, end] },
    { says: 'every call, 1st page', path: `${summaries}?limit=200`, sql: DAY, values: ['2000', '3000'] },
    { says: 'a call’s record', path: pathOf(ROUTES.callRecord, { id: call }), sql: `${CALL};${READINGS}`, values: [call] },
    {
      ...{ says: 'a door’s history', path: pathOf(ROUTES.doorHistory, { id: door }), values: [door] },
      sql: `SELECT r.* FROM reading r JOIN reading_set t ON t.id = r."setId" JOIN call c ON c.id = t."callId" WHERE c."doorId" = ?`,
    },
    {
      ...{
        says: 'what the day needs',
        path: `${pathOf(ROUTES.workingSet)}?from=${lastDue}&to=9999-01-01T00:00:00.000Z`,
        values: [lastDue],
      },
      sql: WORKED_ON,
    },
    ...['k', 'gran', 'kiln hou 12'].map((q) => ({
      ...{ says: `search for ${q}`, path: `${pathOf(ROUTES.search)}?q=${encodeURIComponent(q)}`, sql: FOUND },
      values: [
        q
          .split(' ')
          .map((word) => `"${word}" *`)
          .join(' AND '),
      ],
    })),
    { says: 'doors, last call first', path: `${pathOf(ROUTES.doorSummaries)}?sort=-last&limit=200`, sql: DOORS, values: [] },
    { says: 'a card', path: pathOf(recordRoutes('calls').read, { id: call }), sql: 'SELECT * FROM call WHERE id = ?', values: [call] },
    ...(['sites', 'doors', 'calls', 'readings'] as const).map((kind) => ({
      ...{ says: `200 ${kind}`, path: `${pathOf(recordRoutes(kind).list)}?limit=200`, values: [] },
      sql: `SELECT * FROM "${kind.slice(0, -1)}" ORDER BY id LIMIT 200`,
    })),
  ];
}

/** Each read over the API beside plain SQLite on the same file: medians. */
export async function againstSql(url: string, file: string, book: Book): Promise<ReadFigures[]> {
  const { ask, close } = asker(url);
  const db = new Database(file, { readonly: true });
  const figures: ReadFigures[] = [];
  const asked = reads(book);
  for (let n = 0; n < WARM_UP; n += 1) for (const { path } of asked) await ask({ method: 'get', path });
  for (const { says, path, sql, values } of asked) {
    const statements = sql.split(';').map((each) => db.prepare(each));
    const api: number[] = [];
    const plain: number[] = [];
    let rows = 0;
    for (let n = 0; n < TIMES; n += 1) {
      const { status, millis, text } = await ask({ method: 'get', path });
      if (status !== 200) throw new Error(`${path}: ${status} ${text}`);
      api.push(millis);
      const begun = performance.now();
      rows = statements.reduce((sum, statement) => sum + statement.all(...values).length, 0);
      plain.push(performance.now() - begun);
    }
    figures.push({ says, rows, apiMs: quantile(api, 0.5), sqlMs: quantile(plain, 0.5) });
  }
  db.close();
  close();
  return figures;
}
