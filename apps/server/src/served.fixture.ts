import type { Note } from '@proper-swing/contract';
import { spawn, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { exampleRecords } from './exampleRecords';

const ROOT = join(import.meta.dirname, '../../..');

/** Every program that was run and has not ended. */
const running = new Set<ChildProcess>();

/** Ends whatever a test that failed has left running. */
export const killAll = () => running.forEach((child) => child.kill('SIGKILL'));

/** A program of the server run by itself, as a person runs it. */
export function run(program: string, database: string, ...args: string[]): ChildProcess {
  const child = spawn(process.execPath, ['--import', 'tsx', `apps/server/src/${program}.ts`, ...args], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, TSX_TSCONFIG_PATH: 'apps/server/tsconfig.json', DATABASE: database, PORT: '0', LOG_LEVEL: 'silent' },
  });
  running.add(child);
  child.once('exit', () => running.delete(child));
  return child;
}

/** What a program says and how it ends. */
export function ended(child: ChildProcess): Promise<{ code: number | null; out: string; err: string }> {
  return new Promise((resolve) => {
    const said = { out: '', err: '' };
    child.stdout?.on('data', (text: Buffer) => (said.out += text.toString()));
    child.stderr?.on('data', (text: Buffer) => (said.err += text.toString()));
    child.once('close', (code) => resolve({ code, ...said }));
  });
}

export interface Started {
  process: ChildProcess;
  url: string;
  kill: () => Promise<void>;
}

export interface Served extends Started {
  put: (kind: string, body: { id: string }) => Promise<number>;
  /** Writes a note on the call of `writeCall`; its id is in `confirmed` once the server said 201. */
  writeNote: () => Promise<number>;
  confirmed: string[];
}

/** The server on a database and a port of its own. */
export async function start(database: string): Promise<Started> {
  const child = run('serve', database);
  const url = await new Promise<string>((resolve, reject) => {
    child.stdout?.on('data', (text: Buffer) => resolve(/http:\S+/.exec(text.toString())?.[0] ?? ''));
    child.stderr?.on('data', (text: Buffer) => reject(new Error(text.toString())));
  });
  const kill = () =>
    new Promise<void>((resolve) => {
      child.once('exit', () => resolve());
      child.kill('SIGKILL');
    });
  return { process: child, url, kill };
}

/** The server on a database, with a call in it to write notes on. */
export async function serve(database: string): Promise<Served> {
  const { process: child, url, kill } = await start(database);
  const put = async (kind: string, body: { id: string }) => {
    const answer = await fetch(`${url}/api/${kind}/${body.id}`, {
      method: 'PUT',
      body: JSON.stringify(body),
      headers: { 'Content-Type': 'application/json' },
    });
    await answer.text();
    return answer.status;
  };
  const { site, door, call } = exampleRecords();
  for (const [kind, body] of [
    ['sites', site],
    ['doors', door],
    ['calls', call],
  ] as const)
    if ((await put(kind, body)) !== 201) throw new Error(`${kind} was not taken`);
  const confirmed: string[] = [];
  const writeNote = async () => {
    const note: Note = { id: v7(), writtenAt: '2026-03-02T08:30:00.000Z', callId: call.id, text: 'x'.repeat(400) };
    const status = await put('notes', note);
    if (status === 201) confirmed.push(note.id);
    return status;
  };
  return { process: child, url, put, writeNote, confirmed, kill };
}
