import Database from 'better-sqlite3';
import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  openSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { faultOf } from './record/databaseFile';
import { openStore } from './record/openStore';
import { ended, killAll, run, serve } from './served.fixture';

// Programs are started one after another, on a machine that may be busy.
jest.setTimeout(120_000);

const folder = mkdtempSync(join(tmpdir(), 'swing-start-'));
const whole = join(folder, 'whole.sqlite');
beforeAll(async () => {
  const store = await openStore(whole);
  await store.destroy();
});
afterAll(() => {
  killAll();
  rmSync(folder, { recursive: true });
});

describe('a database that cannot be served', () => {
  it.each<[string, (file: string) => void, RegExp]>([
    ['emptied', (file) => truncateSync(file), /is empty: its contents are gone\. Restore a backup/],
    ['no database', (file) => writeFileSync(file, 'Dear customer,\n'.repeat(400)), /damaged or no database of this program/],
    [
      'damaged',
      (file) => {
        const handle = openSync(file, 'r+');
        for (let page = 1; page < statSync(file).size / 4096; page += 1) writeSync(handle, Buffer.alloc(2048, 7), 0, 2048, page * 4096);
      },
      /damaged or no database of this program/,
    ],
    [
      'of a newer program',
      (file) => {
        const db = new Database(file);
        db.exec(`INSERT INTO migrations (timestamp, name) VALUES (9999999999999, 'Later9999999999999')`);
        db.close();
      },
      /written by a newer program than this one/,
    ],
  ])('%s: says so in one sentence and changes nothing', async (name, spoil, says) => {
    const file = join(folder, `${name}.sqlite`);
    copyFileSync(whole, file);
    spoil(file);
    const before = readFileSync(file);
    const { code, out, err } = await ended(run('serve', file));
    expect([code, out]).toEqual([1, '']);
    expect(err).toMatch(says);
    expect(err.trim().split('\n')).toHaveLength(1);
    expect(readFileSync(file).equals(before)).toBe(true);
  });

  it('not to be written: names what helps', () => {
    const fault = faultOf(Object.assign(new Error(), { code: 'SQLITE_READONLY' }), '/srv/record.sqlite');
    expect(String(fault)).toContain('may not be written. Let this program write it and its folder: chmod u+w /srv /srv/record.sqlite.');
    const foreign = new Error('other');
    expect(faultOf(foreign, '/srv/record.sqlite')).toBe(foreign);
  });
});

describe('a server that runs', () => {
  it('is the only one on its database, keeps it private, and is stopped with requests half sent', async () => {
    const file = join(folder, 'served.sqlite');
    const first = await serve(file);
    const second = await ended(run('serve', file));
    expect([second.code, second.err]).toEqual([1, expect.stringMatching(/is served by another process already\. Stop that one first/)]);
    for (const each of [file, `${file}-wal`]) expect([each, existsSync(each) && statSync(each).mode & 0o077]).toEqual([each, 0]);

    const half = connect(Number(new URL(first.url).port), '127.0.0.1');
    half.on('error', () => undefined);
    await new Promise<void>((resolve) => half.once('connect', () => resolve()));
    half.write('PUT /api/notes/x HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nContent-Length: 400\r\n\r\n{"half');
    expect(await first.writeNote()).toBe(201);
    const end = ended(first.process);
    first.process.kill('SIGTERM');
    expect((await end).code).toBe(0);
    half.destroy();
    // Let go of, it is served again.
    await (await serve(file)).kill();
  });
});
