import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { expect, test } from '../house';

async function fill(page: Page, figures: Readonly<Record<string, string>>): Promise<void> {
  for (const [path, typed] of Object.entries(figures)) await page.getByTestId(`field-${path}`).fill(typed);
}

test.use({ viewport: { width: 390, height: 664 } });

test('a stiff panel on the bench: pull, ticks and turns, each answered where a technician reads it', async ({ page, house }) => {
  await page.goto(`${house.url}/bench`);
  await page.getByTestId('bench-sliding.effort').click();
  await fill(page, { pullN: '95' });
  await expect(page.getByTestId('answer')).toContainText('look first');
  await page.getByTestId('field-track-clean').click();
  await page.getByTestId('field-wheels-stiff').click();
  await expect(page.getByTestId('answer')).toHaveText('Hardly moves: lubricate the wheels.');
  await expect(page.getByTestId('panel-mass')).toHaveText('48 kg');
  await page.getByTestId('field-isLubricated-yes').click();
  await expect(page.getByTestId('answer')).toContainText('replace the rollers');

  // Seven ticks in the first pass at even steps, others in the next: a wheel of 102 mm round.
  await page.goto(`${house.url}/bench/sliding-ticks`);
  await fill(page, {
    'pass.1': '95, 197, 300, 402, 604, 707, 810',
    'pass.2': '58, 262, 363, 466, 567, 770',
    'pass.3': '12, 113, 216, 317, 420, 521, 624, 828',
  });
  await expect(page.getByTestId('answer')).toContainText('A wheel of about 32');
  await fill(page, { 'pass.1': '412', 'pass.2': '405', 'pass.3': '409' });
  await expect(page.getByTestId('answer')).toHaveText('The track, 408.7 mm from the closing jamb.');

  await page.goto(`${house.url}/bench/sliding-turns`);
  await fill(page, { jambTopMm: '6', jambFootMm: '14', footLeadMm: '3', footTrailMm: '6', liftLeadMm: '7', liftTrailMm: '4' });
  await expect(page.getByTestId('answer')).toContainText('Closing end 2 turns up; leave the other end.');
  await expect(page.getByTestId('untried')).toBeVisible();
  await page.getByRole('button', { name: 'What the first turn did: open' }).click();
  await fill(page, { 'tried.turns': '1' });
  await fill(page, { 'tried.leadMm': '0', 'tried.trailMm': '1.4' });
  await expect(page.getByTestId('turns-limit')).toContainText('turns and does nothing');
  await expect(page.getByTestId('answer')).toHaveText('No turn helps as it stands.');
});

test('ticks are tapped while the panel is slid, and the next pass waits at the other end', async ({ page, house }) => {
  await page.goto(`${house.url}/bench/sliding-ticks`);
  await page.getByTestId('tap-start').click();
  for (let n = 1; n <= 3; n += 1) {
    await page.getByTestId('tap-tick').click();
    await expect(page.getByTestId('tap-tick')).toHaveText(`Tick · ${n}`);
  }
  await page.getByTestId('tap-end').click();
  await expect(page.getByTestId('field-pass.1')).toHaveValue(/^\d+(\.\d)?, \d+(\.\d)?, \d+(\.\d)?$/);
  await expect(page.getByTestId('tap-start')).toContainText('pass 2');
  await expect(page.getByTestId('tick-start-open')).toHaveAttribute('aria-checked', 'true');
});

test('a pocket is not closed up before its clips were seen', async ({ page, house }) => {
  await page.goto(`${house.url}/bench/sliding-pocket`);
  await fill(page, { heightsMm: '2046, 2043, 2041, 2044', slabHeightMm: '2040' });
  await expect(page.getByTestId('answer')).toHaveText('Slab 2034.6 mm long: 5.4 mm off.');
  await expect(page.getByTestId('close-up')).toContainText('Look at the lock clip of each hanger');
  await page.getByTestId('field-areClipsHome-yes').click();
  await expect(page.getByTestId('close-up')).toContainText('Both clips are home');
});

test('an old roller is matched: two are alike but for one measure, which is asked; a catalogue goes out as CSV and another comes in', async ({
  page,
  house,
}) => {
  await page.goto(`${house.url}/bench/sliding-rollers`);
  await fill(page, { 'measured.wheelMm': '32', 'measured.treadMm': '7', 'measured.lengthMm': '96', 'measured.widthMm': '14.4' });
  await expect(page.getByTestId('answer')).toContainText('measure the end to screw to tell them apart');
  await expect(page.getByTestId('ask-measure')).toContainText('HB-22S: 18 mm');
  await fill(page, { 'measured.screwMm': '17.6' });
  await expect(page.getByTestId('answer')).toHaveText('HB-22S, Hollow Bay tandem, screw at 18: take two.');

  const [saved] = await Promise.all([page.waitForEvent('download'), page.getByTestId('catalogue-out').click()]);
  const csv = readFileSync(await saved.path(), 'utf8');
  expect(csv.split('\n')[0]).toBe('id,title,groove,wheelMm,treadMm,axleMm,lengthMm,widthMm,heightMm,screwMm,price');

  const readIn = async (text: string) => {
    const [chooser] = await Promise.all([page.waitForEvent('filechooser'), page.getByTestId('catalogue-in').click()]);
    await chooser.setFiles({ name: 'own.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  };
  await readIn(csv.replace('HB-22S', 'OWN-9').replace(',32,7,6,96,14.5,29,18,', ',thirty,7,6,96,14.5,29,18,'));
  await expect(page.getByTestId('catalogue-fault')).toContainText('wheelMm: “thirty” is no figure. Nothing was read in.');
  await readIn(csv.replace('HB-22S', 'OWN-9'));
  await expect(page.getByTestId('answer')).toContainText('OWN-9');
  await page.reload();
  await expect(page.getByTestId('catalogue-held')).toHaveText('Your catalogue: 13 rollers.');
  await expect(page.getByTestId('answer')).toContainText('OWN-9');

  // Other figures, the same catalogue.
  await page.getByTestId('clear-sheet').click();
  await expect(page.getByTestId('field-measured.wheelMm')).toHaveValue('');
  await expect(page.getByTestId('catalogue-held')).toHaveText('Your catalogue: 13 rollers.');
  await page.reload();
  await expect(page.getByTestId('catalogue-held')).toHaveText('Your catalogue: 13 rollers.');
});

test('a panel is taken down and put back in order, and the order is still there after a reload', async ({ page, house }) => {
  await page.goto(`${house.url}/bench`);
  await page.getByTestId('bench-take-down').click();
  await expect(page.getByTestId('before')).toContainText('look at the weather first');
  await expect(page.getByTestId('step-now')).toContainText('Screen');
  for (let n = 0; n < 2; n += 1) await page.getByTestId('step-done').click();
  const now = (await page.getByTestId('step-now').textContent()) ?? '';
  await page.reload();
  await expect(page.getByTestId('step-now')).toHaveText(now);
  await page.getByTestId('step-back').click();
  await expect(page.getByTestId('step-now')).not.toHaveText(now);

  await page.getByTestId('panel-pocket').click();
  const steps = Number(((await page.getByTestId('steps-left').textContent()) ?? '').replace(/\D+/g, ''));
  for (let n = 0; n < steps; n += 1) await page.getByTestId('step-done').click();
  await expect(page.getByTestId('all-back')).toContainText('Slide the full travel');
  await page.getByTestId('panel-glass').click();
  await expect(page.getByTestId('step-now')).toBeVisible();
});
