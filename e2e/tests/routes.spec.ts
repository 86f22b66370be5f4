import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test, type House } from '../house';
import { faultsAtEverySize, type Faults } from '../layout';
import { expectAllSaved, openSaggingDoor, SAGGING, TRUE_AGAIN } from '../technician';

/** The earliest call on a door of the demo. */
function firstCallOn(house: House, title: string): { call: string; door: string; site: string } {
  const [ids] = house.rows<{ call: string; door: string; site: string }>(
    `SELECT c.id AS call, d.id AS door, d.siteId AS site FROM "call" c JOIN door d ON d.id = c.doorId WHERE d.title LIKE ? ORDER BY c.scheduledFor`,
    `${title}%`,
  );
  if (ids === undefined) throw new Error(`${title} is in the demo`);
  return ids;
}

/** Every page there is, on a call that has been measured, its door and its site; those that look otherwise, on one of a panel too. */
function routesOf(house: House): string[] {
  const { call, door, site } = firstCallOn(house, 'Stair door');
  const panel = firstCallOn(house, 'Garden room, glass');
  return [
    ...[
      '',
      'search',
      'sites',
      'doors',
      `site/${site}`,
      `door/${door}`,
      'new',
      'settings',
      'tables',
      'unsaved',
      'bench',
      'bench/multipoint',
    ],
    ...['bench/latch-strike', 'no-such-page', 'how', 'words'],
    ...['', '/look', '/measure', '/find', '/fix', '/prove', '/log', '/card', '/visit', '/turns'].map((page) => `call/${call}${page}`),
    ...['', '/look', '/measure', '/find', '/fix', '/prove', '/log', '/card', '/take-down'].map((page) => `call/${panel.call}${page}`),
    `door/${panel.door}`,
  ];
}

/** Every rule there is, not only those of the law; a theme changes nothing but colours. */
const RULES = {
  light: (page: Page) => new AxeBuilder({ page }),
  dark: (page: Page) => new AxeBuilder({ page }).withRules(['color-contrast', 'link-in-text-block']),
} as const;

for (const theme of ['light', 'dark'] as const) {
  test(`every page is readable, named and ordered for a screen reader, ${theme}`, async ({ page, house }) => {
    // Two dozen pages, each looked over whole: on a busy machine that takes longer than a test is given.
    test.setTimeout(600_000);
    await page.goto(`${house.url}/settings`);
    await page.getByTestId(`theme-${theme}`).click();
    const titles = new Set<string>();
    for (const route of routesOf(house)) {
      await page.goto(`${house.url}/${route}`);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await expect(page.getByRole('main')).toHaveCount(1);
      await page.waitForLoadState('networkidle');
      const { violations } = await RULES[theme](page).analyze();
      expect(violations.map(({ id, nodes }) => `${route}: ${id}: ${nodes[0]?.html ?? ''}`)).toEqual([]);
      titles.add(await page.title());
    }
    expect(titles.size).toBe(routesOf(house).length);
  });
}

test('the pages of the day and of finding again fit every screen, with long names and faults showing', async ({ page, house }) => {
  test.setTimeout(600_000);
  const [{ id, site } = { id: '', site: '' }] = house.rows<{ id: string; site: string }>(
    `SELECT c.id, d.siteId AS site FROM "call" c JOIN door d ON d.id = c.doorId WHERE c.complaint LIKE 'Catches%'`,
  );
  const card = (await (await page.request.get(`${house.url}/api/sites/${site}`)).json()) as { revision: number };
  const name = 'The Upper Lantern Street Dispensary and Reading Rooms, second stair';
  const named = { ...card, name, revision: card.revision + 1, writtenAt: new Date().toISOString() };
  expect((await page.request.put(`${house.url}/api/sites/${site}`, { data: { ...named, madeFrom: null } })).status()).toBe(201);
  const found = [];
  await page.goto(house.url);
  await expect(page.getByText(name).first()).toBeVisible();
  found.push(...(await faultsAtEverySize(page, 'Today')));
  await page.getByTestId(`visit-${id}`).click();
  await page.getByTestId('to-comeBack').click();
  await page.getByTestId('date').fill('');
  await expect(page.getByTestId('move-call')).toHaveText('Choose a day and a time');
  found.push(...(await faultsAtEverySize(page, 'Visit, asked why')));
  await page.goto(`${house.url}/search`);
  await page.getByTestId('search').fill('lant');
  await expect(page.getByTestId('found-from')).toHaveText('The newest of each.');
  found.push(...(await faultsAtEverySize(page, 'Find')));
  for (const path of ['sites', 'doors', `site/${site}`]) {
    await page.goto(`${house.url}/${path}`);
    await expect(page.getByText(name).first()).toBeVisible();
    found.push(...(await faultsAtEverySize(page, path.replace(site, ''))));
  }
  await page.goto(`${house.url}/new`);
  await page.getByTestId('site-new').click();
  await page.getByTestId('when-booked').click();
  await page.getByTestId('time').fill('');
  await page.getByTestId('start-call').click();
  // The first field that is wrong has the caret.
  await expect(page.getByTestId('site-name')).toBeFocused();
  found.push(...(await faultsAtEverySize(page, 'New call, booked, faults')));
  expect(found).toEqual([]);
});

