import type { CallRecord, CallSummary, Page } from '@proper-swing/contract';
import Database from 'better-sqlite3';
import { served } from '../served';
import { againstSql } from './againstSql';
import { cpuOf, quantile } from './cpuOf';
import { devicesWriting } from './devices';
import { fillBook, type Book } from './fillBook';

const countIn = (file: string, table: string) => {
  const db = new Database(file, { readonly: true });
  const { n } = db.prepare(`SELECT COUNT(*) AS n FROM "${table}"`).get() as { n: number };
  db.close();
  return n;
};

it('a book that was filled is one the server reads', async () => {
  let book: Book = { callIds: [], doorIds: [], lastDue: '' };
  const fill = async (file: string) => {
    book = await fillBook(file, 23);
  };
  await served(fill, async ({ url }, file) => {
    const { items } = (await (await fetch(`${url}/api/call-summaries?limit=200`)).json()) as Page<CallSummary>;
    expect(items.map(({ call }) => call.id)).toEqual(book.callIds);
    expect(items.map(({ readingCount, adjustmentCount }) => [readingCount, adjustmentCount])).toEqual(book.callIds.map(() => [6, 1]));
    const record = (await (await fetch(`${url}/api/calls/${book.callIds[7]}/record`)).json()) as CallRecord;
    expect([record.readings.length, record.door.make]).toEqual([6, expect.objectContaining({ hingeHeightsMm: [165, 990, 1750] })]);
    expect(['site', 'door', 'call', 'reading'].map((table) => countIn(file, table))).toEqual([2, 5, 23, 138]);
    const compared = await againstSql(url, file, book);
    expect(compared.find(({ says }) => says === 'every call, 1st page')?.rows).toBe(23);
    expect(compared.every(({ apiMs, sqlMs }) => apiMs > 0 && sqlMs > 0)).toBe(true);
  });
});

it('what devices were told is written stands in the database', async () => {
  await served(undefined, async (started, file) => {
    const found = await devicesWriting(started, 3, 1, 20);
    expect(found.errors).toEqual([]);
    expect(found.writes).toBeGreaterThan(3);
    expect(countIn(file, 'reading') + countIn(file, 'reading_set')).toBe(found.writes);
  });
});

it('the processor time of a process goes up as it works', () => {
  const before = cpuOf(process.pid);
  let sum = 0;
  while (cpuOf(process.pid) < before + 20) for (let n = 0; n < 1e5; n += 1) sum += Math.sqrt(n);
  expect(sum).toBeGreaterThan(0);
  expect(cpuOf(process.pid) - before).toBeLessThan(2000);
});

it('the quantile of a few figures', () => {
  expect([quantile([3, 1, 2], 0), quantile([3, 1, 2], 0.5), quantile([3, 1, 2], 1), quantile([], 0.5)]).toEqual([1, 2, 3, NaN]);
});
