// npm run bench:screen: the built app in a real browser. The script it takes to open each page, against its budget, which fails; what the
// first screen costs in all; and, with page and engine slowed alike, from a tapped reading to the new estimate on the screen and from the
// tap on Fix to a plan, printed and not judged. `-- --sizes` stops after sizes.
import { v7 as uuid } from 'uuid';
import { firstScreen, openedPages } from './pageSizes.mjs';
import { showApp } from './shownApp.mjs';
import { measuredSlowDown, slowEngine } from './slowWorker.mjs';

const SLOW_DOWN = 4;
const ROUNDS = 3;
const HINGES = { three: [165, 990, 1750], four: [165, 690, 1220, 1750] };
/** The last two gaps stay unread, so that there is always an estimate to change. */
const READINGS = ['4', '3', '2', '5', '4', '3', '5', '3', '2', '8'];

await showApp('bench', async (shown) => {
  for (const { page, kilobytes, budget } of await openedPages(shown)) {
    const isOver = kilobytes > budget;
    console.log(`${isOver ? 'OVER  ' : 'ok    '}${kilobytes.toFixed(1).padStart(7)} KB of ${budget}  ${page}`);
    if (isOver) process.exitCode = 1;
  }
  const costs = await firstScreen(shown);
  console.log(
    `First screen, nothing kept: ${costs.map(({ kind, files, kilobytes }) => `${kind} ${kilobytes.toFixed(1)} KB in ${files}`).join('; ')}`,
  );
  if (process.argv.includes('--sizes')) return;
  const factor = await measuredSlowDown(shown.browser, SLOW_DOWN);
  console.log(`Asked for ${SLOW_DOWN}× slower, the page is ${factor.toFixed(1)}×: the engine is slowed by as much`);
  await printReadingToEstimate(shown, factor);
  for (const hinges of Object.keys(HINGES)) await printPlans(shown, hinges, factor);
});

/** A page on a telephone whose engine is slower; the page itself is slowed by what it returns. */
async function slowPage({ browser }, factor) {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
  await slowEngine(context, factor);
  const page = await context.newPage();
  const devtools = await context.newCDPSession(page);
  return { page, context, slow: () => devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOW_DOWN }) };
}

/** From the tap that finishes a reading to the frame on which the pencilled estimate has changed. */
async function printReadingToEstimate(shown, factor) {
  const { url } = shown;
  const taken = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const { page, context, slow } = await slowPage(shown, factor);
    await page.goto(`${url}/call/${await freshCall(page, url)}/measure`);
    await page.getByTestId('estimate-cause').waitFor();
    await page.getByTestId('key-0–9').click();
    await slow();
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
  const seen = taken.filter((ms) => ms !== null);
  console.log(`Reading to estimate on screen, ${seen.length} readings (${unchanged} more moved no shown figure): ${spread(seen)}`);
}

function spread(taken) {
  const sorted = [...taken].sort((a, b) => a - b);
  const at = (share) => (sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN).toFixed(0);
  return `median ${at(0.5)} ms, 95 % ${at(0.95)} ms, slowest ${at(1)} ms`;
}

async function callsOf(page, url) {
  const answer = await page.request.get(`${url}/api/call-summaries?limit=200`);
  return (await answer.json()).items;
}

/** A call on which nothing was read yet, on the door of one of the demo. */
async function freshCall(page, url) {
  const { call } = (await callsOf(page, url)).find(({ door }) => door.title === 'Front door');
  const id = uuid();
  const data = { ...call, id, revision: 1, state: 'open', writtenAt: new Date().toISOString(), madeFrom: null };
  const answer = await page.request.put(`${url}/api/calls/${id}`, { data });
  if (!answer.ok()) throw new Error(`No call could be begun: ${await answer.text()}`);
  return id;
}

/** From the tap on Fix to a plan on the screen, the first and the last one, on every measured call of the demo, its door on so many hinges. */
async function printPlans(shown, hinges, factor) {
  const { url } = shown;
  const { page, context, slow } = await slowPage(shown, factor);
  const doors = await hangOn(page, url, HINGES[hinges]);
  const taken = [];
  await page.goto(url);
  await page.getByTestId('new-call').waitFor();
  await slow();
  for (const { call } of doors) {
    await page.goto(`${url}/call/${call}`);
    await page.getByTestId('to-measure').waitFor();
    // The engine has started and run in before anybody has looked at a call.
    await page.waitForTimeout(3000);
    taken.push(await page.evaluate(untilPlanned));
  }
  await context.close();
  const planned = taken.filter((each) => each !== null);
  const lines = [
    ['first', planned.map(({ first }) => first)],
    ['settled', planned.map(({ last }) => last)],
  ].map(([what, ms]) => `${what} ${spread(ms)}`);
  console.log(`Fix to a plan on screen, ${hinges} hinges, ${planned.length} of ${taken.length} calls: ${lines.join('; ')}`);
}

/** Hangs the door of every call that has gap readings on these hinges; the calls. */
async function hangOn(page, url, hingeHeightsMm) {
  const hung = [];
  for (const { call, door } of await callsOf(page, url)) {
    const card = await (await page.request.get(`${url}/api/doors/${door.id}`)).json();
    const record = await (await page.request.get(`${url}/api/calls/${call.id}/record`)).json();
    if (record.readings.length < 6) continue;
    const make = { ...card.make, hingeHeightsMm };
    const data = { ...card, make, revision: card.revision + 1, writtenAt: new Date().toISOString(), madeFrom: null };
    const answer = await page.request.put(`${url}/api/doors/${door.id}`, { data });
    if (answer.ok()) hung.push({ call: call.id });
  }
  return hung;
}

/** Runs in the page: taps Fix and waits for a plan on the screen, and for the one that nothing is searched for any more. */
function untilPlanned() {
  return new Promise((resolve) => {
    const begun = performance.now();
    let first;
    const look = () => {
      const since = performance.now() - begun;
      const isThere = document.querySelector('[data-testid="plan-outcome"]') !== null;
      const isSearching = document.querySelector('[data-testid="plan-stop"]') !== null;
      if (isThere) first ??= since;
      if (isThere && !isSearching) resolve({ first, last: since });
      else if (since > 30_000) resolve(null);
      else requestAnimationFrame(look);
    };
    document.querySelector('[data-testid="stage-fix"]').click();
    requestAnimationFrame(look);
  });
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
