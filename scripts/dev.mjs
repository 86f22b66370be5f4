// npm run dev: the server restarting on change at 4310 and Expo's development server, which passes /api on to it.
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ensureInstalled, ROOT, seedInto, TSX } from './house.mjs';

ensureInstalled();
const database = join(ROOT, 'data/dev.sqlite');
if (!existsSync(database)) seedInto(database);
const start = (command, args, options) => spawn(command, args, { stdio: 'inherit', ...options, env: { ...process.env, ...options.env } });
const parts = [
  start(TSX, ['watch', '--tsconfig', 'apps/server/tsconfig.json', 'apps/server/src/serve.ts'], { cwd: ROOT, env: { DATABASE: database } }),
  start(join(ROOT, 'node_modules/.bin/expo'), ['start', '--web', '--port', '8081'], {
    cwd: join(ROOT, 'apps/field'),
    env: { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1' },
  }),
];
for (const each of parts) each.on('exit', (code) => process.exit(code ?? 0));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => parts.forEach((each) => each.kill(signal)));
