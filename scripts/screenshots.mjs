// npm run screenshots: takes the pictures of docs/screenshots from the built app with fresh demo data.
import { join } from 'node:path';
import { ROOT } from './house.mjs';
import { showApp } from './shownApp.mjs';

const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };
/** Steps of the gauge, each a key. */
const FOUND = ['4½', '2½', 'Rubs', '5', '4', '3', '4½', '3', '2'];
const LEFT = ['3', '3', '3', '3½', '3', '3', '2', '2', '2½', '8', '8', '8'];

/** An opening and a slab for it. */
const OPENING = {
  'widths.top': '765',
  'widths.middle': '774',
  'widths.foot': '772',
  'heights.hinge': '1995',
  'heights.middle': '1993',
  'heights.latch': '1989',
  plumbHinge: '4',
  straightHinge: '1',
  levelFloor: '2',
  slabWidthsMm: '764',
  slabHeightsMm: '1985',
};

/** A picture once nothing is being fetched, drawn or saved. */
async function picture(page, name) {
  await page.waitForLoadState('networkidle');
  await page.waitForFunction(() => document.querySelector('[data-testid="save-sign"]')?.textContent === 'Saved');
  await page.waitForTimeout(500);
  await page.screenshot({ path: join(ROOT, `docs/screenshots/${name}.png`) });
}

async function tap(page, readings) {
  for (const figure of readings) await page.getByTestId(`key-${figure}`).click();
}

async function writeGaps(page, gaps) {
  for (const [key, figure] of Object.entries(gaps)) await page.getByTestId(`gap-${key}`).fill(figure);
  await page.getByTestId('write-gaps').click();
}

/** @param day how many days ahead it is due */
async function openCall(page, url, name, day = 0) {
  await page.goto(url);
  if (day > 0) await page.getByTestId(/^day-/).nth(day).click();
  if (day < 0) await page.getByTestId('done-before').click();
  await page.getByRole('button', { name }).click();
}

