// npm run bench:screen: the built app in a real browser. From a tapped reading to the new estimate on the screen at 4× CPU
// slow-down, and the script it takes to open the first screen. Printed and not judged.
import { showApp } from './shownApp.mjs';

const SLOW_DOWN = 4;
const ROUNDS = 3;
/** The last two gaps stay unread, so that there is always an estimate to change. */
const READINGS = ['4', '3', '2', '5', '4', '3', '5', '3', '2', '8'];

await showApp('bench', async (shown) => {
  await printFirstScreen(shown);
  await printReadingToEstimate(shown);
});

/** Bytes of script sent, gzipped as the server sends them, until the first screen stands. */
async function printFirstScreen({ url, browser }) {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  const devtools = await context.newCDPSession(page);
  await devtools.send('Network.enable');
  const scripts = new Map();
  devtools.on(
    'Network.responseReceived',
    ({ requestId, type, response }) => type === 'Script' && scripts.set(requestId, { url: response.url, bytes: 0 }),
  );
  devtools.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    const script = scripts.get(requestId);
    if (script) script.bytes = encodedDataLength;
  });
  await page.goto(url);
  await page.getByTestId('new-call').waitFor();
  await page.waitForLoadState('networkidle');
  console.log('First screen, script as sent (gzip)');
  let total = 0;
  for (const { url: from, bytes } of scripts.values()) {
    total += bytes;
    console.log(`  ${(bytes / 1024).toFixed(1).padStart(7)} KB  ${new URL(from).pathname.split('/').pop()}`);
  }
  console.log(`  ${(total / 1024).toFixed(1).padStart(7)} KB  in all`);
  await context.close();
}

/** From the tap that finishes a reading to the frame on which the pencilled estimate has changed. */
async function printReadingToEstimate({ url, browser }) {
  const taken = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    await page.goto(url);
    await page.getByRole('button', { name: /Front door/ }).click();
    await page.getByTestId('to-measure').click();
    await page.getByTestId('estimate-cause').waitFor();
    const devtools = await context.newCDPSession(page);
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOW_DOWN });
    for (const figure of READINGS) {
      await page.getByTestId(`key-${figure}`).click();
      // A hand takes longer than this from one key to the next; the driver's own work is over by then.
      await page.waitForFunction(() => document.querySelector('[data-testid="save-sign"]')?.textContent === 'Saved');
      await page.waitForTimeout(300);
      taken.push(await page.evaluate(untilEstimateChanges));
    }
    await page.evaluate(() => localStorage.clear());
    await context.close();
  }
  const unchanged = taken.filter((ms) => ms === null).length;
  const seen = taken.filter((ms) => ms !== null).sort((a, b) => a - b);
  const at = (share) => seen[Math.min(seen.length - 1, Math.floor(share * seen.length))].toFixed(0);
  console.log(
    `Reading to estimate on screen, ${SLOW_DOWN}× slower CPU, ${seen.length} readings (${unchanged} more moved no shown figure): median ${at(0.5)} ms, 95 % ${at(0.95)} ms, slowest ${at(1)} ms`,
  );
}

/** Runs in the page: presses Next and waits for the first frame after a pencilled estimate or the likely cause has changed. */
function untilEstimateChanges() {
  const shown = () =>
    new Map(
      [...document.querySelectorAll('[data-testid^="gap-"], [data-testid="estimate-cause"]')].map((each) => [
        each.dataset.testid,
        each.textContent,
      ]),
    );
  const before = shown();
  const hasChanged = () => [...shown()].some(([id, text]) => /≈|%|rub[?]/.test(text) && before.get(id) !== text);
  return new Promise((resolve) => {
    const begun = performance.now();
    const settle = () => requestAnimationFrame(() => resolve(performance.now() - begun));
    const observer = new MutationObserver(() => {
      if (!hasChanged()) return;
      observer.disconnect();
      settle();
    });
    observer.observe(document.body, { subtree: true, childList: true, characterData: true });
    document.querySelector('[data-testid="key-Next"]').click();
    setTimeout(() => {
      // An observer left behind would look through every later drawing as well.
      observer.disconnect();
      resolve(null);
    }, 3000);
  });
}
