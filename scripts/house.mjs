// What the commands share: installing, building, starting. Node's own modules only, so that it runs before npm ci.
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { copyFileSync, existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');
export const DIST = join(ROOT, 'apps/field/dist');
export const TSX = join(ROOT, 'node_modules/.bin/tsx');
const SERVER_CONFIG = join(ROOT, 'apps/server/tsconfig.json');

/** Runs a command in the project's root; a failure ends this process with the same code. */
export function run(command, args, env = {}) {
  const { status, error } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } });
  if (error) throw error;
  if (status !== 0) process.exit(status ?? 1);
}

/** Installs from the lock file when what is installed is not what the lock file says. */
export function ensureInstalled() {
  const [major] = process.versions.node.split('.').map(Number);
  if (major < 20) fail(`Node.js 20.19 or later is needed; this is ${process.versions.node}.`);
  const stamp = join(ROOT, 'node_modules/.installed-from');
  const wanted = hashOf([join(ROOT, 'package-lock.json')]);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.log('Installing what the lock file names. A first time takes some minutes.');
  run('npm', ['ci']);
  writeFileSync(stamp, wanted);
}

/** Builds the web app when its sources have changed since the last build. */
export async function ensureBuilt() {
  const stamp = join(DIST, '.built-from');
  const wanted = hashOf([
    ...filesUnder(join(ROOT, 'apps/field'), ['dist', '.expo', 'node_modules']),
    ...filesUnder(join(ROOT, 'packages'), ['node_modules', 'build']),
    join(ROOT, 'package-lock.json'),
  ]);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.log('Building the app.');
  const earlier = setAside();
  const { status } = spawnSync(join(ROOT, 'node_modules/.bin/expo'), ['export', '--platform', 'web', '--output-dir', 'dist'], {
    cwd: join(ROOT, 'apps/field'),
    stdio: 'inherit',
    env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' },
  });
  if (status !== 0) process.exit(status ?? 1);
  keepFor(earlier);
  await writeServiceWorker();
  writeFileSync(stamp, wanted);
}

const ASIDE = `${DIST}.earlier`;
/** Names the files of the build before, which pages that are still open may ask for. */
const KEPT_LIST = join(DIST, '.kept');
/** Files that never change have a hash in their name. */
const HASHED = /[.-][0-9a-f]{16,}\./;

const keptFiles = () => (existsSync(KEPT_LIST) ? readFileSync(KEPT_LIST, 'utf8').split('\n').filter(Boolean) : []);

/** Puts the build before out of the way, and tells which of its files were its own: those it had kept itself are let go. */
function setAside() {
  rmSync(ASIDE, { recursive: true, force: true });
  if (!existsSync(DIST)) return [];
  const kept = new Set(keptFiles());
  const own = filesUnder(DIST, [])
    .map((file) => relative(DIST, file))
    .filter((file) => HASHED.test(file) && !kept.has(file));
  renameSync(DIST, ASIDE);
  return own;
}

/** Files of the build before stay for one release: a page that was opened with it can still fetch its parts. */
function keepFor(earlier) {
  const gone = earlier.filter((file) => !existsSync(join(DIST, file)));
  for (const file of gone) {
    mkdirSync(dirname(join(DIST, file)), { recursive: true });
    copyFileSync(join(ASIDE, file), join(DIST, file));
  }
  writeFileSync(KEPT_LIST, gone.join('\n'));
  rmSync(ASIDE, { recursive: true, force: true });
}

/** Everything the app needs is kept by the browser, so that it opens with the server gone. */
async function writeServiceWorker() {
  const { generateSW } = await import('workbox-build');
  const { count, warnings } = await generateSW({
    globDirectory: DIST,
    globPatterns: ['**/*.{html,js,css,woff2,woff,png,svg,webmanifest,ico}'],
    swDest: join(DIST, 'sw.js'),
    maximumFileSizeToCacheInBytes: 8 * 1024 * 1024,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    // A page that is open keeps the program it was opened with; the person says when to take the newer one.
    skipWaiting: false,
    clientsClaim: true,
    globIgnores: keptFiles(),
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
  });
  for (const warning of warnings) console.warn(warning);
  console.log(`Service worker keeps ${count} files.`);
}

/** Fills a database with the made-up workshop, into place only when it is whole. */
export function seedInto(file) {
  mkdirSync(dirname(file), { recursive: true });
  for (const end of ['', '-wal', '-shm']) rmSync(file + end, { force: true });
  run(TSX, ['--tsconfig', SERVER_CONFIG, 'demo/src/seedCommand.ts', file]);
}

/** Starts the server and ends with it; signals are passed on. */
export function serve(env) {
  const server = spawn(process.execPath, ['--import', 'tsx', 'apps/server/src/serve.ts'], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { TSX_TSCONFIG_PATH: SERVER_CONFIG, NODE_ENV: 'production', LOG_LEVEL: 'warn', WEB_ROOT: DIST, ...process.env, ...env },
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
  server.on('exit', (code) => process.exit(code ?? 1));
  return server;
}

/** Starts the server on a database and a port of its own. @returns the process, and where it answers once it does */
export async function startServer(database, env = {}) {
  const server = spawn(process.execPath, ['--import', 'tsx', 'apps/server/src/serve.ts'], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, TSX_TSCONFIG_PATH: SERVER_CONFIG, DATABASE: database, PORT: '0', LOG_LEVEL: 'error', ...env },
  });
  const url = await new Promise((resolve) => server.stdout.on('data', (chunk) => resolve(/http:\S+/.exec(chunk.toString())?.[0])));
  return { server, url };
}

/** A Chromium to test with; Debian's is installed when there is none and this is root. */
export function ensureChromium() {
  const there = findChromium();
  if (there) return there;
  installFromDebian('chromium', 'No Chromium was found. Install it (Debian: apt-get install chromium) or name one in CHROMIUM.');
  return findChromium() ?? fail('Chromium was installed but cannot be found.');
}

/** The tests read PDFs with a program of another maker. */
export function ensurePdfReader() {
  if (pathOf('pdftocairo')) return;
  installFromDebian('poppler-utils', 'No reader of PDFs was found. Install it (Debian: apt-get install poppler-utils).');
}

function installFromDebian(name, orElse) {
  if (process.getuid?.() !== 0) fail(orElse);
  console.log(`Installing ${name} from Debian’s packages.`);
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  run('apt-get', ['update'], env);
  run('apt-get', ['install', '-y', '--no-install-recommends', name], env);
}

/** Where a command lies; nothing where it is not installed. */
function pathOf(command) {
  try {
    return execFileSync('which', [command], { encoding: 'utf8' }).trim() || undefined;
  } catch {
    return undefined;
  }
}

function findChromium() {
  const named = [process.env.CHROMIUM, '/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];
  return named.find((path) => path && existsSync(path)) ?? pathOf('chromium');
}

export function fail(message) {
  console.error(message);
  process.exit(1);
}

/** Every file below a folder, but what stands under the names in `without`. */
export function filesUnder(folder, without) {
  return readdirSync(folder, { withFileTypes: true })
    .filter(({ name }) => !without.includes(name) && !name.endsWith('.tsbuildinfo') && name !== 'expo-env.d.ts')
    .flatMap((entry) => (entry.isDirectory() ? filesUnder(join(folder, entry.name), without) : [join(folder, entry.name)]))
    .filter((file) => statSync(file).isFile())
    .sort();
}

function hashOf(files) {
  const hash = createHash('sha256');
  for (const file of files) hash.update(relative(ROOT, file)).update(readFileSync(file));
  return hash.digest('hex');
}
