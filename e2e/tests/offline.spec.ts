import type { Page } from '@playwright/test';
import { expect, expectNothingLost, test, type House } from '../house';
import { faultsAtEverySize } from '../layout';
import { answerLook, callIdOf, expectAllSaved, openSaggingDoor, SAGGING, tapReading, walkRound } from '../technician';

const foundOnKitchen = (house: House) =>
  house.rows<{ station: string; mm: number | null; n: number }>(
    `SELECT r.station, MAX(r.mm) AS mm, COUNT(*) AS n FROM reading r JOIN reading_set s ON s.id = r.setId JOIN "call" c ON c.id = s.callId
     WHERE s.stage = 'found' AND c.complaint LIKE 'Catches%' GROUP BY r.station`,
  );

const notesOf = (house: House, callId: string) =>
  house.rows<{ text: string }>('SELECT text FROM note WHERE callId = ? ORDER BY id', callId).map(({ text }) => text);

const expectEachOnce = (fault: string, house: House) => {
  const rows = foundOnKitchen(house);
  expect(rows.map(({ n }) => n)).toEqual(SAGGING.map(() => 1));
  expectNothingLost(
    fault,
    SAGGING.map(([station, tapped]) => `${station} ${tapped === 'rubs' ? null : Number(tapped)}`).sort(),
    rows.map(({ station, mm }) => `${station} ${mm}`).sort(),
  );
};

test('without a network: a walk-round, a reload, and every reading is in SQLite once when it is back', async ({ page, context, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('to-measure').click();
  await expect(page.getByTestId('active-station')).toHaveText('Latch gap, bottom');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));

  await context.setOffline(true);
  await expect(page.getByTestId('save-sign')).toHaveText('Offline');
  await walkRound(page, SAGGING);
  // The walk-round itself and its twelve readings.
  await expect(page.getByTestId('save-sign')).toHaveText('13 kept here');
  await page.getByTestId('station-latch.mid').click();
  await page.getByTestId('key-7').click();

  await page.reload();
  for (const [station, tapped] of SAGGING) await expect(page.getByTestId(`gap-${station}`)).toHaveText(tapped);
  await expect(page.getByTestId('typed')).toHaveText('7');
  await expect(page.getByTestId('save-sign')).toHaveText('13 kept here');
  expect(foundOnKitchen(house)).toEqual([]);

  await context.setOffline(false);
  await expectAllSaved(page);
  expectEachOnce('no network, and a reload', house);
});

test('with the server killed half-way: nothing typed or confirmed is lost, and nothing is there twice', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('to-measure').click();
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await walkRound(page, SAGGING.slice(0, 5));
  await house.kill();
  const confirmed = foundOnKitchen(house).length;
  await walkRound(page, SAGGING.slice(5));
  await expect(page.getByTestId('save-sign')).toContainText('kept here');
  await page.reload();
  for (const [station, tapped] of SAGGING) await expect(page.getByTestId(`gap-${station}`)).toHaveText(tapped);
  await house.start();
  await expectAllSaved(page);
  expect(foundOnKitchen(house).length).toBeGreaterThanOrEqual(confirmed);
  expectEachOnce('server killed half-way', house);
});

test('a whole new call is begun, measured and planned with the server gone', async ({ page, house }) => {
  await page.goto(house.url);
  await expect(page.getByTestId('new-call')).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await house.kill();
  await page.getByTestId('new-call').click();
  await page.getByTestId('site-new').click();
  await page.getByTestId('site-name').fill('Bramlow Chapel');
  await page.getByTestId('door-title').fill('Vestry');
  await page.getByTestId('preset-solid').click();
  await page.getByTestId('start-call').click();
  await page.getByTestId('to-measure').click();
  await walkRound(page, SAGGING);
  await page.getByTestId('stage-fix').click();
  await expect(page.getByTestId('plan-outcome')).toContainText('Leaves the door free');
  await page.reload();
  await expect(page.getByTestId('plan-outcome')).toContainText('Leaves the door free');
  await house.start();
  await expectAllSaved(page);
  expect(
    house.rows(
      `SELECT d.title, json_extract(d.make, '$.slabWidthMm') AS slabWidthMm FROM door d JOIN site s ON s.id = d.siteId WHERE s.name = 'Bramlow Chapel'`,
    ),
  ).toEqual([{ title: 'Vestry', slabWidthMm: 762 }]);
  const [{ n } = { n: 0 }] = house.rows<{ n: number }>(
    `SELECT COUNT(*) AS n FROM reading r JOIN reading_set t ON t.id = r.setId JOIN "call" c ON c.id = t.callId JOIN door d ON d.id = c.doorId WHERE d.title = 'Vestry'`,
  );
  expect(n).toBe(12);
});

