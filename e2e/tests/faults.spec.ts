import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { BUILT_APP, expect, expectNothingLost, test, type House } from '../house';
import { callIdOf, expectAllSaved, openSaggingDoor, SAGGING, tapReading, walkRound } from '../technician';

const kitchenCall = (house: House) => house.rows<{ id: string }>(`SELECT id FROM "call" WHERE complaint LIKE 'Catches%'`)[0]?.id ?? '';

const DAY_MS = 86_400_000;

test('a device a day slow goes on with the walk-round another has begun: it stays one, and none of it is lost', async ({ page, house }) => {
  const callId = kitchenCall(house);
  const writtenAt = new Date().toISOString();
  const set = { id: v7(), writtenAt, callId, stage: 'found' };
  const others = SAGGING.slice(0, 3).map(([station, tapped]) => ({
    ...{ id: v7(), writtenAt, setId: set.id, station, instrument: 'gauge', typed: tapped },
    ...(tapped === 'rubs' ? { kind: 'rubs', mm: null } : { kind: 'figure', mm: Number(tapped) }),
  }));
  expect((await page.request.put(`${house.url}/api/reading-sets/${set.id}`, { data: set })).status()).toBe(201);
  for (const reading of others) {
    expect((await page.request.put(`${house.url}/api/readings/${reading.id}`, { data: reading })).status()).toBe(201);
  }
  await page.clock.install({ time: Date.now() - DAY_MS });
  await page.goto(`${house.url}/call/${callId}/measure`);
  for (const [station, tapped] of SAGGING.slice(0, 3)) await expect(page.getByTestId(`gap-${station}`)).toHaveText(tapped);
  await walkRound(page, SAGGING.slice(3));
  await expectAllSaved(page);
  await page.reload();
  for (const [station, tapped] of SAGGING) await expect(page.getByTestId(`gap-${station}`)).toHaveText(tapped);
  const readings = house.rows<{ station: string; id: string }>(
    'SELECT r.station, r.id FROM reading r JOIN reading_set s ON s.id = r.setId WHERE s.callId = ?',
    callId,
  );
  // What it wrote is told to be a day older than what it was written after.
  const own = readings.filter(({ id }) => !others.some((other) => other.id === id));
  expect(own.every(({ id }) => id < set.id)).toBe(true);
  expect(house.rows('SELECT id FROM reading_set WHERE callId = ?', callId)).toEqual([{ id: set.id }]);
  expectNothingLost('slow clock', SAGGING.map(([station]) => station).sort(), readings.map(({ station }) => station).sort());
});

/** The app as it would be built next: its first page says another thing, and so the browser fetches it anew. */
function nextBuild(): string {
  const folder = mkdtempSync(join(tmpdir(), 'swing-next-'));
  cpSync(BUILT_APP, folder, { recursive: true });
  const change = (file: string, from: RegExp, to: string) => {
    const text = readFileSync(join(folder, file), 'utf8');
    if (!from.test(text)) throw new Error(`${file} does not hold ${String(from)}`);
    writeFileSync(join(folder, file), text.replace(from, to));
  };
  change('index.html', /<title>/, '<meta name="next" content="yes"><title>');
  change('sw.js', /(url:"index\.html",revision:")[0-9a-f]+"/, '$1next"');
  return folder;
}

test('an update of the app with writes waiting: they wait in the next one, which sends them and those of earlier programs', async ({
  page,
  house,
}) => {
  await openSaggingDoor(page, house.url);
  const callId = callIdOf(page);
  await page.getByTestId('to-measure').click();
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  // Controlled by the program it was opened with from now on.
  await page.reload();
  await tapReading(page, '4.6');
  await expectAllSaved(page);
  await house.kill();
  await tapReading(page, '2.6');
  await expect(page.getByTestId('save-sign')).toHaveText('1 kept here');
  // One of the first program of all, which did not yet say of what form it is.
  const earlier = { id: v7(), writtenAt: '2026-03-02T08:30:00.000Z', callId, text: 'Kept before the update.' };
  await page.evaluate(
    (body) => localStorage.setItem('swing.outbox.000000000001.early', JSON.stringify({ sequence: 1, kind: 'notes', body })),
    earlier,
  );

  const next = nextBuild();
  await house.start(next);
  // The update is there before anything is sent: the API still does not answer.
  await page.route('**/api/**', (route) => route.abort());
  await page.evaluate(() => navigator.serviceWorker.getRegistration().then((found) => found?.update()));
  await page.getByTestId('take-newer').click();
  await expect(page.locator('meta[name=next]')).toBeAttached({ timeout: 30_000 });
  await expect(page.getByTestId('gap-latch.mid')).toHaveText('2.6');
  await expect(page.getByTestId('save-sign')).toHaveText('2 kept here');
  await page.unroute('**/api/**');
  await expectAllSaved(page);
  rmSync(next, { recursive: true });
  const found = house.rows<{ says: string }>(
    `SELECT r.station AS says FROM reading r JOIN reading_set s ON s.id = r.setId WHERE s.callId = ?
     UNION ALL SELECT text FROM note WHERE callId = ?`,
    callId,
    callId,
  );
  expectNothingLost(
    'update with writes waiting',
    ['latch.bottom', 'latch.mid', 'Kept before the update.'],
    found.map(({ says }) => says),
  );
});
