import { DONE, Finger, stateOf, workOf } from '../finger';
import { expect, test } from '../house';
import { expectAllSaved } from '../technician';

// Calls at the hinges, each with its own readings and remedy: common practice, no source.

test('a top hinge, rung by rung: tightened, held, looked at, bent', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'rubsLatchTop');
  await finger.tap('to-look', 'check-topScrews-loose', 'stage-fix');
  await expect(page.getByTestId('step-1')).toContainText('Tighten the hinge screws');
  // What spins is made to hold before a gap is read for it.
  await finger.tap('log-next', 'check-topScrews-spinning');
  await expect(page.getByTestId('step-1')).toContainText('Long screw into the framing');
  await finger.tap('log-next', 'check-topScrews-tight', 'to-check');
  await finger.read('4', '1', '4.5', '0');
  await finger.tap('to-next-plan');
  // It holds and the gap is still wide: its leaves are looked at, and none is let in deeper for it.
  await finger.tap('check-topLeaves-spread');
  await expect(page.getByTestId('step-1')).toContainText('Bend the knuckles');
  await finger.tap('log-next', 'to-check');
  await finger.read('2.5', '2.5', '3.5');
  await finger.tap('to-next-plan');
  await expect(page.getByTestId('plan-outcome')).toContainText('Gauge it all round, then prove it.');
  await finger.tap('to-prove');
  await finger.read('3', '3', '2.5', '3', '3', '3', '2.5', '2', '2');
  await finger.prove();
  await expectAllSaved(page);
  expect(workOf(house, callId)).toEqual(['tighten top', 'longScrew top', 'bendKnuckles top']);
  expect(stateOf(house, callId)).toEqual(DONE);
  expect(finger.taps).toBeLessThanOrEqual(60);
  // What was found stood before the work, and says so.
  await page.goto(`${house.url}/call/${callId}/find`);
  await expect(page.getByTestId('before-work')).toBeVisible();
});

test('hinges that bind: the same strip behind all three', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'springsBack');
  await finger.tap('to-look', 'check-springBack-yes', 'to-measure');
  await finger.read('5', '4.5', '4.5', '3', '3', '3', '1', '1', '0.5');
  await finger.tap('stage-fix');
  for (const step of [1, 2, 3]) await expect(page.getByTestId(`step-${step}`)).toContainText('Shim strip near the barrel');
  for (const step of [1, 2, 3]) {
    await finger.logStep(step);
    await expect(page.getByTestId(`step-${step}`)).toContainText('Logged: 2 layers');
  }
  await finger.tap('to-prove');
  await finger.read('3', '3', '3', '3', '3', '3', '2.5', '2.5', '2');
  await finger.prove();
  await expectAllSaved(page);
  expect(workOf(house, callId)).toEqual(['shimStrip top', 'shimStrip bottom', 'shimStrip middle']);
  expect(stateOf(house, callId)).toEqual(DONE);
  expect(finger.taps).toBeLessThanOrEqual(40);
});

test('a heavy door: the top hinge spread, the middle one carrying nothing', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'rubsLatchTop');
  await finger.tap('to-look', 'check-topScrews-tight', 'check-topLeaves-spread', 'check-middlePin-byHand', 'to-measure');
  await finger.read('3.5', '2', '1', '4.5', '4', '3', '4.5', '3', '2');
  await finger.tap('stage-fix');
  await expect(page.getByTestId('step-1')).toContainText(/Replace the worn hinge|Bend the knuckles/);
  await expect(page.getByTestId('step-2')).toContainText('Bring the middle hinge to the line');
  await finger.logStep(1);
  await finger.logStep(2);
  await finger.tap('to-prove');
  await finger.read('3', '3', '3', '3', '3', '3', '2', '2', '2');
  await finger.prove();
  await expectAllSaved(page);
  expect(workOf(house, callId)).toEqual([expect.stringMatching(/^(replaceHinge|bendKnuckles) top$/), 'bringToLine middle']);
  expect(stateOf(house, callId)).toEqual(DONE);
  expect(finger.taps).toBeLessThanOrEqual(50);
});

test('an opening wider than the door: told in a line, shared out as it hangs, nothing done', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'other');
  await finger.tap('to-look', 'to-measure');
  await finger.read('5', '5', '5', '3', '3', '3', '4', '4', '4');
  await finger.tap('stage-fix');
  await expect(page.getByTestId('plan-outcome')).toHaveText('Free and even as it stands. Leave it alone.');
  await expect(page.getByText('2 mm more than slab and limits together: it is shared out as it hangs.')).toBeVisible();
  await finger.prove();
  await expect(page.getByTestId('verdict')).toContainText('Free by 7 tries; even by 9 gaps as found.');
  await expectAllSaved(page);
  expect(workOf(house, callId)).toEqual([]);
  expect(stateOf(house, callId)).toEqual(DONE);
  expect(finger.taps).toBeLessThanOrEqual(40);
});

test('worn butts changed for a full-height hinge: logged once with its part, and the card says so', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'rubsLatchTop');
  await finger.tap('to-log', 'group-hinges', 'work-fitFullHeight');
  await page.getByTestId('work-part').fill('full-height hinge 1960 mm');
  await page.getByTestId('work-minutes').fill('110');
  await finger.tap('log-work', 'stage-listen', 'to-card', 'card-hingeKind-fullHeight', 'keep-card');
  await expect(page.getByText('3 full-height hinge points')).toBeVisible();
  await finger.tap('stage-prove', 'measure-left');
  await finger.read('3', '3', '3', '3', '3', '3', '2', '2', '2');
  await finger.prove();
  await expectAllSaved(page);
  expect(workOf(house, callId)).toEqual(['fitFullHeight']);
  expect(house.rows('SELECT DISTINCT part, minutes FROM adjustment WHERE callId = ?', callId)).toEqual([
    { part: 'full-height hinge 1960 mm', minutes: 110 },
  ]);
  expect(stateOf(house, callId)).toEqual(DONE);
});
