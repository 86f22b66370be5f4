import { expect, test } from '../house';
import { DONE, Finger, stateOf, workOf } from '../finger';
import { expectAllSaved } from '../technician';

// What each call is and what is done about it is common practice, no source.

test('a door that closes by itself: one pin, then the next', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'swingsItself');
  await finger.tap('stage-fix', 'read-unknown');
  // Leans: across the wall, then in it.
  await finger.keys('4 +/− Next Plumb');
  await finger.tap('stage-fix', 'check-halfOpen-closes');
  await expect(page.getByTestId('step-1')).toContainText('Bend a pin');
  await finger.tap('log-next');
  await finger.tap('check-halfOpen-creeps');
  await expect(page.getByTestId('step-1')).toContainText('Bend the bottom pin as well');
  await finger.tap('log-next', 'check-halfOpen-stays');
  await finger.prove();
  await expectAllSaved(page);
  expect(workOf(house, callId)).toEqual(['bendPin top', 'bendNextPin bottom']);
  expect(stateOf(house, callId)).toEqual(DONE);
  expect(finger.taps).toBeLessThanOrEqual(20);
});

test('a rattle: the tab of the strike, and no hinge is touched', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'rattles');
  await finger.tap('stage-fix', 'read-unknown');
  // The stop stands off top and foot alike.
  await finger.keys('3 Next 3 Next');
  await finger.tap('stage-fix');
  await expect(page.getByTestId('step-1')).toContainText('Bend the strike’s tab');
  await finger.tap('log-next', 'check-latch-alone');
  await finger.prove();
  await expectAllSaved(page);
  expect(workOf(house, callId)).toEqual(['bendTab']);
  expect(stateOf(house, callId)).toEqual(DONE);
  expect(finger.taps).toBeLessThanOrEqual(20);
});

test('a door even at 1/8 in all round: nothing is done, and it is proved as found', async ({ page, house }) => {
  await page.goto(`${house.url}/settings`);
  await page.getByTestId('units-in').click();
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'other');
  await finger.tap('stage-measure');
  await finger.keys(Array(9).fill('1/8').join(' '));
  await finger.tap('stage-fix');
  await expect(page.getByTestId('plan-outcome')).toHaveText('Free and even as it stands. Leave it alone.');
  await expect(page.getByTestId('step-1')).toHaveCount(0);
  await finger.tap('to-prove', 'all-good');
  await expect(page.getByTestId('verdict')).toHaveText('Free by 7 tries; even by 9 gaps as found. 3 gaps not read.');
  await finger.tap('close-call');
  await expectAllSaved(page);
  expect(workOf(house, callId)).toEqual([]);
  expect(stateOf(house, callId)).toEqual(DONE);
  expect(finger.taps).toBeLessThanOrEqual(30);
});

test('loose screws found: they are tightened before any gap is read', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'rubsLatchTop');
  await finger.tap('to-look', 'check-topScrews-loose', 'stage-fix');
  await expect(page.getByTestId('step-1')).toContainText('Tighten the hinge screws');
  await finger.tap('log-next');
  expect(finger.taps).toBeLessThanOrEqual(12);
  await expect(page.getByTestId('step-1')).toContainText('Logged: done');
  await finger.tap('check-topScrews-tight', 'to-check');
  await finger.read('2', '3', '3', '0');
  await finger.tap('to-next-plan');
  await expect(page.getByTestId('plan-outcome')).not.toContainText('Make what is loose hold');
  await finger.tap('to-prove');
  await finger.read('3', '3', '3', '3', '3', '3', '2', '2', '2');
  await finger.prove();
  await expectAllSaved(page);
  expect(workOf(house, callId)).toEqual(['tighten top']);
  expect(stateOf(house, callId)).toEqual(DONE);
});

test('a swollen door: sealed, left to dry, and the call says so', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'sticksWhenWet');
  await finger.tap('stage-measure');
  await finger.keys('½ ½ ½');
  await finger.tap('stage-fix');
  await expect(page.getByTestId('plan-outcome')).toHaveText('Nothing is cut or set today: the slab has to dry first.');
  await finger.tap('log-next', 'stage-prove', 'close-call');
  finger.taps += 1;
  await page.getByRole('radio', { name: 'Has to dry: come back' }).click();
  await expectAllSaved(page);
  expect(workOf(house, callId)).toEqual(['dryAndSeal']);
  expect(stateOf(house, callId)).toEqual([{ state: 'done', leftBecause: 'Has to dry: come back' }]);
  expect(finger.taps).toBeLessThanOrEqual(20);
});

test('a kick at the strike: told in words, with its parts', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'wontLatch');
  await finger.tap('to-log', 'group-other');
  await page.getByTestId('work-remark').fill('Strike kicked in: leg glued and clamped, longer strike fitted');
  await page.getByTestId('work-part').fill('strike 200 mm, four screws 63 mm');
  await page.getByTestId('work-minutes').fill('50');
  await finger.tap('log-work');
  await finger.prove();
  await expectAllSaved(page);
  expect(house.rows('SELECT action, part, minutes, remark FROM adjustment WHERE callId = ?', callId)).toEqual([
    {
      action: 'otherWork',
      part: 'strike 200 mm, four screws 63 mm',
      minutes: 50,
      remark: 'Strike kicked in: leg glued and clamped, longer strike fitted',
    },
  ]);
  expect(stateOf(house, callId)).toEqual(DONE);
});
