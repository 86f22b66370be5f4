import type { Page } from '@playwright/test';
import { expect, test, type House } from '../house';
import { expectAllSaved } from '../technician';

const DAY_MS = 86_400_000;

/** The day so many days from now, as the strip and the forms name it. */
const dayKey = (days: number) => new Date(Date.now() + days * DAY_MS).toLocaleDateString('sv');

interface CallRow {
  id: string;
  title: string;
  scheduledFor: string;
  state: string;
  leftBecause: string | null;
}

const callsWhere = (house: House, where: string, ...values: unknown[]): CallRow[] =>
  house.rows<CallRow>(
    `SELECT c.id, d.title, c.scheduledFor, c.state, c.leftBecause FROM "call" c JOIN door d ON d.id = c.doorId WHERE ${where} ORDER BY c.id`,
    ...values,
  );

const callOf = (house: House, id: string) => callsWhere(house, 'c.id = ?', id)[0];

/** When a call is due, as the person reads it. */
const dueAt = (row: CallRow | undefined) => {
  const due = new Date(row?.scheduledFor ?? 0);
  return `${due.toLocaleDateString('sv')} ${due.toLocaleTimeString('sv').slice(0, 5)}`;
};

const kitchenToday = (house: House) => callsWhere(house, `c.complaint LIKE 'Catches%'`)[0]?.id ?? '';

async function openVisit(page: Page, house: House, callId: string): Promise<void> {
  await page.goto(house.url);
  await page.getByTestId(`visit-${callId}`).click();
  await expect(page.getByTestId('booked-for')).toBeVisible();
}

test('a call is booked for a day and a time, and stands on that day; two quick presses make one', async ({ page, house }) => {
  await page.goto(`${house.url}/new`);
  await page.getByRole('radio', { name: 'Ottersby Village Hall' }).click();
  await page.getByRole('radio', { name: 'Committee room' }).click();
  await page.getByTestId('complaint-rattles').click();
  await page.getByTestId('when-booked').click();
  await page.getByTestId('time').fill('');
  await page.getByTestId('start-call').click();
  await expect(page.getByText('Choose a day and a time.')).toBeVisible();
  await page.getByTestId(`day-${dayKey(2)}`).click();
  await page.getByTestId('time').fill('07:40');
  await page.getByTestId('start-call').dblclick();
  await expect(page.getByTestId('to-search')).toBeVisible();
  await page.getByTestId(`day-${dayKey(2)}`).click();
  await expect(page.getByRole('button', { name: /Ottersby Village Hall, Committee room, .* 07:40, booked/ })).toBeVisible();
  await expectAllSaved(page);
  const booked = callsWhere(house, `d.title = 'Committee room' AND c.state = 'open'`);
  expect(booked.map(dueAt)).toEqual([`${dayKey(2)} 07:40`]);
  expect(house.rows('SELECT answer FROM finding WHERE callId = ?', booked[0]?.id)).toEqual([{ answer: 'rattles' }]);
});

