import Database from 'better-sqlite3';
import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { exampleRecords } from './exampleRecords';

// The operating system stops the real server from writing on, as a full disk does, and lets it again.

const ROOT = join(__dirname, '../../..');
const folder = mkdtempSync(join(tmpdir(), 'swing-full-'));
const database = join(folder, 'record.sqlite');
let server: ChildProcess | undefined;

afterAll(() => {
  server?.kill('SIGKILL');
  rmSync(folder, { recursive: true });
});

async function started(): Promise<string> {
  server = spawn(process.execPath, ['--import', 'tsx', 'apps/server/src/serve.ts'], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, TSX_TSCONFIG_PATH: 'apps/server/tsconfig.json', DATABASE: database, PORT: '0', LOG_LEVEL: 'silent' },
  });
  return new Promise((resolve) => server?.stdout?.on('data', (text: Buffer) => resolve(/http:\S+/.exec(text.toString())?.[0] ?? '')));
}

const letFilesGrowTo = (bytes: number | 'unlimited') =>
  execFileSync('prlimit', ['--pid', String(server?.pid), `--fsize=${bytes}:unlimited`]);

const stopped = () =>
  new Promise<void>((resolve) => {
    server?.once('exit', () => resolve());
    server?.kill('SIGKILL');
  });

it('what was confirmed is there after a disk was full, and nothing was confirmed while it was', async () => {
  const url = await started();
  const records = exampleRecords();
  const put = (kind: string, body: { id: string }) =>
    fetch(`${url}/api/${kind}/${body.id}`, { method: 'PUT', body: JSON.stringify(body), headers: { 'Content-Type': 'application/json' } });
  for (const [kind, body] of [
    ['sites', records.site],
    ['doors', records.door],
    ['calls', records.call],
  ] as const)
    expect((await put(kind, body)).status).toBe(201);
  const confirmed: string[] = [];
  const write = async () => {
    const note = { id: v7(), writtenAt: '2026-03-02T08:30:00.000Z', callId: records.call.id, text: 'x'.repeat(400) };
    const { status } = await put('notes', note);
    if (status === 201) confirmed.push(note.id);
    return status;
  };

  letFilesGrowTo(400_000);
  const statuses = new Set<number>();
  for (let tried = 0; tried < 4000 && [...statuses].every((status) => status < 500); tried += 1) statuses.add(await write());
  const refused = [...statuses].filter((status) => status !== 201);
  expect([confirmed.length > 0, refused.length, refused.every((status) => status === 503 || status === 507)]).toEqual([true, 1, true]);
  // Opened anew the database is one file again and smaller: now nothing at all can be written.
  letFilesGrowTo(1);
  for (let tried = 0; tried < 3; tried += 1) expect(await write()).toBeGreaterThanOrEqual(503);
  const sick = await fetch(`${url}/api/health`);
  expect([sick.status >= 503, sick.headers.get('content-type')]).toEqual([true, 'application/problem+json; charset=utf-8']);

  letFilesGrowTo('unlimited');
  expect((await fetch(`${url}/api/health`)).status).toBe(200);
  for (let tried = 0; tried < 20; tried += 1) expect(await write()).toBe(201);

  // Another connection sees what was confirmed, and so does one after the power went.
  const found = () => {
    const reader = new Database(database, { readonly: true });
    const ids = reader.prepare('SELECT id FROM note').pluck().all() as string[];
    reader.close();
    return ids.sort();
  };
  expect(found()).toEqual([...confirmed].sort());
  await stopped();
  expect(found()).toEqual([...confirmed].sort());
});
