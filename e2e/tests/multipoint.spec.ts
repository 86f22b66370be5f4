import { DONE, Finger, stateOf } from '../finger';
import { expect, test } from '../house';
import { callIdOf, expectAllSaved } from '../technician';

// Common practice, no source: height until it clears, then 4–6 mm at the locking side, then the handle.
test('a multipoint door that stands on its sill and will not shut: raised, brought over, the handle easy', async ({ page, house }) => {
  const finger = new Finger(page);
  await page.goto(house.url);
  finger.taps += 1;
  await page.getByTestId(/^day-/).nth(1).click();
  await page.getByRole('button', { name: /Orrow household, Front door/ }).click();
  await finger.tap('stage-fix', 'to-turns');
  const callId = callIdOf(page);
  const write = async (gaps: Readonly<Record<string, string>>) => {
    for (const [key, typed] of Object.entries(gaps)) {
      finger.taps += 1;
      await page.getByTestId(`gap-${key}`).fill(typed);
    }
    await finger.tap('write-gaps');
  };

  // Nobody can read a locking gap on a door that will not shut, and none is asked for.
  await expect(page.getByTestId('gap-latchTopMm')).toHaveCount(0);
  await finger.tap('rubs-footMm', 'write-gaps');
  await expect(page.getByTestId('phase')).toHaveText('Height');
  await expect(page.getByTestId('turn-height')).toContainText('1 turn');
  await finger.tap('log-turns');
  await write({ footMm: '1.2' });
  await expect(page.getByTestId('phase')).toHaveText('Height');
  await finger.tap('log-turns');
  await write({ footMm: '3.6' });
  await expect(page.getByTestId('now')).toContainText('It clears. Read the locking gap');
  await write({ latchTopMm: '8', latchBottomMm: '8' });
  await expect(page.getByTestId('phase')).toHaveText('Sideways');
  await finger.tap('log-turns');
  await write({ latchTopMm: '6.9', latchBottomMm: '6.9' });
  await finger.tap('log-turns');
  await write({ latchTopMm: '5', latchBottomMm: '5.1' });
  await expect(page.getByTestId('phase')).toHaveText('Keeps');
  await finger.tap('effort-2', 'bounces-no');
  await expect(page.getByTestId('phase')).toHaveText('In order');
  expect(finger.taps).toBeLessThanOrEqual(45);
  await finger.tap('session-done');
  await finger.read('5', '5', '5', '5', '5', '5', '5', '5', '5');
  await finger.tap('stage-prove');
  await expect(page.getByTestId('handle-proof')).toHaveText('Handle before: one hand, easily.');
  await finger.prove();
  await expectAllSaved(page);
  const turned = house.rows<{ action: string; hinge: string | null }>(
    'SELECT action, hinge FROM adjustment WHERE callId = ? ORDER BY id',
    callId,
  );
  expect(turned.filter(({ action }) => action === 'turnHeight')).toHaveLength(2);
  expect(turned.filter(({ action, hinge }) => action === 'turnSideways' && hinge === 'top')).toHaveLength(2);
  expect(stateOf(house, callId)).toEqual(DONE);
});
