import { expect, test } from '../house';
import { openSaggingDoor } from '../technician';

test('a word of the trade is explained where it stands, drawn, and all of them on a page of their own', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('stage-look').click();
  await page.getByTestId('checks-hinges').click();
  await page.getByRole('button', { name: 'How to check: Lean on the handle' }).click();
  const word = page.getByTestId('says-knuckle').first();
  await word.click();
  await expect(page.getByTestId('term-knuckle')).toContainText('The rolled part of a hinge that the pin goes through.');
  await expect(page.getByTestId('drawn-knuckle')).toBeVisible();
  await expect(word).toHaveAttribute('aria-expanded', 'true');
  // The same by the keys.
  await word.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('term-knuckle')).toHaveCount(0);
  await page.keyboard.press('Enter');
  await page.getByTestId('term-knuckle').getByRole('link', { name: 'All words' }).click();
  await expect(page).toHaveURL(/\/words$/);
  await expect(page.getByTestId('word-throw')).toContainText('It moves the pin, not the gap.');
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByTestId('checks-hinges')).toBeVisible();
});

test('how a call goes is offered once on a device, in three pictures, and stays in the settings', async ({ page, house }) => {
  await page.goto(house.url);
  await page.getByTestId('show-how').click();
  await expect(page.getByRole('img', { name: /^Picture \d of 3/ })).toHaveCount(3);
  await page.getByTestId('knows-how').click();
  await expect(page.getByTestId('new-call')).toBeVisible();
  await expect(page.getByTestId('how-notice')).toHaveCount(0);
  await page.reload();
  await expect(page.getByTestId('new-call')).toBeVisible();
  await expect(page.getByTestId('how-notice')).toHaveCount(0);
  await page.getByRole('button', { name: 'Settings' }).click();
  await page.getByTestId('to-how').click();
  await expect(page.getByRole('heading', { name: 'How a call goes' })).toBeVisible();
});
