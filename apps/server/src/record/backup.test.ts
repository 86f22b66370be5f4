import { copyFileSync, existsSync, mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { notesIn } from '../notesIn.fixture';
import { ended, killAll, run, serve } from '../served.fixture';
import { backUp, backupsIn } from './backup';

// Programs are started one after another, on a machine that may be busy.
jest.setTimeout(120_000);

const folder = mkdtempSync(join(tmpdir(), 'swing-backup-'));
const file = join(folder, 'record.sqlite');
const backups = join(folder, 'backups');
afterAll(() => {
  killAll();
  rmSync(folder, { recursive: true });
});

it('a backup taken while the server is written to is whole, is put back, and what was there is kept', async () => {
  const server = await serve(file);
  for (let note = 0; note < 30; note += 1) await server.writeNote();
  const before = [...server.confirmed];
  let isWriting = true;
  const writing = (async () => {
    while (isWriting) await server.writeNote();
  })();
  const made = await ended(run('backupCommand', file, backups));
  isWriting = false;
  await writing;
  expect([made.code, made.err]).toEqual([0, '']);
  const backup = /Backed up to (.*)/.exec(made.out)?.[1] ?? '';
  expect(notesIn(backup)).toEqual(expect.arrayContaining(before));
  expect(statSync(backup).mode & 0o077).toBe(0);

  // A plain copy of the file alone lacks what stands in the log beside it.
  const plain = join(folder, 'plain.sqlite');
  let lacking = 0;
  // The log is moved into the file now and then: of two notes one at least stands in the log alone.
  for (let note = 0; note < 2 && lacking === 0; note += 1) {
    await server.writeNote();
    copyFileSync(file, plain);
    lacking = server.confirmed.length - countOrNone(plain);
  }
  expect(lacking).toBeGreaterThan(0);

  const served = await ended(run('restoreCommand', file, backup));
  expect([served.code, served.err]).toEqual([1, expect.stringContaining('is served by another process already')]);
  await server.kill();
  const all = notesIn(file);
  expect(all).toEqual([...server.confirmed].sort());
  const restored = await ended(run('restoreCommand', file, backup));
  expect([restored.code, restored.err]).toEqual([0, '']);
  expect(notesIn(file)).toEqual(notesIn(backup));
  const kept = readdirSync(folder).find((name) => /\.before-\w+$/.test(name)) ?? '';
  expect(notesIn(join(folder, kept))).toEqual(all);
});

it('the newest are kept, and nothing is put in place of a database by what is none', async () => {
  const many = join(folder, 'many');
  for (let day = 1; day <= 16; day += 1) await backUp(file, many, new Date(Date.UTC(2026, 2, day)));
  expect(backupsIn(file, many)).toHaveLength(14);
  expect(backupsIn(file, many)[0]).toBe('record-20260303T000000Z.sqlite');
  const was = notesIn(file);
  for (const [wrong, says] of [
    [join(folder, 'gone.sqlite'), 'There is no backup'],
    [__filename, 'damaged or no database'],
  ] as const) {
    const { code, err } = await ended(run('restoreCommand', file, wrong));
    expect([code, err]).toEqual([1, expect.stringContaining(says)]);
  }
  expect([notesIn(file), existsSync(`${file}.restoring`)]).toEqual([was, false]);
  await expect(backUp(join(folder, 'none.sqlite'), many)).rejects.toThrow('There is no database');
});

function countOrNone(database: string): number {
  try {
    return notesIn(database).length;
  } catch {
    return 0;
  }
}
