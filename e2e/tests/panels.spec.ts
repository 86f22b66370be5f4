import type { Page } from '@playwright/test';
import { expect, test, type House } from '../house';
import { DONE, Finger, stateOf, workOf } from '../finger';
import { expectAllSaved, unfold } from '../technician';

// What each call is and what is done about it is common practice, no source.

/** Gaps of a panel that stands as it should: under it, at its jamb, above it. */
const TRUE_GLASS = ['4', '4', '4', '10', '10', '10', '4.5', '5'];

/** From Prove, measured as left, to closed; what the verdict says on the way. */
async function proveAndClose(page: Page, finger: Finger): Promise<string> {
  await finger.tap('to-proof', 'all-good');
  const verdict = await page.getByTestId('verdict').innerText();
  await finger.tap('close-call');
  await expect(page.getByTestId('reopen')).toBeVisible();
  await expectAllSaved(page);
  return verdict.replace(/\s+/g, ' ').trim();
}

const stationsOf = (house: House, callId: string, stage: string) =>
  house
    .rows<{ station: string; mm: number }>(
      'SELECT r.station, r.mm FROM reading r JOIN reading_set s ON s.id = r.setId WHERE s.callId = ? AND s.stage = ? ORDER BY r.id',
      callId,
      stage,
    )
    .map(({ station, mm }) => `${station} ${mm}`);

test('a stiff glass panel: a seized wheel, both rollers changed, set by its screws and proved', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'stiff', 'Garden room, glass', 'Vandersloe cottage');
  await finger.tap('to-look', 'check-wheels-seized', 'check-track-clean', 'check-pull-stuck', 'to-measure');
  await finger.read('3', '4', '5', '7', '9', '12', '5.5', '4');
  await finger.tap('to-what', 'to-fix');
  // A panel is not taken out for one look.
  await expect(page.getByTestId('plan-outcome')).toContainText('look here, and look well');
  await finger.tap('check-wheels-seized');
  await expect(page.getByTestId('step-1')).toContainText('Replace the rollers, both ends');
  await expect(page.getByTestId('step-1')).toContainText('the wall is open');
  // Out and back in is a sheet of its own, in its order, by the kind on the card; how far one is stays with the call.
  await finger.tap('to-take-down');
  await expect(page.getByTestId('before')).toContainText('the wall is open');
  await expect(page.getByTestId('step-now')).toContainText('1. Screen first');
  await finger.tap('step-done', 'back-to-fix', 'to-take-down');
  await expect(page.getByTestId('step-now')).toContainText('2. Photograph');
  await finger.tap('back-to-fix');
  await finger.tap('log-next', 'to-check');
  await finger.read('4', '6', '7', '12', '4.5', '3');
  await finger.tap('to-next-plan');
  // Three half turns in all, shared out between its ends.
  await expect(page.getByTestId('step-1')).toContainText('Turn the roller screw');
  await expect(page.getByTestId('step-1')).toContainText('1 half turn up');
  await expect(page.getByTestId('step-1')).toContainText('closing end: panel 0.8 mm up');
  await expect(page.getByTestId('step-1')).toContainText('Clockwise lifts: turn clockwise.');
  await expect(page.getByTestId('step-2')).toContainText('2 half turns down');
  await expect(page.getByTestId('step-2')).toContainText('other end: panel 1.5 mm down');
  await expect(page.getByTestId('step-2')).toContainText('Clockwise lifts: turn anticlockwise.');
  await finger.tap('log-next', 'log-step', 'to-check');
  await finger.read('4', '10', '10', '5');
  await finger.tap('to-next-plan', 'to-prove');
  await finger.read(...TRUE_GLASS);
  expect(await proveAndClose(page, finger)).toBe('Free by 5 tries; by the book by 8 gaps.');
  expect(workOf(house, callId)).toEqual(['replaceRollers', 'turnScrew lead', 'turnScrew trail']);
  expect(stateOf(house, callId)).toEqual(DONE);
  expect(stationsOf(house, callId, 'left')).toHaveLength(8);
  expect(house.rows("SELECT kind, json_extract(make, '$.panelKind') AS panel FROM door WHERE title = ?", 'Garden room, glass')).toEqual([
    { kind: 'sliding', panel: 'glass' },
  ]);
});

