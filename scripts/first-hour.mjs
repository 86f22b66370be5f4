// npm run first-hour: does each task of the first hour once on a throw-away copy of the sources, checks that it compiles and that its
// tests pass, and counts the files it took. The tasks stand as data in first-hour-tasks.mjs; docs/contributing.md tells them in words.
import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ensureInstalled, ROOT } from './house.mjs';
import { TASKS } from './first-hour-tasks.mjs';
import { replaceOnce } from './replaceOnce.mjs';

const NOT_SOURCES = /(^|\/)(node_modules|dist|dist\.earlier|\.expo|\.git|build|test-results|data|playwright-report)(\/|$)|\.tsbuildinfo$/;

/** A copy whose packages are its own and whose other modules are those installed here. */
function copyOfSources() {
  mkdirSync(join(ROOT, 'test-results'), { recursive: true });
  const copy = mkdtempSync(join(ROOT, 'test-results', 'first-hour-'));
  for (const name of readdirSync(ROOT)) {
    const from = join(ROOT, name);
    if (!NOT_SOURCES.test(name))
      cpSync(from, join(copy, name), { recursive: true, filter: (path) => !NOT_SOURCES.test(path.slice(ROOT.length)) });
  }
  mkdirSync(join(copy, 'node_modules/@proper-swing'), { recursive: true });
  for (const name of readdirSync(join(ROOT, 'node_modules'))) {
    if (name !== '@proper-swing') symlinkSync(join(ROOT, 'node_modules', name), join(copy, 'node_modules', name));
  }
  for (const folder of ['packages/core', 'packages/world', 'packages/contract', 'apps/server', 'apps/field']) {
    const { name } = JSON.parse(readFileSync(join(copy, folder, 'package.json'), 'utf8'));
    symlinkSync(join(copy, folder), join(copy, 'node_modules', name));
    const own = join(ROOT, folder, 'node_modules');
    if (existsSync(own)) symlinkSync(own, join(copy, folder, 'node_modules'));
  }
  return copy;
}

function edit(copy, { file, find, put, whole }) {
  const path = join(copy, file);
  if (whole === undefined) {
    replaceOnce(path, find, put);
    return;
  }
  mkdirSync(dirname(path), { recursive: true });
  writeFileSync(path, whole);
}

const inCopy = (copy, command, args) => spawnSync(join(copy, 'node_modules/.bin', command), args, { cwd: copy, encoding: 'utf8' });

function doOnce({ task, atMost, edits, written, types, tests }) {
  const copy = copyOfSources();
  try {
    edits.forEach((each) => edit(copy, each));
    const files = new Set(edits.map(({ file }) => file)).size;
    const checks = [...(written ? [written] : []), ...types.map((args) => ['tsc', args]), ...tests.map((args) => ['jest', args])];
    const failed = checks.map(([command, args]) => inCopy(copy, command, args)).find(({ status }) => status !== 0);
    const isWell = failed === undefined && files <= atMost;
    console.log(`${isWell ? 'ok    ' : 'FAILED'}  ${String(files).padStart(2)} files, at most ${atMost}: ${task}`);
    if (failed) console.log(`${failed.stdout}\n${failed.stderr}`.slice(0, 3000));
    return isWell;
  } finally {
    rmSync(copy, { recursive: true });
  }
}

ensureInstalled();
const only = process.argv[2];
const done = TASKS.filter(({ task }) => only === undefined || task.includes(only)).map(doOnce);
process.exit(done.every(Boolean) ? 0 : 1);
