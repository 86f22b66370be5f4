import { expect, test } from '../house';
import { callIdOf, expectAllSaved, openSaggingDoor } from '../technician';

test('what stands on the cards is put right: faults at their fields, nothing typed is lost, each card its next revision', async ({
  page,
  house,
}) => {
  await openSaggingDoor(page, house.url);
  const callId = callIdOf(page);
  await page.getByTestId('to-card').click();
  await page.getByTestId('card-title').fill('Committee room, west');
  await page.getByTestId('card-hingeKind-faceFixed').click();
  await page.getByTestId('card-count-4').click();
  await expect(page.getByTestId('card-hingeHeightsMm')).toHaveValue('152, 677, 1202, 1727');
  await page.getByTestId('card-thicknessMm').fill('4');
  await page.getByTestId('card-scheduledFor').fill('3 Dec 2026 08:30');
  await page.getByTestId('keep-card').click();
  await expect(page.getByText('Must be greater than or equal to 10 mm')).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('card-title')).toHaveValue('Committee room, west');
  await page.getByTestId('card-thicknessMm').fill('44');
  await page.getByTestId('keep-card').click();
  await expect(page.getByText('4 face-fixed hinges')).toBeVisible();
  await expectAllSaved(page);

  const [row] = house.rows<{
    title: string;
    revision: number;
    make: string;
    scheduledFor: string;
    callRevision: number;
    siteRevision: number;
  }>(
    `SELECT d.title, d.revision, d.make, c.scheduledFor, c.revision AS callRevision, s.revision AS siteRevision
     FROM "call" c JOIN door d ON d.id = c.doorId JOIN site s ON s.id = d.siteId WHERE c.id = ?`,
    callId,
  );
  expect(row).toMatchObject({ title: 'Committee room, west', revision: 2, callRevision: 2, siteRevision: 1 });
  expect(JSON.parse(row?.make ?? '')).toMatchObject({ hingeKind: 'faceFixed', thicknessMm: 44, hingeHeightsMm: [152, 677, 1202, 1727] });
  expect(new Date(row?.scheduledFor ?? '').toISOString()).toBe(new Date(2026, 11, 3, 8, 30).toISOString());
  expect(house.rows('SELECT revision FROM card_revision WHERE kind = ? AND revision = 2', 'sites')).toEqual([]);
});
