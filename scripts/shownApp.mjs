// The built app with fresh demo data in a real browser: what the screen bench and the screenshots look at.
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT, seedInto } from './house.mjs';

/** Shows the app to `look`, which gets its address and a browser, and puts everything away afterwards. */
export async function showApp(name, look) {
  ensureInstalled();
  await ensureBuilt();
  const database = join(ROOT, `data/${name}.sqlite`);
  seedInto(database);
  const server = spawn(process.execPath, ['--import', 'tsx', 'apps/server/src/serve.ts'], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: {
      ...process.env,
      TSX_TSCONFIG_PATH: 'apps/server/tsconfig.json',
      DATABASE: database,
      PORT: '0',
      LOG_LEVEL: 'error',
      WEB_ROOT: join(ROOT, 'apps/field/dist'),
    },
  });
  const url = await new Promise((resolve) => server.stdout.on('data', (chunk) => resolve(/http:\S+/.exec(chunk.toString())?.[0])));
  const browser = await chromium.launch({
    executablePath: ensureChromium(),
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
  });
  try {
    await look({ url, browser });
  } finally {
    await browser.close();
    server.kill();
  }
}
