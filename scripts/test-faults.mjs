// npm run test:faults -- --kills 40: the server killed over and over while it is written to, then the bad days of disk, network and devices.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import Database from 'better-sqlite3';
import { v7 } from 'uuid';
import { ensureBuilt, ensureChromium, ensureInstalled, run, startServer } from './house.mjs';

ensureInstalled();
const { values } = parseArgs({ options: { kills: { type: 'string', default: '40' } } });
const kills = Number(values.kills);
const WRITERS = 8;
const LONGEST_LIFE_MS = 600;

const folder = mkdtempSync(join(tmpdir(), 'swing-faults-'));
const database = join(folder, 'faults.sqlite');
const writtenAt = '2026-03-02T08:30:00.000Z';
const site = { id: v7(), revision: 1, writtenAt, name: 'Alder Court', address: '', contact: '', remarks: '' };
const confirmed = [];

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
  const { server, url } = await startServer(database, { REQUESTS_A_MINUTE: '1000000' });
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