test('a screen that jumps: its top wheels are set until it cannot be lifted out', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'jumps', 'Garden room, screen', 'Vandersloe cottage');
  await finger.tap('to-look', 'check-liftOut-out', 'check-seat-on', 'to-measure');
  await finger.read('3', '3', '3', '10', '10', '10', '5.5', '5.5');
  await finger.tap('to-what', 'to-fix');
  await expect(page.getByTestId('step-1')).toContainText('Set the top wheels');
  await finger.tap('log-next', 'check-liftOut-held', 'to-check');
  await finger.read('1.5', '1.5');
  await finger.tap('to-next-plan', 'to-prove');
  await finger.read('3', '3', '3', '10', '10', '10', '5', '1.5');
  // One end was gauged loose: whatever a hand says, it is not called free.
  await finger.tap('to-proof', 'all-good');
  await expect(page.getByTestId('verdict')).toContainText('Not free: it can be lifted out at the room above, closing end');
  await finger.tap('measure-left', 'station-lift.lead');
  await finger.read('1.5');
  await finger.tap('to-proof');
  await expect(page.getByTestId('verdict')).toHaveText('Free by 5 tries; by the book by 8 gaps. ');
  await finger.tap('close-call');
  await expectAllSaved(page);
  expect(workOf(house, callId)).toEqual(['setTopWheels topWheels']);
  expect(stateOf(house, callId)).toEqual(DONE);
});

test('a pocket door on a new floor: clips looked at, cut to the floor’s high point, hung and proved', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'scrapes', 'Study, pocket door', 'Orrow household');
  await finger.tap('to-look', 'check-clip-home', 'check-began-afterWork', 'check-slabStraight-straight', 'to-measure');
  await finger.read('Rubs', 'Rubs', 'Rubs', '10', '10', '10', '14', '14');
  await finger.tap('to-what', 'to-fix');
  // Nobody cuts a slab that its hangers can raise: it rubs all along, and they do not come up so far.
  await expect(page.getByTestId('step-1')).toContainText('Cut the slab to its floor');
  await expect(page.getByTestId('step-1')).toContainText('Wood dust');
  await finger.tap('sheet-sliding.pocket');
  await page.getByTestId('field-heightsMm').fill('1996, 1993, 1994');
  await page.getByTestId('field-areClipsHome-yes').click();
  await expect(page.getByTestId('answer')).toHaveText('Slab 1986.6 mm long: 8.4 mm off.');
  await finger.tap('keep-sheet');
  await page.getByRole('button', { name: 'Back to Fix' }).click();
  await finger.tap('log-next', 'to-check');
  await finger.read('7', '8', '7');
  await finger.tap('to-next-plan');
  await finger.tap('to-prove');
  await finger.read('7', '8', '7', '10', '10', '10', '14', '14');
  expect(await proveAndClose(page, finger)).toBe('Free by 6 tries; by the book by 8 gaps.');
  expect(workOf(house, callId)).toEqual(['trimSlab']);
  expect(stateOf(house, callId)).toEqual(DONE);
  expect(house.rows<{ sheet: string }>('SELECT sheet FROM worksheet WHERE callId = ?', callId)).toEqual([{ sheet: 'sliding.pocket' }]);
});

