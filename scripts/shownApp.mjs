// The built app with fresh demo data in a real browser: what the screen bench and the screenshots look at.
import { chromium } from '@playwright/test';
import { join } from 'node:path';
import { DIST, ensureBuilt, ensureChromium, ensureInstalled, ROOT, seedInto, startServer } from './house.mjs';

/** Shows the app to `look`, which gets its address and a browser, and puts everything away afterwards. */
export async function showApp(name, look) {
  ensureInstalled();
  await ensureBuilt();
  const database = join(ROOT, `data/${name}.sqlite`);
  seedInto(database);
  const { server, url } = await startServer(database, { WEB_ROOT: DIST });
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
