import { expect, test as base } from '@playwright/test';
import Database from 'better-sqlite3';
import { spawn, type ChildProcess } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));
export const SEEDED = join(ROOT, 'test-results/seed/demo.sqlite');
export const SERVER_CONFIG = join(ROOT, 'apps/server/tsconfig.json');

export const BUILT_APP = join(ROOT, 'apps/field/dist');

/** The real server on a database of its own, and that database to look into. */
export interface House {
  url: string;
  /** Rows of a query on the server's SQLite file. */
  rows: <T = Record<string, unknown>>(sql: string, ...values: unknown[]) => T[];
  /** Writes into that file as an earlier program may have, past the server. */
  write: (sql: string, ...values: unknown[]) => void;
  /** Ends the server at once, as a power cut would. */
  kill: () => Promise<void>;
  /** Starts it again on the same port and file, with another build of the app where one is named. */
  start: (webRoot?: string) => Promise<void>;
  /** Copies the database as it stands; returns what puts that copy back while the server is gone. */
  backup: () => () => void;
}

export const test = base.extend<{ house: House }>({
  page: async ({ page }, use) => {
    const notAllowed: string[] = [];
    page.on('console', (message) => message.text().includes('Content Security Policy') && notAllowed.push(message.text()));
    await use(page);
    expect(notAllowed, 'what the page may not load').toEqual([]);
  },
  // eslint-disable-next-line no-empty-pattern -- Playwright reads the fixture's needs from this pattern
  house: async ({}, use) => {
    const folder = mkdtempSync(join(tmpdir(), 'swing-'));
    const file = join(folder, 'test.sqlite');
    copyFileSync(SEEDED, file);
    let running = await startServer(file, 0);
    const { port } = running;
    await use({
      url: `http://127.0.0.1:${port}`,
      rows: <T>(sql: string, ...values: unknown[]) => {
        const database = new Database(file, { readonly: true });
        try {
          return database.prepare(sql).all(...values) as T[];
        } finally {
          database.close();
        }
      },
      write: (sql: string, ...values: unknown[]) => {
        const database = new Database(file);
        try {
          database.prepare(sql).run(...values);
        } finally {
          database.close();
        }
      },
      backup: () => {
        const copy = join(folder, 'backup.sqlite');
        const database = new Database(file);
        try {
          database.exec(`VACUUM INTO '${copy}'`);
        } finally {
          database.close();
        }
        return () => {
          for (const rest of ['-wal', '-shm']) rmSync(`${file}${rest}`, { force: true });
          copyFileSync(copy, file);
        };
      },
      kill: () => end(running.server, 'SIGKILL'),
      start: async (webRoot) => {
        running = await startServer(file, port, webRoot);
      },
    });
    await end(running.server, 'SIGTERM');
    rmSync(folder, { recursive: true, force: true });
  },
});

export { expect };

/** Names what a fault has cost, among a test's annotations. */
export const NOTHING_LOST = 'nothing lost';

/** Expects that all that was written before and during a fault stands in the database, once, and says so of the test. */
export function expectNothingLost(fault: string, written: readonly unknown[], found: readonly unknown[]): void {
  const lost = written.filter((each) => !found.includes(each)).length;
  const description = `${fault}: written ${written.length}, found ${found.length}, lost ${lost}`;
  test.info().annotations.push({ type: NOTHING_LOST, description });
  expect(found, description).toEqual(written);
}

async function startServer(file: string, port: number, webRoot = BUILT_APP): Promise<{ server: ChildProcess; port: number }> {
  const server = spawn(process.execPath, ['--import', 'tsx', 'apps/server/src/serve.ts'], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: {
      ...process.env,
      TSX_TSCONFIG_PATH: SERVER_CONFIG,
      DATABASE: file,
      PORT: String(port),
      LOG_LEVEL: 'error',
      WEB_ROOT: webRoot,
    },
  });
  const taken = await new Promise<number>((resolve, reject) => {
    server.once('exit', (code) => reject(new Error(`The server ended with ${String(code)} before it listened.`)));
    server.stdout.on('data', (chunk: Buffer) => {
      const at = /http:\/\/[^:]+:(\d+)/.exec(chunk.toString());
      if (at?.[1] !== undefined) resolve(Number(at[1]));
    });
  });
  return { server, port: taken };
}

function end(server: ChildProcess, signal: NodeJS.Signals): Promise<void> {
  if (server.exitCode !== null || server.signalCode !== null) return Promise.resolve();
  return new Promise((resolve) => {
    server.once('exit', () => resolve());
    server.kill(signal);
  });
}