/** The door's call, changed by another device while this one is away. */
async function changeElsewhere(page: Page, house: House, change: Record<string, unknown>): Promise<void> {
  const callId = callIdOf(page);
  const { call } = (await (await page.request.get(`${house.url}/api/calls/${callId}/record`)).json()) as { call: { writtenAt: string } };
  const written = { ...call, revision: 2, madeFrom: call.writtenAt, writtenAt: new Date().toISOString(), ...change };
  expect((await page.request.put(`${house.url}/api/calls/${callId}`, { data: written })).status()).toBe(201);
}

const closeWithoutNetwork = async (page: Page) => {
  await page.getByTestId('stage-prove').click();
  await page.context().setOffline(true);
  await page.getByTestId('close-call').click();
  await page.getByRole('radio', { name: 'Waits for parts' }).click();
  await expect(page.getByTestId('save-sign')).toHaveText('1 kept here');
};

const revisionsOf = (house: House, callId: string) =>
  house
    .rows<{ body: string }>('SELECT body FROM card_revision WHERE kind = ? AND id = ? ORDER BY revision', 'calls', callId)
    .map(({ body }) => JSON.parse(body) as { complaint: string; state: string; leftBecause?: string | null });

test('a card two devices changed in different places holds both, and nobody is asked', async ({ page, context, house }) => {
  await openSaggingDoor(page, house.url);
  const callId = callIdOf(page);
  await closeWithoutNetwork(page);
  await changeElsewhere(page, house, { complaint: 'Changed elsewhere.' });
  await context.setOffline(false);
  await expectAllSaved(page);
  const [row] = house.rows('SELECT complaint, state, leftBecause, revision FROM "call" WHERE id = ?', callId);
  expectNothingLost('card changed in two places', ['Changed elsewhere.', 'done', 'Waits for parts', 3], Object.values(row ?? {}));
});

test('what two devices changed otherwise is chosen field by field, and both stay in the history', async ({ page, context, house }) => {
  await openSaggingDoor(page, house.url);
  const callId = callIdOf(page);
  await closeWithoutNetwork(page);
  await changeElsewhere(page, house, { complaint: 'Changed elsewhere.', state: 'done', leftBecause: 'Customer was not there' });
  await context.setOffline(false);
  await page.getByTestId('to-unsaved').click();
  await expect(page.getByTestId('two-versions')).toContainText('Orrow household, Kitchen');
  await expect(page.getByTestId('keep-chosen')).toHaveText('1 still to choose');
  expect(await faultsAtEverySize(page, 'Two versions')).toEqual([]);
  await page.getByRole('radio', { name: 'There: Customer was not there' }).click();
  await page.getByTestId('keep-chosen').click();
  await expectAllSaved(page);
  await expect(page.getByText('Everything is with the server.')).toBeVisible();
  expectNothingLost(
    'card race, one chosen and both kept',
    [null, 'Customer was not there', 'Waits for parts', 'Customer was not there'],
    revisionsOf(house, callId).map(({ leftBecause }) => leftBecause ?? null),
  );
  expect(revisionsOf(house, callId)[3]).toMatchObject({ complaint: 'Changed elsewhere.', state: 'done' });
});

test('what the server refuses is shown with all it holds, sent again, and thrown away only when asked twice', async ({
  page,
  context,
  house,
}) => {
  await openSaggingDoor(page, house.url);
  const callId = callIdOf(page);
  await context.setOffline(true);
  await page.getByTestId('note').fill('Key is with the neighbour.');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  const kept = await page.evaluate(() => {
    const [key = ''] = Object.keys(localStorage).filter((each) => each.startsWith('swing.outbox.'));
    return localStorage.getItem(key) ?? '';
  });
  const { body } = JSON.parse(kept) as { body: { id: string } };
  await page.request.put(`${house.url}/api/notes/${body.id}`, { data: { ...body, text: 'Another under this id.' } });
  await context.setOffline(false);
  await expect(page.getByTestId('save-sign')).toHaveText('1 refused ›');
  await page.getByTestId('to-unsaved').click();
  const entry = page.getByTestId('refused-entry');
  await expect(entry).toContainText('Orrow household, Kitchen');
  await expect(entry).toContainText('Key is with the neighbour.');
  await expect(entry).toContainText('Note was written before with other contents');
  expect(await faultsAtEverySize(page, 'Not yet saved')).toEqual([]);
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByTestId('save-refused').click()]);
  expect(file.suggestedFilename()).toBe(`notes-${body.id}.json`);
  await page.getByTestId('throw-away').click();
  await page.getByTestId('keep-refused').click();
  await page.getByTestId('send-again').click();
  await expect(page.getByTestId('save-sign')).toHaveText('1 refused ›');
  await page.getByTestId('throw-away').click();
  await page.getByTestId('throw-away-sure').click();
  await expectAllSaved(page);
  expect(house.rows('SELECT text FROM note WHERE callId = ?', callId)).toEqual([{ text: 'Another under this id.' }]);
});

