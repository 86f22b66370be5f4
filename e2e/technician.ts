import type { Page } from '@playwright/test';
import { expect } from './house';

/** What a technician taps for one reading: a figure such as 4.6, or rubs. */
export type Tapped = string;

/** A sagging door round the walking order: up the latch side, across the head, down the hinges, along the foot. */
export const SAGGING: readonly (readonly [station: string, tapped: Tapped])[] = [
  ['latch.bottom', '4.6'],
  ['latch.mid', '2.6'],
  ['latch.top', 'rubs'],
  ['head.latch', '5'],
  ['head.mid', '4'],
  ['head.hinge', '3'],
  ['hinge.top', '4.8'],
  ['hinge.mid', '3'],
  ['hinge.bottom', '1.8'],
  ['foot.hinge', '8'],
  ['foot.mid', '7.5'],
  ['foot.latch', '6'],
];

/** The same door after the work. */
export const TRUE_AGAIN: readonly (readonly [station: string, tapped: Tapped])[] = [
  ['latch.bottom', '3.2'],
  ['latch.mid', '3'],
  ['latch.top', '2.8'],
  ['head.latch', '3.3'],
  ['head.mid', '3.1'],
  ['head.hinge', '3'],
  ['hinge.top', '2.1'],
  ['hinge.mid', '2.2'],
  ['hinge.bottom', '2.3'],
  ['foot.hinge', '8'],
  ['foot.mid', '8'],
  ['foot.latch', '8'],
];

/** Figures to a tenth are typed digit by digit: the app goes on so until another pad is chosen. */
async function turnToDigits(page: Page): Promise<void> {
  const digits = page.getByTestId('key-0–9');
  await expect(page.getByTestId('key-Next')).toBeVisible();
  if (await digits.isVisible()) await digits.click();
}

/** Taps one reading on the app's own keypad, digit by digit. */
export async function tapReading(page: Page, tapped: Tapped): Promise<void> {
  if (tapped === 'rubs') {
    await page.getByTestId('key-Rubs').click();
    return;
  }
  await turnToDigits(page);
  for (const character of tapped) await page.getByTestId(`key-${character}`).click();
  await page.getByTestId('key-Next').click();
}

/** Walks round, checking that the figure stands on the drawing where it was read. */
export async function walkRound(page: Page, readings: readonly (readonly [string, Tapped])[]): Promise<void> {
  for (const [station, tapped] of readings) {
    await tapReading(page, tapped);
    await expect(page.getByTestId(`gap-${station}`)).toHaveText(tapped);
  }
}

/** Opens today's call on the kitchen door that sags. */
export async function openSaggingDoor(page: Page, url: string): Promise<void> {
  await page.goto(url);
  await page.getByRole('button', { name: /Orrow household, Kitchen, .* 08:30/ }).click();
  await expect(page.getByRole('heading', { name: 'Kitchen' })).toBeVisible();
}

/** Brings a check of Look into view: it stands among those that tell most, or its group is unfolded. @returns how many taps that took */
export async function unfold(page: Page, testId: string): Promise<number> {
  const check = page.getByTestId(testId);
  const folds = page.getByTestId(/^checks-/);
  await expect(page.getByRole('heading', { name: 'These would tell most' })).toBeVisible();
  await expect(page.getByText('Working out what would tell most.')).toHaveCount(0);
  if ((await check.count()) > 0) return 0;
  for (const fold of await folds.all()) {
    await fold.click();
    if ((await check.count()) > 0) return 1;
    await fold.click();
  }
  throw new Error(`No group of checks holds ${testId}.`);
}

/** Answers a check on Look. */
export async function answerLook(page: Page, ...testIds: string[]): Promise<void> {
  for (const id of testIds) {
    await unfold(page, id);
    await page.getByTestId(id).click();
  }
}

export async function expectAllSaved(page: Page): Promise<void> {
  const waiting = () =>
    page.evaluate(() =>
      Object.keys(localStorage)
        .filter((key) => key.startsWith('swing.outbox.'))
        .map((key) => localStorage.getItem(key) ?? '')
        .filter((kept) => !kept.includes('"confirmed":')),
    );
  // The sign follows the queue when the browser has time for it: the queue itself is asked first.
  // What was refused may still be brought together with what the server has.
  await expect.poll(waiting, { timeout: 30_000 }).toEqual([]);
  await expect(page.getByTestId('save-sign')).toHaveText('Saved');
}

/** Id of the call that a page is about; nothing where it is about none. */
export const callIdOf = (page: Page): string => /call\/([0-9a-f-]+)/.exec(page.url())?.[1] ?? '';
