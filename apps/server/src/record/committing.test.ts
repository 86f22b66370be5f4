import Database from 'better-sqlite3';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { DataSource } from 'typeorm';
import { committing } from './committing';
import { openStore } from './openStore';

const folder = mkdtempSync(join(tmpdir(), 'swing-commit-'));
const file = join(folder, 'record.sqlite');
let store: DataSource;
let other: Database.Database;

beforeAll(async () => {
  store = await openStore(file);
  other = new Database(file);
});
afterAll(async () => {
  other.close();
  await store.destroy();
  rmSync(folder, { recursive: true });
});

const marks = () => other.prepare(`SELECT name FROM migrations WHERE name LIKE 'mark%'`).pluck().all();
const mark = (name: string) => (manager: { query: (sql: string) => Promise<unknown> }) =>
  manager.query(`INSERT INTO migrations (timestamp, name) VALUES (1, '${name}')`);

describe('a write while another process writes', () => {
  it('waits without holding anything up, and is done when the other is', async () => {
    other.exec('BEGIN IMMEDIATE');
    const { run } = committing(store);
    const written = run(mark('mark one'));
    expect(await store.query('SELECT 1 AS n')).toEqual([{ n: 1 }]);
    other.exec('COMMIT');
    await written;
    expect(marks()).toEqual(['mark one']);
  });

  it('is busy after so long, and that is no fault that stays', async () => {
    other.exec('BEGIN IMMEDIATE');
    const { run, fault } = committing(store, 100);
    await expect(run(mark('mark two'))).rejects.toMatchObject({ status: 503, title: 'Busy' });
    other.exec('COMMIT');
    expect(await fault()).toBeUndefined();
    await run(mark('mark three'));
    expect(marks()).toEqual(['mark one', 'mark three']);
  });
});

it('what goes wrong in the work takes the work back, and the next write is a write', async () => {
  const { run } = committing(store);
  const fails = run(async (manager) => {
    await mark('mark four')(manager);
    throw new Error('no');
  });
  await expect(fails).rejects.toThrow('no');
  await run(mark('mark five'));
  expect(marks()).toEqual(['mark one', 'mark three', 'mark five']);
});

it('a transaction that was ended under the work is not told as done', async () => {
  const { run } = committing(store);
  const lost = run(async (manager) => {
    await mark('mark six')(manager);
    await manager.query('ROLLBACK');
  });
  await expect(lost).rejects.toThrow(/cannot commit/);
  await run(mark('mark seven'));
  expect(marks()).toEqual(['mark one', 'mark three', 'mark five', 'mark seven']);
});