test('two tabs of a device show one list; what one wrote the other sends, and both have it', async ({ page, context, house }) => {
  await openSaggingDoor(page, house.url);
  const callId = callIdOf(page);
  await expectAllSaved(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByTestId('save-sign')).toHaveText('Saved');
  await house.kill();
  for (const [tab, text] of [
    [page, 'Written in the first.'],
    [other, 'Written in the second.'],
  ] as const) {
    await tab.getByTestId('note').fill(text);
    await tab.getByRole('button', { name: 'Keep the note' }).click();
  }
  await expect(page.getByTestId('save-sign')).toHaveText('2 kept here');
  await expect(other.getByTestId('save-sign')).toHaveText('2 kept here');
  await page.close();
  await house.start();
  await expectAllSaved(other);
  await expect(other.getByText('Written in the first.')).toBeVisible();
  expectNothingLost('two tabs', ['Written in the first.', 'Written in the second.'], notesOf(house, callId));
});

test('a server put back to an older backup: what this device had saved since is offered and sent again', async ({ page, house }) => {
  await page.goto(house.url);
  await expect(page.getByTestId('new-call')).toBeVisible();
  const putBack = house.backup();
  await page.getByTestId('new-call').click();
  await page.getByTestId('site-new').click();
  await page.getByTestId('site-name').fill('Bramlow Chapel');
  await page.getByTestId('door-title').fill('Vestry');
  await page.getByTestId('preset-solid').click();
  await page.getByTestId('start-call').click();
  await page.getByTestId('to-measure').click();
  await walkRound(page, SAGGING);
  await expectAllSaved(page);
  const callId = callIdOf(page);
  // The answers kept on the device hold it all: nothing of it waits any more.
  await expect.poll(() => page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('swing.outbox.')).length)).toBe(0);
  await house.kill();
  putBack();
  await house.start();
  await page.reload();
  await page.getByTestId('to-unsaved').click();
  await expect(page.getByText('Lost by the server')).toBeVisible();
  await page.getByTestId('send-lost').click();
  await expectAllSaved(page);
  const readings = house.rows<{ station: string }>(
    'SELECT r.station FROM reading r JOIN reading_set t ON t.id = r.setId WHERE t.callId = ?',
    callId,
  );
  expectNothingLost('older backup', SAGGING.map(([station]) => station).sort(), readings.map(({ station }) => station).sort());
});

test('the log-in page of a network confirms nothing: what was read is kept, and sent once the server itself answers', async ({
  page,
  house,
}) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('to-measure').click();
  await tapReading(page, '4.6');
  await expectAllSaved(page);
  await page.route('**/api/**', (route) =>
    route.fulfill({ status: 200, contentType: 'text/html', body: '<title>Welcome. Please log in.</title>' }),
  );
  await tapReading(page, '2.6');
  await tapReading(page, 'rubs');
  await expect(page.getByTestId('save-sign')).not.toHaveText('Saved');
  const callId = callIdOf(page);
  const stations = () =>
    house
      .rows<{ station: string }>(
        'SELECT r.station FROM reading r JOIN reading_set s ON s.id = r.setId WHERE s.callId = ? ORDER BY r.id',
        callId,
      )
      .map(({ station }) => station);
  expect(stations()).toEqual(['latch.bottom']);
  await page.unroute('**/api/**');
  await expectAllSaved(page);
  expectNothingLost('log-in page of a network', ['latch.bottom', 'latch.mid', 'latch.top'], stations());
});

test('a full device says so whatever is tapped, keeps the text on the screen, and takes it once there is room', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await expectAllSaved(page);
  const callId = callIdOf(page);
  await page.evaluate(() => {
    // To the last letter.
    for (let size = 2 ** 22; size >= 1; size /= 2) {
      for (let block = 0; ; block += 1) {
        try {
          localStorage.setItem(`filler.${size}.${block}`, 'x'.repeat(size));
        } catch {
          break;
        }
      }
    }
  });
  const full = page.getByTestId('device-full');
  await page.getByTestId('note').fill('Key is with the neighbour.');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await expect(full).toContainText('This device is full');
  await expect(page.getByTestId('note')).toHaveValue('Key is with the neighbour.');
  await page.getByTestId('check-complaint-rattles').click();
  await expect(page.getByTestId('check-complaint-rattles')).toHaveAttribute('aria-pressed', 'false');
  await page.getByTestId('stage-look').click();
  await expect(full).toBeVisible();
  await answerLook(page, 'check-topScrews-loose');
  await expect(full).toBeVisible();
  await page.getByTestId('stage-listen').click();
  await page.evaluate(() =>
    Object.keys(localStorage)
      .filter((key) => key.startsWith('filler.'))
      .forEach((key) => localStorage.removeItem(key)),
  );
  await page.getByTestId('note').fill('Key is with the neighbour.');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await expect(full).toHaveCount(0);
  await expectAllSaved(page);
  expectNothingLost('full device', ['Key is with the neighbour.'], notesOf(house, callId));
});