await showApp('pictures', async ({ url, browser }) => {
  const phone = await (await browser.newContext({ viewport: PHONE, locale: 'en-GB' })).newPage();
  await phone.goto(url);
  await phone.getByText('Orrow household').first().waitFor();
  await phone.getByTestId('dismiss-how').click();
  await picture(phone, 'today');
  await phone
    .getByTestId(/^visit-/)
    .first()
    .click();
  await phone.getByTestId('booked-for').waitFor();
  await picture(phone, 'visit');
  await openCall(phone, url, /Orrow household, Kitchen, .* 08:30/);
  await phone.getByTestId('check-complaint-rubsLatchTop').click();
  await picture(phone, 'listen');
  await phone.getByTestId('to-look').click();
  await phone.getByTestId('station-latch.top').click();
  await phone.getByTestId('gap-latch.top').getByText('rubs').waitFor();
  await picture(phone, 'look');
  await phone.getByTestId('station-latch.top').click();
  await phone.getByTestId('to-measure').click();
  await tap(phone, FOUND.slice(0, 5));
  await picture(phone, 'measure');
  await tap(phone, FOUND.slice(5));
  await phone.getByTestId('estimate').click();
  await phone.getByTestId('next-best').waitFor();
  await picture(phone, 'find');
  await phone.getByTestId('stage-look').click();
  await phone.getByTestId('check-topScrews-loose').click();
  await phone.getByTestId('stage-find').click();
  await phone.getByTestId('to-fix').click();
  await phone.getByTestId('step-1').waitFor();
  await picture(phone, 'fix');
  await phone.getByTestId('what-if').click();
  for (let i = 0; i < 2; i += 1) await phone.getByTestId('tried-more').click();
  await phone.getByTestId('what-if-clear').scrollIntoViewIfNeeded();
  await picture(phone, 'what-if');
  await phone.getByTestId('what-if').click();
  for (const step of await phone.getByTestId(/^step-\d$/).all()) await step.getByTestId('log-step').click();
  await phone.getByTestId('to-prove').click();
  await tap(phone, LEFT);
  await phone.getByTestId('to-proof').click();
  await phone.getByTestId('all-good').click();
  await phone.getByTestId('verdict').evaluate((verdict) => verdict.scrollIntoView({ block: 'end' }));
  await picture(phone, 'prove');
  await phone.goto(`${url}/bench/fit-slab`);
  for (const [field, figure] of Object.entries(OPENING)) await phone.getByTestId(`field-${field}`).fill(figure);
  await phone.getByTestId('cut-hinge').waitFor();
  await phone.getByTestId('field-heights.hinge').evaluate((field) => field.scrollIntoView({ block: 'center' }));
  await picture(phone, 'opening');
  await phone.goto(`${url}/new`);
  await phone.getByTestId('site-new').click();
  await phone.getByTestId('site-name').fill('Bramlow Chapel');
  await picture(phone, 'new-call');
  await openCall(phone, url, /Vandersloe cottage, Garden room/, 2);
  await phone.getByTestId('stage-measure').click();
  await tap(phone, ['3', '4', '5', '7', '9', '12']);
  await picture(phone, 'panel');
  await phone.goto(`${url}/bench/jamb-foot`);
  await phone.getByTestId('field-softTopMm').fill('240');
  await phone.getByTestId('answer').evaluate((answer) => answer.scrollIntoView({ block: 'start' }));
  await picture(phone, 'patch');
  await phone.goto(`${url}/bench/timber-season`);
  await phone.getByTestId('field-gapMm').fill('1.2');
  await phone.getByRole('button', { name: 'The slab: open' }).click();
  await phone.getByTestId('field-build-plank').click();
  await phone.getByRole('button', { name: 'The year here: open' }).click();
  await phone.getByTestId('field-climateId-wetSummer').click();
  await phone.getByTestId('field-month-8').click();
  await phone.getByTestId('answer').evaluate((answer) => answer.scrollIntoView({ block: 'start' }));
  await picture(phone, 'season');
  await openCall(phone, url, /Orrow household, Front door/, 1);
  await phone.getByTestId('stage-fix').click();
  await phone.getByTestId('to-turns').click();
  await writeGaps(phone, { footMm: '6' });
  await phone.getByTestId('gap-latchTopMm').waitFor();
  await writeGaps(phone, { latchTopMm: '10', latchBottomMm: '9.6' });
  await phone.getByTestId('log-turns').click();
  await writeGaps(phone, { latchTopMm: '8.8', latchBottomMm: '8.5', footMm: '6' });
  await phone.getByTestId('turn-topSide').waitFor();
  await picture(phone, 'turns');
  await openCall(phone, url, /Ottersby Village Hall, Committee room/, -1);
  await phone.getByRole('link', { name: 'Earlier visits' }).click();
  await phone.getByText('Gaps as left, visit by visit').waitFor();
  await picture(phone, 'door');
  await phone.goto(`${url}/settings`);
  await phone.getByTestId('units-in').click();
  await phone.getByTestId('theme-dark').click();
  await openCall(phone, url, /Marrowby Infants.*Store/);
  await phone.getByTestId('to-measure').click();
  await phone.getByTestId('gap-latch.bottom').waitFor();
  await picture(phone, 'measure-dark-inches');

  const wide = await (await browser.newContext({ viewport: WIDE, locale: 'en-GB' })).newPage();
  await openCall(wide, url, /Dunmorrow Court, Stair door/);
  await wide.getByTestId('stage-measure').click();
  await wide.getByTestId('gap-latch.bottom').waitFor();
  await picture(wide, 'measure-wide');
  await openCall(wide, url, /Vandersloe cottage, Pantry/);
  await wide.getByTestId('stage-fix').click();
  await wide.getByTestId('plan-outcome').waitFor();
  await picture(wide, 'fix-wide');
});