test('every page without a test of its own fits every screen', async ({ page, house }) => {
  test.setTimeout(600_000);
  await page.goto(`${house.url}/bench`);
  await expect(page.getByTestId('bench-latch.strike')).toBeVisible();
  const sheets = await page.getByTestId(/^bench-/).evaluateAll((rows) => rows.map((row) => row.dataset.testid ?? ''));
  const addresses = sheets.map((id) => `bench/${id.replace('bench-', '').replaceAll('.', '-')}`);
  expect(addresses.length).toBeGreaterThan(8);
  const covered = /^(|search|sites|doors|new|site\/.*|bench.*|call\/[^/]*\/(measure|find|fix|prove|log|card|visit|turns))$/;
  const found: Faults = [];
  for (const route of ['bench', ...addresses, ...routesOf(house).filter((each) => !covered.test(each))]) {
    await page.goto(`${house.url}/${route}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await page.waitForLoadState('networkidle');
    found.push(...(await faultsAtEverySize(page, route)));
  }
  // Words explained in the middle of a check.
  const [{ id } = { id: '' }] = house.rows<{ id: string }>(`SELECT id FROM "call" WHERE complaint LIKE 'Catches%'`);
  await page.goto(`${house.url}/call/${id}/look`);
  await page.getByTestId('checks-hinges').click();
  await page.getByRole('button', { name: 'How to check: Lean on the handle' }).click();
  await page.getByTestId('says-knuckle').first().click();
  await expect(page.getByTestId('drawn-knuckle')).toBeVisible();
  found.push(...(await faultsAtEverySize(page, 'Look, a word explained')));
  expect(found).toEqual([]);
});

/** Goes on with the Tab key until something has the focus. */
async function tabTo(page: Page, testId: string): Promise<void> {
  const isThere = () => page.evaluate((id) => document.activeElement?.getAttribute('data-testid') === id, testId);
  await expect(page.getByTestId(testId)).toBeAttached();
  for (let presses = 0; presses < 150; presses += 1) {
    if (await isThere()) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab does not come to ${testId}.`);
}

async function press(page: Page, testId: string, key: 'Enter' | 'Space' = 'Enter'): Promise<void> {
  await tabTo(page, testId);
  await page.keyboard.press(key);
}

async function typeRound(page: Page, readings: typeof SAGGING): Promise<void> {
  for (const [station, tapped] of readings) {
    if (tapped === 'rubs') await page.keyboard.press('r');
    else {
      await page.keyboard.type(tapped);
      await page.keyboard.press('Enter');
    }
    await expect(page.getByTestId(`gap-${station}`)).toHaveText(tapped);
  }
}

test('the main job by the keyboard alone, from the day to a proved call', async ({ page, house }) => {
  const [{ id } = { id: '' }] = house.rows<{ id: string }>(`SELECT id FROM "call" WHERE complaint LIKE 'Catches%'`);
  await page.goto(house.url);
  // The strip of days is one stop: arrows walk in it.
  const focused = () => page.evaluate(() => document.activeElement?.getAttribute('data-testid') ?? '');
  while (!(await focused()).startsWith('day-')) await page.keyboard.press('Tab');
  const today = await focused();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Tomorrow' })).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  expect(await focused()).toBe(today);
  await press(page, `call-${id}`);
  await press(page, 'check-complaint-rubsLatchTop', 'Space');
  await expect(page.getByTestId('check-complaint-rubsLatchTop')).toHaveAttribute('aria-pressed', 'true');
  await press(page, 'stage-measure');
  await expect(page.getByTestId('active-station')).toHaveText('Latch gap, bottom');
  await typeRound(page, SAGGING);
  await press(page, 'stage-look');
  await tabTo(page, 'check-topScrews-tight');
  for (let steps = 0; steps < 8 && (await focused()) !== 'check-topScrews-loose'; steps += 1) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Space');
  await expect(page.getByTestId('check-topScrews-loose')).toHaveAttribute('aria-checked', 'true');
  await press(page, 'stage-fix');
  await expect(page.getByTestId('step-1')).toBeVisible();
  for (let step = 0; step < 8 && (await page.getByTestId('log-next').count()) > 0; step += 1) {
    const logged = house.rows('SELECT id FROM adjustment WHERE callId = ?', id).length;
    await press(page, 'log-next');
    await expect.poll(() => house.rows('SELECT id FROM adjustment WHERE callId = ?', id).length).toBe(logged + 1);
  }
  await press(page, 'stage-prove');
  await press(page, 'measure-left');
  await expect(page.getByTestId('active-station')).toBeVisible();
  await typeRound(page, TRUE_AGAIN);
  await press(page, 'stage-prove');
  await press(page, 'all-good');
  await press(page, 'close-call');
  await expect(page.getByTestId('next-call')).toBeVisible();
  await expectAllSaved(page);
  expect(house.rows('SELECT state, leftBecause FROM "call" WHERE id = ?', id)).toEqual([{ state: 'done', leftBecause: null }]);
});

test('all of a page is on paper', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.emulateMedia({ media: 'print' });
  const cut = await page.evaluate(() => {
    const main = document.querySelector('[role=main]');
    const scroller = main?.firstElementChild;
    if (!main || !scroller) return ['nothing'];
    return [...document.querySelectorAll('html, body, #root, [role=main], [role=main] > div')].flatMap((element) =>
      element.scrollHeight > element.clientHeight + 1 && getComputedStyle(element).overflowY !== 'visible' ? [element.tagName] : [],
    );
  });
  expect(cut).toEqual([]);
  const pdf = await page.pdf({ format: 'A5' });
  const pages = pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length ?? 0;
  expect(pages).toBeGreaterThan(1);
});
