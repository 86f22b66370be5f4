import { execFileSync } from 'node:child_process';
import { copyFileSync, existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { start, type Started } from '../../src/served.fixture';
import { countIn, writeOn, type Count, type Writer } from './written';

/** A way to have no room for a while. */
interface SmallDisk {
  says: string;
  /** Where the database is to be. */
  folder: string;
  makeRoom: (server: Started) => void;
  fill: (server: Started) => void;
  remove: () => void;
}

const MOST_WRITES = 5000;
const AFTERWARDS = 50;

/** A file system of its own, as large as a full disk is; only who may mount one has it. */
function tmpfs(folder: string): SmallDisk | undefined {
  const disk = join(folder, 'disk');
  mkdirSync(disk, { recursive: true });
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=2500k', 'tmpfs', disk], { stdio: 'ignore' });
  } catch {
    return undefined;
  }
  const ballast = join(disk, 'ballast');
  writeFileSync(ballast, Buffer.alloc(300_000));
  return {
    says: 'a file system of 2.5 MB',
    folder: disk,
    makeRoom: () => rmSync(ballast, { force: true }),
    // It is full by being written to.
    fill: () => undefined,
    remove: () => execFileSync('umount', ['--lazy', disk]),
  };
}

/** No file may grow beyond a size: what the operating system then says is what it says of a full disk. */
function limited(folder: string): SmallDisk {
  const limit = ({ process: { pid } }: Started, bytes: string) =>
    execFileSync('prlimit', ['--pid', String(pid), `--fsize=${bytes}:unlimited`]);
  return {
    says: 'files of at most 0.7 MB',
    folder,
    fill: (server) => limit(server, '700000'),
    makeRoom: (server) => limit(server, 'unlimited'),
    remove: () => undefined,
  };
}

const ENDS = {
  kill: (server: Started) => server.kill(),
  stop: (server: Started) =>
    new Promise<void>((resolve) => {
      server.process.once('exit', () => resolve());
      server.process.kill('SIGTERM');
    }),
} as const;

/** Writes until there is no room, then with room again, and ends the server. */
export async function fullDisk(folder: string, end: keyof typeof ENDS): Promise<Count & { says: string; refused: number }> {
  const disk = tmpfs(folder) ?? limited(folder);
  const file = join(disk.folder, 'full.sqlite');
  const writer: Writer = { confirmed: [], waiting: undefined };
  const server = await start(file);
  let refused = 0;
  disk.fill(server);
  for (let n = 0; n < MOST_WRITES && refused < 20; n += 1) if ((await writeOn(writer, server.url)) !== 201) refused += 1;
  disk.makeRoom(server);
  const before = writer.confirmed.length;
  for (let n = 0; n < AFTERWARDS; n += 1) await writeOn(writer, server.url);
  if (refused === 0 || writer.confirmed.length === before) throw new Error('The disk was never full, or stayed so.');
  await ENDS[end](server);
  // Only what stands in the files counts, and where there is room for SQLite to bring them together.
  for (const part of ['', '-wal'])
    if (existsSync(`${file}${part}`)) copyFileSync(`${file}${part}`, join(folder, `looked-at.sqlite${part}`));
  const count = countIn(join(folder, 'looked-at.sqlite'), [writer]);
  disk.remove();
  return { ...count, says: disk.says, refused };
}
