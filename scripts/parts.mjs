import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { openSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './house.mjs';

export const RESULTS = join(ROOT, 'test-results');

/** Does a part of the tests under its title, and tells how long it took. */
export const part = (title, work) => {
  const begun = Date.now();
  console.log(`\n— ${title}`);
  const done = work();
  const say = () => console.log(`— ${title}: ${((Date.now() - begun) / 1000).toFixed(0)} s`);
  return done instanceof Promise ? done.then(say) : say();
};

/**
 * Begins a part that runs beside the next ones; its output waits in a file until it is asked for.
 *
 * @returns what waits for its end, and ends the process with its exit code when it failed
 */
export function beside(title, command, args) {
  const log = join(RESULTS, `${title}.log`);
  const out = openSync(log, 'w');
  const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', out, out] });
  process.on('exit', () => child.kill());
  const ended = once(child, 'exit');
  return async () => {
    const [code] = await ended;
    process.stdout.write(readFileSync(log));
    if (code !== 0) process.exit(code ?? 1);
  };
}