test('a call is moved by its sheet and moved back; on the way, on site and no access are told, each kept in its history', async ({
  page,
  house,
}) => {
  const id = kitchenToday(house);
  const before = dueAt(callOf(house, id));
  await openVisit(page, house, id);
  await page.getByTestId(`day-${dayKey(3)}`).click();
  await page.getByTestId('time').fill('14:15');
  await page.getByTestId('move-call').click();
  await expect(page.getByTestId('booked-for')).toContainText('14:15');
  await expectAllSaved(page);
  expect(dueAt(callOf(house, id))).toBe(`${dayKey(3)} 14:15`);
  await page.getByTestId('move-back').click();
  await expect(page.getByTestId('booked-for')).toHaveText('Today, 08:30');
  await page.getByTestId('to-onTheWay').click();
  await expect(page.getByTestId('call-state')).toContainText('On the way');
  await page.getByTestId('to-onSite').click();
  await page.getByTestId('to-noAccess').click();
  await page.getByTestId('reason-Nobody there').click();
  await expect(page.getByTestId('call-state')).toContainText('Nobody there');
  await page.goto(house.url);
  await expect(page.getByTestId(`state-${id}`)).toHaveText('no access: Nobody there');
  await expect(page.getByRole('heading', { name: /To be settled/ })).toBeVisible();
  await expectAllSaved(page);
  expect(callOf(house, id)).toMatchObject({ state: 'noAccess', leftBecause: 'Nobody there' });
  expect(dueAt(callOf(house, id))).toBe(before);
  const states = house
    .rows<{ body: string }>(`SELECT body FROM card_revision WHERE kind = 'calls' AND id = ? ORDER BY revision`, id)
    .map(({ body }) => (JSON.parse(body) as CallRow).state);
  expect(states).toEqual(['open', 'open', 'open', 'onTheWay', 'onSite', 'noAccess']);

  // Booked anew it is an ordinary call again, without its reason.
  await page.getByTestId(`visit-${id}`).click();
  await page.getByTestId(`day-${dayKey(1)}`).click();
  await page.getByTestId('move-call').click();
  await expectAllSaved(page);
  expect(callOf(house, id)).toMatchObject({ state: 'open', leftBecause: null });
});

test('a call is cancelled with a reason of one’s own and opened again', async ({ page, house }) => {
  const id = kitchenToday(house);
  await openVisit(page, house, id);
  await page.getByTestId('to-cancelled').click();
  await expect(page.getByTestId('close-because')).toBeDisabled();
  await page.getByTestId('reason-words').fill('Sold the house');
  await page.getByTestId('close-because').click();
  await expect(page.getByTestId('call-state')).toContainText('Sold the house');
  await page.goto(house.url);
  await expect(page.getByTestId(`call-${id}`)).toHaveCount(0);
  await page.getByTestId('closed-today').click();
  await expect(page.getByTestId(`state-${id}`)).toHaveText('× cancelled: Sold the house');
  await expectAllSaved(page);
  expect(callOf(house, id)).toMatchObject({ state: 'cancelled', leftBecause: 'Sold the house' });
  await page.getByTestId(`visit-${id}`).click();
  await page.getByTestId('to-open').click();
  await expect(page.getByTestId('call-state')).toHaveText('Booked.');
  await expectAllSaved(page);
  expect(callOf(house, id)).toMatchObject({ state: 'open', leftBecause: null });
});

test('a second door of the site is called to at the same time, and both are one visit', async ({ page, house }) => {
  const id = kitchenToday(house);
  await openVisit(page, house, id);
  await page.getByTestId('another-door').click();
  await expect(page.getByTestId('time')).toHaveCount(0);
  await page.getByRole('radio', { name: 'Upstairs bathroom' }).click();
  await expect(page.getByTestId('time')).toHaveValue('08:30');
  await page.getByTestId('start-call').click();
  await expect(page.getByRole('button', { name: /Orrow household, Upstairs bathroom, .* 08:30/ })).toBeVisible();
  // The site is named once, above both.
  await expect(page.getByText('Orrow household', { exact: true })).toHaveCount(1);
  await expectAllSaved(page);
  const [second] = callsWhere(house, `d.title = 'Upstairs bathroom' AND c.state = 'open'`);
  expect(second?.scheduledFor).toBe(callOf(house, id)?.scheduledFor);
});

