import { join } from 'node:path';
import { hearing } from '../browser';
import { expect, ROOT, test } from '../house';
import { writeTicking } from '../tickingSound';

const SOUND = join(ROOT, 'test-results/ticking.wav');
const EVERY_S = 0.42;
const TRAVEL_MM = 850;
const PASSES = 3;

test.use({ launchOptions: hearing(SOUND) });
test.beforeAll(() => writeTicking(SOUND, EVERY_S));

test('the microphone hears a wheel that ticks, in passes both ways', async ({ page, house }) => {
  await page.goto(`${house.url}/bench/sliding-ticks`);
  await page.getByTestId('field-travelMm').fill(String(TRAVEL_MM));
  for (let nth = 1; nth <= PASSES; nth += 1) {
    const field = page.getByTestId(`field-pass.${nth}`);
    // Of a pass that a busy device has dropped a part of nothing is taken: it is slid once more.
    await expect(async () => {
      await page.getByTestId('listen-start').click();
      await expect(page.getByTestId('listen-end')).toContainText('4 s');
      await page.getByTestId('listen-end').click();
      await expect(field).not.toHaveValue('', { timeout: 5000 });
    }).toPass();
  }
  // Four seconds for 850 mm, a tick every 0.42 s: 9 to 11 ticks a pass where the device hears all of it, evenly 80 to 90 mm apart, a wheel of 25 to 29 mm.
  for (let nth = 1; nth <= PASSES; nth += 1) {
    const places = (await page.getByTestId(`field-pass.${nth}`).inputValue()).split(', ').map(Number);
    expect(places.length).toBeGreaterThanOrEqual(7);
    const steps = places.slice(1).map((each, i) => each - (places[i] ?? 0));
    expect(Math.max(...steps) - Math.min(...steps)).toBeLessThanOrEqual(4);
  }
  await expect(page.getByTestId('answer')).toContainText('wheel');
  await expect(page.getByTestId('listen-fault')).toHaveCount(0);
});
