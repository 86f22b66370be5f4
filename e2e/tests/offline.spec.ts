import { expect, test, type House } from '../house';
import { callIdOf, expectAllSaved, openSaggingDoor, SAGGING, tapReading, walkRound } from '../technician';

const foundOnKitchen = (house: House) =>
  house.rows<{ station: string; mm: number | null; n: number }>(
    `SELECT r.station, MAX(r.mm) AS mm, COUNT(*) AS n FROM reading r JOIN reading_set s ON s.id = r.setId JOIN "call" c ON c.id = s.callId
     WHERE s.stage = 'found' AND c.complaint LIKE 'Catches%' GROUP BY r.station`,
  );

const expectEachOnce = (house: House) => {
  const rows = foundOnKitchen(house);
  expect(rows.map(({ n }) => n)).toEqual(SAGGING.map(() => 1));
  expect(new Map(rows.map(({ station, mm }) => [station, mm]))).toEqual(
    new Map(SAGGING.map(([station, tapped]) => [station, tapped === 'rubs' ? null : Number(tapped)])),
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
  expectEachOnce(house);
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
  expectEachOnce(house);
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

test('what the server refuses is said, kept and can be let go', async ({ page, context, house }) => {
  await openSaggingDoor(page, house.url);
  const callId = callIdOf(page);
  await page.getByTestId('stage-prove').click();
  await context.setOffline(true);
  await page.getByTestId('close-call').click();
  await page.getByRole('radio', { name: 'Waits for parts' }).click();
  await expect(page.getByTestId('save-sign')).toHaveText('1 kept here');
  // Meanwhile another device writes the same revision.
  const { call } = (await (await page.request.get(`${house.url}/api/calls/${callId}/record`)).json()) as { call: Record<string, unknown> };
  await page.request.put(`${house.url}/api/calls/${callId}`, { data: { ...call, revision: 2, complaint: 'Changed elsewhere.' } });
  await context.setOffline(false);
  await expect(page.getByTestId('save-sign')).toHaveText('1 refused');
  await page.getByRole('button', { name: /Back to today/ }).click();
  await page.getByRole('button', { name: 'Settings' }).click();
  await expect(page.getByText('has another revision 2')).toBeVisible();
  await page.getByRole('button', { name: 'Let it go' }).click();
  await expectAllSaved(page);
  expect(house.rows('SELECT complaint, state FROM "call" WHERE id = ?', callId)).toEqual([
    { complaint: 'Changed elsewhere.', state: 'open' },
  ]);
  await page.goto(`${house.url}/call/${callId}/measure`);
  await tapReading(page, '3');
  await expectAllSaved(page);
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
  expect(stations()).toEqual(['latch.bottom', 'latch.mid', 'latch.top']);
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
  await page.getByTestId('check-topScrews-loose').click();
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
  expect(house.rows('SELECT text FROM note WHERE callId = ?', callId)).toEqual([{ text: 'Key is with the neighbour.' }]);
});
