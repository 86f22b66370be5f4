import { expect, test } from '../house';
import { answerLook, callIdOf, expectAllSaved, openSaggingDoor, SAGGING, walkRound } from '../technician';

test('whatever was done is written down with no plan, at several hinges at once, put right and taken back', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  const callId = callIdOf(page);
  await page.getByTestId('to-log').click();

  // The same strip behind all three hinges.
  await page.getByTestId('group-hinges').click();
  await page.getByTestId('work-shimStrip').click();
  await page.getByTestId('log-work').click();
  await expect(page.getByTestId('at-fault')).toHaveText('Say at which hinge.');
  await page.getByTestId('at-all').click();
  await page.getByTestId('work-amount-more').click();
  await expect(page.getByTestId('work-amount-value')).toHaveText('2 layers of 0.5 mm card');
  await page.getByTestId('log-work').click();
  await expect(page.getByTestId('done-3')).toContainText('bottom hinge');

  // One long screw: which leaf, which hole, by its length.
  await page.getByTestId('group-screws').click();
  await page.getByTestId('work-longScrew').click();
  await page.getByTestId('leaf-frame').click();
  await page.getByTestId('screw-2').click();
  await page.getByTestId('work-part').fill('screw 75 mm');
  await page.reload();
  await expect(page.getByTestId('work-part')).toHaveValue('screw 75 mm');
  await page.getByTestId('log-work').click();
  await expect(page.getByTestId('done-4')).toContainText('top hinge, leaf on the leg, screw 2 from the top');

  // What no table knows is told in words, and the page says that the plan cannot know it.
  await page.getByTestId('group-other').click();
  await page.getByTestId('work-remark').fill('Kicked the strike in');
  await page.getByTestId('log-work').click();
  await expect(page.getByTestId('done-5')).toContainText('The plan cannot reckon with it');

  await page.getByTestId('correct-4').click();
  await page.getByTestId('work-minutes').fill('8');
  await page.getByTestId('log-work').click();
  await expect(page.getByTestId('done-4')).toContainText('screw 75 mm; 8 min');
  await page.getByTestId('withdraw-5').click();
  await expect(page.getByTestId('done-5')).toHaveCount(0);
  // Logged last stands first.
  await expect(page.getByTestId('recent').getByRole('radio').first()).toHaveText('Long screw into the framing');

  await expectAllSaved(page);
  const rows = house.rows<{ action: string; hinge: string | null; amount: number; leaf: string | null; screws: string | null }>(
    `SELECT action, hinge, amount, leaf, screws FROM adjustment a WHERE callId = ? AND withdrawn = 0
     AND NOT EXISTS (SELECT 1 FROM adjustment later WHERE later.supersedes = a.id) ORDER BY action, id`,
    callId,
  );
  expect(rows).toEqual([
    { action: 'longScrew', hinge: 'top', amount: 1, leaf: 'frame', screws: '[2]' },
    ...['top', 'middle', 'bottom'].map((hinge) => ({ action: 'shimStrip', hinge, amount: 2, leaf: null, screws: null })),
  ]);
});

test('what was logged by itself ticks the step of the plan, and is not asked for again', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('to-measure').click();
  await walkRound(page, SAGGING);
  await page.getByTestId('stage-look').click();
  await answerLook(page, 'check-topScrews-loose');
  await answerLook(page, 'check-bottomScrews-loose');
  await page.getByTestId('to-log').click();
  await page.getByTestId('group-screws').click();
  await page.getByTestId('work-tighten').click();
  await page.getByTestId('at-bottom').click();
  await page.getByTestId('log-work').click();
  await page.getByTestId('to-plan').click();
  await expect(page.getByTestId('step-1')).toContainText('Logged: done');
  await expect(page.getByTestId('step-2')).toContainText('Logged: done');
});

test('a call that is not proved is closed with its reason, and leads on', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  const callId = callIdOf(page);
  await page.getByTestId('stage-prove').click();
  await expect(page.getByTestId('verdict')).toContainText('Not tried by hand: free is not claimed.');
  await page.getByTestId('close-call').click();
  await page.getByTestId('reason-words').fill('No key to the room');
  await page.getByTestId('close-because').click();
  await expect(page.getByTestId('left-because')).toHaveText('No key to the room');
  await expectAllSaved(page);
  expect(house.rows('SELECT state, leftBecause FROM "call" WHERE id = ?', callId)).toEqual([
    { state: 'done', leftBecause: 'No key to the room' },
  ]);
  await page.getByTestId('next-call').click();
  await expect(page.getByTestId('to-look')).toBeVisible();
  expect(callIdOf(page)).not.toBe(callId);

  await page.goto(`${house.url}/call/${callId}/prove`);
  await page.getByTestId('reopen').click();
  await expectAllSaved(page);
  expect(house.rows('SELECT state, leftBecause FROM "call" WHERE id = ?', callId)).toEqual([{ state: 'open', leftBecause: null }]);
});
