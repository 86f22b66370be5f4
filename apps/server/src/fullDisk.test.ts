import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { notesIn } from './notesIn.fixture';
import { killAll, serve, type Served } from './served.fixture';

// The operating system stops the real server from writing on, as a full disk does, and lets it again.

// Programs are started one after another, on a machine that may be busy.
jest.setTimeout(120_000);

const folder = mkdtempSync(join(tmpdir(), 'swing-full-'));
const database = join(folder, 'record.sqlite');
let server: Served;

beforeAll(async () => {
  server = await serve(database);
});
afterAll(() => {
  killAll();
  rmSync(folder, { recursive: true });
});

/** Some hundred notes, bytes. */
const ROOM_LEFT = 100_000;

const letFilesGrowTo = (bytes: number | 'unlimited') =>
  execFileSync('prlimit', ['--pid', String(server.process.pid), `--fsize=${bytes}:unlimited`]);

it('what was confirmed is there after a disk was full, and nothing was confirmed while it was', async () => {
  const { url, writeNote, confirmed } = server;
  letFilesGrowTo(statSync(`${database}-wal`).size + ROOM_LEFT);
  let status = 201;
  for (let tried = 0; tried < 4000 && status === 201; tried += 1) status = await writeNote();
  expect([confirmed.length > 0, status === 503 || status === 507]).toEqual([true, true]);
  // Opened anew the database is one file again and smaller: now nothing at all can be written.
  letFilesGrowTo(1);
  for (let tried = 0; tried < 3; tried += 1) expect(await writeNote()).toBeGreaterThanOrEqual(503);
  const sick = await fetch(`${url}/api/health`);
  expect([sick.status >= 503, sick.headers.get('content-type')]).toEqual([true, 'application/problem+json; charset=utf-8']);

  letFilesGrowTo('unlimited');
  expect((await fetch(`${url}/api/health`)).status).toBe(200);
  for (let tried = 0; tried < 20; tried += 1) expect(await writeNote()).toBe(201);

  // Another connection sees what was confirmed, and so does one after the power went.
  expect(notesIn(database)).toEqual([...confirmed].sort());
  await server.kill();
  expect(notesIn(database)).toEqual([...confirmed].sort());
});
