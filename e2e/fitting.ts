import { expect, type Page } from '@playwright/test';
import { Finger } from './finger';
import { callIdOf } from './technician';

/** From Today to a call that is worked by lists: a new door at a site that is known, what is wanted, its first list. */
export async function beginFitting(
  page: Page,
  url: string,
  { title = '', preset = 'solid', width = '762', height = '1981', job, first = 'fit' }: Readonly<Record<string, string>>,
): Promise<string> {
  const finger = new Finger(page);
  await page.goto(url);
  await finger.tap('new-call');
  await page.getByRole('radio', { name: 'Ottersby Village Hall' }).click();
  await finger.tap('door-new', `preset-${preset}`, `job-${job}`);
  await page.getByTestId('door-title').fill(title);
  await page.getByTestId('width').fill(width);
  await page.getByTestId('height').fill(height);
  await finger.tap('start-call', `to-${first}`);
  await expect(page.getByTestId(`stage-${first}`)).toHaveAttribute('aria-current', 'step');
  return callIdOf(page);
}
