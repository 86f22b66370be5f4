// npm run test:faults -- --kills 40: the server killed over and over while it is written to, then the bad days of disk, network and devices.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { v7 } from 'uuid';
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT, run } from './house.mjs';

ensureInstalled();
const at = process.argv.indexOf('--kills');
const kills = at < 0 ? 40 : Number(process.argv[at + 1]);
const WRITERS = 8;
const LONGEST_LIFE_MS = 600;

const folder = mkdtempSync(join(tmpdir(), 'swing-faults-'));
const database = join(folder, 'faults.sqlite');
const writtenAt = '2026-03-02T08:30:00.000Z';
const site = { id: v7(), revision: 1, writtenAt, name: 'Alder Court', address: '', contact: '', remarks: '' };
const confirmed = [];

function start() {
  const server = spawn(process.execPath, ['--import', 'tsx', 'apps/server/src/serve.ts'], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: {
      ...process.env,
      TSX_TSCONFIG_PATH: 'apps/server/tsconfig.json',
      DATABASE: database,
      PORT: '0',
      LOG_LEVEL: 'silent',
      REQUESTS_A_MINUTE: '1000000',
    },
  });
  return new Promise((resolve) => {
    server.stdout.once('data', (chunk) => resolve({ server, url: /http:\S+/.exec(chunk.toString())?.[0] }));
  });
}

const ended = (server) => new Promise((resolve) => server.once('exit', resolve));

const put = async (url, path, body) => {
  const answer = await fetch(`${url}${path}`, {
    method: 'PUT',
    body: JSON.stringify(body),
    headers: { 'Content-Type': 'application/json' },
  });
  await answer.text();
  return answer.status;
};

/** Writes cards and their corrections until the server is gone; what waits for an answer then is sent again to the next one. */
async function write(url, kept, isOver) {
  while (!isOver()) {
    kept.body ??= { ...site, id: v7(), remarks: 'x'.repeat(200) };
    try {
      const status = await put(url, `/api/sites/${kept.body.id}`, kept.body);
      if (status !== 200 && status !== 201) throw new Error(`The server answered ${status}.`);
      confirmed.push(kept.body.id);
      kept.body = undefined;
    } catch {
      return;
    }
  }
}

const waiting = Array.from({ length: WRITERS }, () => ({ body: undefined }));
for (let n = 0; n < kills; n += 1) {
  const { server, url } = await start();
  let over = false;
  const writing = waiting.map((kept) => write(url, kept, () => over));
  setTimeout(() => server.kill('SIGKILL'), 50 + ((n * 137) % LONGEST_LIFE_MS));
  await ended(server);
  over = true;
  await Promise.all(writing);
}
const read = new Database(database, { readonly: true });
const rows = read.prepare('SELECT id FROM site').all();
const revisions = read.prepare('SELECT COUNT(*) AS n FROM card_revision').get().n;
read.close();
rmSync(folder, { recursive: true, force: true });
const found = new Set(rows.map(({ id }) => id));
const lost = confirmed.filter((id) => !found.has(id)).length;
const doubled = revisions - found.size;
console.log(`kills ${kills}, confirmed ${confirmed.length}, found ${found.size}, lost ${lost}, doubled ${doubled}`);
if (lost > 0 || doubled > 0) process.exitCode = 1;

console.log('A full disk, stops and starts, backups under writes:');
run('npx', ['jest', '--selectProjects', 'server', '--testPathPattern', 'fullDisk|startAndStop|backup|committing']);
await ensureBuilt();
process.env.CHROMIUM = ensureChromium();
console.log('Card race, log-in page, older backup, full device, two tabs, a server gone:');
run('npx', ['playwright', 'test', '-c', 'e2e/playwright.config.ts', 'offline.spec']);