test('turns are tried on the drawing of a panel; one that would let it out is not logged', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'gap', 'Garden room, glass', 'Vandersloe cottage');
  await finger.tap('to-look', 'check-screws-move', 'check-pull-free', 'to-measure');
  await finger.read('2', '3', '4', '16', '10', '5', '7', '6');
  await finger.tap('to-what', 'to-fix', 'what-if');
  const gap = async (id: string) => parseFloat((await page.getByTestId(`gap-${id}`).textContent()) ?? '');
  const [low, top] = [await gap('foot.lead'), await gap('jamb.top')];
  await finger.tap('what-if-set-lead', 'tried-more', 'tried-more');
  await expect(page.getByTestId('tried-value')).toHaveText('2 up');
  expect(await gap('foot.lead')).toBeGreaterThan(low + 1);
  expect(await gap('jamb.top')).toBeGreaterThan(top + 1);
  for (let k = 0; k < 9; k += 1) await finger.tap('tried-less');
  await expect(page.getByTestId('would-let-go').first()).toContainText('it can be lifted out');
  await expect(page.getByTestId('log-setting')).toHaveCount(0);
  await finger.tap('what-if-clear', 'tried-more');
  await expect(page.getByTestId('setting-work')).toHaveText('Closing end: turn the roller screw, 1 half turn up');
  await finger.tap('log-setting');
  await expectAllSaved(page);
  expect(house.rows('SELECT action, "end", amount FROM adjustment WHERE callId = ?', callId)).toEqual([
    { action: 'turnScrew', end: 'lead', amount: 1 },
  ]);
});

test('a bypass door off its guide: the guide is refitted, and the door proved as hung', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'swings', 'Flat 7, wardrobe', 'Dunmorrow Court');
  await finger.tap('to-look', 'check-guide-lost', 'check-hangers-tight');
  // Its fascia is glued on: nobody gets a hand to the nuts, and nobody asks for it again.
  await unfold(page, 'check-hangerGives-firm');
  await page.getByRole('button', { name: 'How to check: Lift each end by its hanger' }).click();
  await finger.tap('cannot-hangerGives');
  await expect(page.getByTestId('cannot-hangerGives')).toContainText('Noted');
  await finger.tap('to-measure');
  await finger.read('8', '8', '8', '10', '10', '10', '14', '14');
  await finger.tap('to-what', 'to-fix');
  await expect(page.getByTestId('step-1')).toContainText('Refit the floor guide');
  await finger.tap('log-next', 'check-guide-holds', 'to-prove');
  await finger.read('8', '8', '8', '10', '10', '10', '14', '14');
  expect(await proveAndClose(page, finger)).toBe('Free by 5 tries; by the book by 8 gaps.');
  expect(workOf(house, callId)).toEqual(['refitGuide']);
  expect(house.rows("SELECT answer FROM finding WHERE callId = ? AND finding = 'hangerGives'", callId)).toEqual([{ answer: 'cannot' }]);
  expect(stateOf(house, callId)).toEqual(DONE);
});

test('a bifold whose leaves lean: its top pivot is moved, and nothing is asked of a lock it has not', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await finger.begin(house.url, 'gap', 'Flat 7, linen cupboard', 'Dunmorrow Court');
  // A cupboard leaves no wall open.
  await expect(page.getByText('the wall is open')).toHaveCount(0);
  await finger.tap('to-look', 'check-corners-firm', 'check-brackets-fast', 'check-guideWheel-runs', 'check-leafHinges-tight', 'to-measure');
  await finger.read('7', '8', '10', '4', '7', '10', '8', '6');
  await expect(page.getByText('Hook below its keep')).toHaveCount(0);
  await finger.tap('to-what');
  await expect(page.getByText('Top pivot out of place').first()).toBeVisible();
  await finger.tap('to-fix');
  await expect(page.getByTestId('step-1')).toContainText('Move the top pivot');
  await expect(page.getByTestId('step-1')).toContainText('mm toward their own jamb');
  await finger.tap('log-next', 'to-check');
  await finger.read('10', '10', '10', '9');
  await finger.tap('to-next-plan', 'to-prove');
  await finger.read('9', '9', '10', '10', '10', '10', '6', '6');
  expect(await proveAndClose(page, finger)).toBe('Free by 5 tries; by the book by 8 gaps.');
  expect(workOf(house, callId)).toEqual(['setTopPivot topPivot']);
  expect(stateOf(house, callId)).toEqual(DONE);
});
