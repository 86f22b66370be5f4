import type { Page } from '@playwright/test';
import { expect, test, type House } from '../house';
import { faultsAtEverySize } from '../layout';

const callOn = (house: House, door: string) =>
  house.rows<{ id: string; doorId: string }>(
    `SELECT c.id, c.doorId FROM "call" c JOIN door d ON d.id = c.doorId WHERE d.title = ? ORDER BY c.scheduledFor DESC`,
    door,
  )[0] ?? { id: '', doorId: '' };

const readingsOf = (house: House, callId: string) =>
  house.rows<{ id: string; station: string }>(
    'SELECT r.id, r.station FROM reading r JOIN reading_set s ON s.id = r.setId WHERE s.callId = ? ORDER BY r.id',
    callId,
  );

/** The answers kept on the device, as they are written down. */
const keptAnswers = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const opened = indexedDB.open('keyval-store');
        opened.onerror = () => reject(new Error('no store'));
        opened.onsuccess = () => {
          if (!opened.result.objectStoreNames.contains('keyval')) {
            resolve('');
            return;
          }
          const asked = opened.result.transaction('keyval').objectStore('keyval').get('swing.queries');
          asked.onsuccess = () => resolve(String(asked.result ?? ''));
          asked.onerror = () => reject(new Error('nothing kept'));
        };
      }),
  );

test('without a network from the morning’s list on: a call that was never opened has all its readings, its door its visits', async ({
  page,
  house,
}) => {
  const { id } = callOn(house, 'Store cupboard, year 1');
  const kitchen = callOn(house, 'Kitchen');
  const readings = readingsOf(house, id);
  expect(readings).toHaveLength(7);
  await page.goto(house.url);
  await expect(page.getByTestId(`call-${id}`)).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect.poll(() => keptAnswers(page)).toContain(readings[6]?.id);
  await house.kill();
  await page.reload();
  await expect(page.getByTestId('in-step')).toContainText('Not in step with the server since');
  await page.getByTestId(`call-${id}`).click();
  await page.getByTestId('stage-measure').click();
  for (const { station } of readings) await expect(page.getByTestId(`gap-${station}`)).toHaveText(/./);
  await expect(page.getByTestId('not-here')).toHaveCount(0);
  await page.goto(`${house.url}/door/${kitchen.doorId}`);
  await expect(page.getByRole('columnheader', { name: /left|found/ })).toHaveCount(1);
  await expect(page.getByText('Apr 2026')).toBeVisible();
});

test('what of a call is not on the device is said, and comes when the server is there', async ({ page, house }) => {
  const { id } = callOn(house, 'Kiln room');
  await page.goto(house.url);
  await page.getByTestId('done-before').click();
  await expect(page.getByTestId(`call-${id}`)).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await house.kill();
  await page.getByTestId(`call-${id}`).click();
  const notHere = page.getByTestId('not-here');
  await expect(notHere).toHaveText('Not on this device: 18 readings and 1 step.');
  expect(await faultsAtEverySize(page, 'A call that is not here')).toEqual([]);
  await page.getByTestId('stage-measure').click();
  await expect(notHere).toBeVisible();
  await page.getByTestId('go-on-without').click();
  await expect(page.getByText('Not all of it is here')).toBeVisible();
  await expect(page.getByTestId('active-station')).toHaveText('Latch gap, bottom');
  await house.start();
  await expect(page.getByText('Tollgate Pottery')).toBeVisible();
  const [first] = readingsOf(house, id);
  await expect(page.getByTestId(`gap-${first?.station}`)).toHaveText(/./);
});

test('a server that fails is no empty day: it says that nothing is known, and shows the calls once it answers', async ({ page, house }) => {
  const { id } = callOn(house, 'Store cupboard, year 1');
  const problem = { type: 'about:blank', title: 'Something broke on the server', status: 500, detail: '' };
  await page.route('**/api/call-summaries**', (route) =>
    route.fulfill({ status: 500, json: problem, contentType: 'application/problem+json' }),
  );
  await page.goto(house.url);
  await expect(page.getByTestId('no-calls')).toHaveText('Fetching the calls.');
  await expect(page.getByTestId('no-calls')).toContainText('are not known');
  await expect(page.getByTestId('save-sign')).toHaveText('Server fails');
  // Nor while it is asked for once more.
  await page.waitForRequest('**/api/call-summaries**');
  await expect(page.getByTestId('no-calls')).toContainText('are not known');
  await expect(page.getByTestId('save-sign')).toHaveText('Server fails');
  await page.unroute('**/api/call-summaries**');
  await expect(page.getByTestId(`call-${id}`)).toBeVisible();
  await expect(page.getByTestId('save-sign')).toHaveText('Saved');
  await expect(page.getByTestId('in-step')).toContainText(/^In step with the server, \d\d:\d\d\.$/);
});