test.describe('at a desk', () => {
  test.use({ viewport: { width: 1280, height: 800 } });

  test('a call is dragged to a day by mouse and by keys', async ({ page, house }) => {
    const id = kitchenToday(house);
    await page.goto(house.url);
    const grip = page.getByTestId(`grip-${id}`);
    const target = page.getByTestId(`day-${dayKey(4)}`);
    const [from, to] = [await grip.boundingBox(), await target.boundingBox()];
    if (from === null || to === null) throw new Error('grip and day are drawn');
    await page.mouse.move(from.x + 20, from.y + 20);
    await page.mouse.down();
    await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 12 });
    await page.mouse.up();
    await expect(page.getByTestId('moved')).toContainText('Kitchen: moved to');
    await expectAllSaved(page);
    expect(dueAt(callOf(house, id))).toBe(`${dayKey(4)} 08:30`);
    await page.getByTestId('move-back').click();
    await expect(grip).toBeVisible();

    await grip.focus();
    await page.keyboard.press('Space');
    const told = page.getByRole('status');
    await expect(told.filter({ hasText: 'Kitchen: picked up.' })).toBeAttached();
    for (const day of [0, 1]) {
      await page.keyboard.press('ArrowRight');
      const name = new Date(Date.now() + day * DAY_MS).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
      await expect(told.filter({ hasText: `Over ${name}.` })).toBeAttached();
    }
    await page.keyboard.press('Space');
    await expect(page.getByTestId('moved')).toContainText('Kitchen: moved to');
    await expectAllSaved(page);
    expect(dueAt(callOf(house, id))).toBe(`${dayKey(1)} 08:30`);
  });

  test('sites and doors are tables that sort and filter, and lead to every visit', async ({ page, house }) => {
    await page.goto(`${house.url}/search`);
    await page.getByTestId('all-sites').click();
    await page.getByTestId('sort-calls').click();
    await expect(page.getByRole('columnheader', { name: /Calls/ })).toHaveAttribute('aria-sort', 'descending');
    const [most] = house.rows<{ name: string; n: number }>(
      `SELECT s.name, COUNT(c.id) AS n FROM site s JOIN door d ON d.siteId = s.id JOIN "call" c ON c.doorId = d.id GROUP BY s.id ORDER BY n DESC`,
    );
    await expect(page.getByRole('row').nth(1)).toContainText(most?.name ?? '');
    await page.getByTestId('book-filter').fill('dunm');
    await expect(page.getByRole('row')).toHaveCount(2);
    await page.getByRole('link', { name: 'Dunmorrow Court' }).click();
    await expect(page.getByRole('heading', { name: 'Doors: 4' })).toBeVisible();
    await page
      .getByRole('button', { name: /^Stair door/ })
      .first()
      .click();
    await expect(page.getByRole('heading', { name: 'Gaps as left, visit by visit' })).toBeVisible();
    expect(house.rows('SELECT id FROM "call" WHERE revision > 1')).toEqual([]);
  });
});

test('found again: by what the customer said, of a call long done, and on the device with the server gone', async ({ page, house }) => {
  const id = kitchenToday(house);
  await page.goto(house.url);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.getByTestId('to-search').click();
  await expect(page.getByTestId('search')).toBeFocused();
  await page.keyboard.type('orr catch');
  await expect(page.getByTestId('found-from')).toHaveText('The newest of each.');
  await page.getByTestId(`hit-calls-${id}`).click();
  await expect(page.getByRole('heading', { name: 'Kitchen' })).toBeVisible();
  // Of a call long done, which only the server knows.
  await page.goto(`${house.url}/search`);
  await page.getByTestId('search').fill('carp');
  await expect(page.getByText('New carpet, cut to clear.')).toBeVisible();
  await page.getByTestId('search').fill('nosuchword');
  await expect(page.getByTestId('found-from')).toHaveText('Nothing holds all these words.');

  await house.kill();
  await page.getByTestId('search').fill('pantr');
  await expect(page.getByTestId('found-from')).toHaveText(/^Only what is kept on this device was looked through/);
  await page.getByRole('button', { name: /^Pantry, Vandersloe cottage/ }).click();
  await expect(page.getByRole('heading', { name: 'Pantry' })).toBeVisible();
  await page.goto(`${house.url}/search`);
  await page.getByTestId('search').fill('weir');
  await page.getByTestId(/^hit-sites/).click();
  await expect(page.getByTestId('kept-only')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Doors: 3' })).toBeVisible();
});
