import { existsSync } from 'node:fs';

const chromium = [process.env['CHROMIUM'], '/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'].find(
  (path) => path !== undefined && existsSync(path),
);

/** The browser of this machine, started so. */
export const browser = (args: readonly string[]) => ({ ...(chromium !== undefined && { executablePath: chromium }), args: [...args] });

/** What the browser of every test is started with. */
export const BROWSER_ARGS: readonly string[] = [
  '--no-sandbox',
  '--disable-dev-shm-usage',
  '--disable-gpu',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** A browser whose microphone hears a sound file, and asks nobody whether it may. */
export const hearing = (file: string) =>
  browser([
    ...BROWSER_ARGS,
    '--use-fake-ui-for-media-stream',
    '--use-fake-device-for-media-stream',
    `--use-file-for-fake-audio-capture=${file}`,
  ]);
