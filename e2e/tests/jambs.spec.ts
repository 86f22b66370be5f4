import type { Page } from '@playwright/test';
import { Finger, stateOf } from '../finger';
import { beginFitting } from '../fitting';
import { expect, test } from '../house';
import { callIdOf, expectAllSaved } from '../technician';

const fill = async (page: Page, figures: Readonly<Record<string, string>>) => {
  for (const [field, typed] of Object.entries(figures)) await page.getByTestId(field).fill(typed);
};

/** What the record says was done and stands, in order. */
const workOf = (rows: (sql: string, ...args: string[]) => unknown[], callId: string) =>
  rows(
    `SELECT action, part, remark FROM adjustment a WHERE callId = ? AND withdrawn = 0
     AND NOT EXISTS (SELECT 1 FROM adjustment n WHERE n.supersedes = a.id) ORDER BY id`,
    callId,
  ) as {
    action: string;
    part: string;
    remark: string;
  }[];

/** The door is tried and the call closed, every list ticked off. */
async function proveAndClose(page: Page): Promise<void> {
  const finger = new Finger(page);
  await finger.tap('stage-prove');
  await expect(page.getByTestId('list-state')).toHaveText('Every line of the list is ticked off.');
  await finger.tap('all-good', 'close-call');
  await expect(page.getByTestId('next-call')).toBeVisible();
  await expectAllSaved(page);
}

test('a rotten foot: probed, patched, left to dry, painted at the return that was booked', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await beginFitting(page, house.url, { title: 'Side door', job: 'jamb', first: 'damage' });
  await expect(page.getByTestId('answer')).toHaveText('Nothing marked: probe it, and tap where it is damaged.');
  await finger.tap('leg-outer-foot');
  await fill(page, { 'damage-1-to': '240', 'damage-1-deep': '20', 'field-thicknessMm': '31.75' });
  await expect(page.getByTestId('answer')).toHaveText('Patch the foot.');
  await finger.tap('remedy-patchFoot', 'tick-findWater', 'stage-mend');

  // The engine of the server says how long the patch is.
  const asked = {
    ...{ softTopMm: 240, jambThicknessMm: 31.75, stockThicknessMm: 25.4, partWidthMm: 92, pitchDegrees: 6, measuredAt: 'inner' },
    ...{ footGapMm: 3, tongueMm: 6.35, slotMm: 3.175, rebateMm: 12.7, bradMm: 50.8 },
  };
  await expect(page.getByTestId('field-softTopMm')).toHaveValue('240');
  await fill(page, { 'field-partWidthMm': '92', 'field-pitchDegrees': '6' });
  const patch = (await (await page.request.post(`${house.url}/api/engine/jamb.foot`, { data: asked })).json()) as Record<string, number>;
  const [long, short] = [patch['longPointMm'] ?? 0, patch['shortPointMm'] ?? 0].map((mm) => Number(mm.toFixed(1)));
  await expect(page.getByTestId('answer')).toHaveText(
    `Cut square 410 mm up. Patch ${long} to the long point, ${short} mm to the short, packed out 6.4 mm.`,
  );
  await expect(page.getByTestId('pack')).toHaveText('6.4 mm');
  for (const line of ['cut', 'out', 'dry', 'windows', 'packers', 'patch', 'rebate', 'fitted', 'glued', 'nailed', 'eased', 'sound-leg'])
    await finger.tap(`tick-${line}`);

  await finger.tap('to-dry');
  // What was glued is on already; the rest is laid on the clock.
  await expect(page.getByTestId('tick-coat-1')).toHaveAttribute('aria-pressed', 'true');
  await finger.tap('tick-coat-2', 'tick-safe');
  const booking = page.getByTestId('book-return');
  const [, time = ''] = /, (\d\d:\d\d)$/.exec((await booking.textContent()) ?? '') ?? [];
  await booking.click();
  await expect(page.getByTestId('return-booked')).toContainText(time);
  await expectAllSaved(page);
  const [call] = house.rows<{ state: string; scheduledFor: string; leftBecause: string }>(
    'SELECT state, scheduledFor, leftBecause FROM "call" WHERE id = ?',
    callId,
  );
  expect(call).toMatchObject({ state: 'open', leftBecause: 'Left to dry' });
  expect(new Date(call?.scheduledFor ?? 0).toTimeString()).toContain(time);
  expect(Date.parse(call?.scheduledFor ?? '')).toBeGreaterThan(Date.now());
  expect(workOf(house.rows, callId)).toEqual([
    {
      action: 'repairFoot',
      part: 'Treated stock 25.4 mm, packers 6.4 mm, 4 brads 50.8 mm',
      remark: `Cut 410 mm up; patch ${long} mm to the long point, ${short} mm to the short.`,
    },
  ]);

  // At the return the call leads to what is still open.
  await page.goto(`${house.url}/call/${callId}`);
  await expect(page.getByTestId('visit-line')).toContainText('Left to dry');
  await finger.tap('to-onSite', 'to-dry', 'tick-coat-3');
  // The primer went on now, whatever was planned: the paint follows from it.
  const nextAt = await page.getByTestId('coat-3').textContent();
  expect(nextAt).toMatch(/^\d\d:\d\d$/);
  const [hours = 0, minutes = 0] = (nextAt ?? '').split(':').map(Number);
  const now = new Date();
  expect((now.getHours() * 60 + now.getMinutes() - hours * 60 - minutes + 1440) % 1440).toBeLessThanOrEqual(2);
  await finger.tap('tick-coat-4');
  await proveAndClose(page);
  expect(stateOf(house, callId)).toEqual([{ state: 'done', leftBecause: null }]);
  expect(workOf(house.rows, callId).at(-1)).toMatchObject({
    action: 'coatRepair',
    part: 'construction adhesive, caulk to be painted, primer, paint, a coat',
  });
  const kept = house.rows<{ sheet: string; toDo: number }>(
    'SELECT sheet, toDo FROM worksheet w WHERE callId = ? AND NOT EXISTS (SELECT 1 FROM worksheet n WHERE n.supersedes = w.id) ORDER BY sheet',
    callId,
  );
  expect(kept).toEqual([
    { sheet: 'cure.clock', toDo: 0 },
    { sheet: 'jamb.decide', toDo: 0 },
    { sheet: 'jamb.foot', toDo: 0 },
  ]);
});

test('a strike side kicked in: a new length let in, strikes proved by the bolts’ own marks, locked the same evening', async ({
  page,
  house,
}) => {
  const finger = new Finger(page);
  const callId = await beginFitting(page, house.url, { title: 'Yard door', job: 'jamb', first: 'damage' });
  await finger.tap('damage-kind-kicked', 'leg-inner-lock');
  await fill(page, { 'damage-1-from': '820', 'damage-1-to': '1260', 'field-thicknessMm': '19' });
  await expect(page.getByTestId('answer')).toHaveText('Let a new length in.');
  await finger.tap('remedy-splice', 'tick-lockTonight', 'stage-mend');
  await fill(page, { 'field-widths': '700: 116; 1050: 90; 1400: 117.4' });
  await expect(page.getByTestId('answer')).toHaveText('Cut out 770 to 1310 mm from the floor, saw 19 mm deep: new piece 540 mm.');
  await expect(page.getByTestId('saw-depth')).toHaveText('19 mm');
  for (const line of ['strip', 'cut', 'marked', 'ripped', 'packed', 'screwed', 'filled', 'locked']) await finger.tap(`tick-${line}`);

  await finger.tap('to-strike');
  await expect(page.getByTestId('measured-latch')).toHaveText('1043 · 23');
  await page.getByTestId('field-latch.markBelowHeadMm').fill('1046');
  await expect(page.getByTestId('answer')).toHaveText('Measure and mark differ: stop and find out why before anything is bored.');
  await expect(page.getByTestId('differ-latch')).toContainText('They differ by 3 mm');
  await expect(page.getByTestId('tick-latch-bored')).toHaveCount(0);
  await page.getByTestId('field-latch.markBelowHeadMm').fill('1043.8');
  await expect(page.getByTestId('differ-latch')).toContainText('the mark counts');
  await expect(page.getByTestId('bore-latch')).toHaveText('25.4 mm');
  for (const line of ['marked', 'latch-bored', 'latch-plate', 'deadbolt-bored', 'deadbolt-plate', 'tried'])
    await finger.tap(`tick-${line}`);

  await finger.tap('to-dry');
  for (const line of ['coat-1', 'coat-2', 'coat-3', 'safe']) await finger.tap(`tick-${line}`);
  await proveAndClose(page);
  expect(stateOf(house, callId)).toEqual([{ state: 'done', leftBecause: null }]);
  expect(workOf(house.rows, callId)).toMatchObject([
    { action: 'repairLeg', part: 'Jamb stock 540 mm, 5 screws 76.2 mm, packers', remark: 'Cut out 770 mm to 1310 mm above the floor.' },
    { action: 'letInStrike', remark: 'Latch 1043.8 mm below the head, 23 from the stop; Deadbolt 903 mm below the head, 23 from the stop' },
    { action: 'coatRepair' },
  ]);
});

test('a whole leg: stained and cracked, made anew and packed plumb from what was measured to the framing', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await beginFitting(page, house.url, { title: 'Study', job: 'jamb', first: 'damage' });
  await finger.tap('damage-kind-cracked', 'leg-inner-lock', 'field-finish-stained', 'field-side-hinge');
  await expect(page.getByTestId('answer')).toHaveText('A whole new leg.');
  await finger.tap('remedy-wholeLeg', 'stage-mend');
  await fill(page, { 'field-headMm': '2000', 'field-clearMm': '767', 'field-roughMm': '100: 800; 1900: 804', 'field-thicknessMm': '25' });
  await expect(page.getByTestId('answer')).toHaveText('Leg 2007 × 120 mm; 7 packers.');
  await expect(page.getByTestId('stack-1')).toHaveText('5 + 5 + 2');
  await expect(page.getByTestId('stack-3')).toHaveText('5 + 3');
  for (const line of ['hardware', 'stop', 'casing', 'out', 'cut', 'top', 'plumb', 'proud', 'home', 'back', 'locked'])
    await finger.tap(`tick-${line}`);
  // A leg of hinges has no strike.
  await expect(page.getByTestId('stage-strike')).toHaveCount(0);
  await finger.tap('to-dry');
  for (const line of ['coat-1', 'coat-2', 'coat-3', 'coat-4', 'safe']) await finger.tap(`tick-${line}`);
  await proveAndClose(page);
  expect(workOf(house.rows, callId)[0]).toEqual({
    action: 'replaceLeg',
    part: 'Stock 25 mm × 120 mm, 2007 mm long; 7 packers; screws 76.2 mm',
    remark: 'Packers at 1900, 1000, 100 mm above the floor.',
  });

  // Taken back, it goes from the record as well.
  await finger.tap('reopen', 'stage-mend', 'tick-plumb');
  await expectAllSaved(page);
  expect(workOf(house.rows, callId).map(({ action }) => action)).not.toContain('replaceLeg');
});

test('a slab changed for another: what is carried over is compared with the frame, painted before it hangs', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await beginFitting(page, house.url, { title: 'Porch', job: 'changeSlab' });
  await finger.tap('stage-hang');
  await fill(page, {
    'field-oldTopsMm': '178, 900, 1600',
    'field-frameTopsMm': '181, 903.5, 1602',
    'field-oldBoltMm': '1000',
    'field-strikeMm': '1005',
  });
  await finger.tap('field-water-foot');
  await expect(page.getByTestId('bolt-off')).toHaveText('+2');
  await expect(page.getByTestId('mark-3')).toHaveText('frame −1');
  await expect(page.getByTestId('frame-off')).toContainText('differ by up to 1 mm');
  for (const line of ['water-foot', 'carried', 'hinge-1', 'hinge-2', 'hinge-3', 'recessed', 'painted', 'blocks', 'screws'])
    await finger.tap(`tick-${line}`);
  await expectAllSaved(page);
  expect(workOf(house.rows, callId).map(({ action }) => action)).toEqual(['hangSlab']);
  // What was not begun is told, and the call not closed without a word.
  await finger.tap('stage-prove');
  await expect(page.getByTestId('list-state')).toHaveText('Nothing was worked out and ticked off yet.');
});

test('the frame of a fire door is repaired only as its certificate says: no line is ticked off on it', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await beginFitting(page, house.url, { title: 'Stair', preset: 'fire', job: 'jamb', first: 'damage' });
  await finger.tap('leg-outer-foot');
  await expect(page.getByTestId('stop-label')).toContainText('certificate');
  await page.goto(`${house.url}/call/${callId}/sheet/jamb-foot`);
  await fill(page, { 'field-softTopMm': '200' });
  await expect(page.getByTestId('not-on-this-door')).toContainText('Nothing to tick off on this door.');
  await expect(page.getByTestId('tick-cut')).toHaveCount(0);
});

test('framing that is wet stops the work: nothing is advised, and the call is closed with its reason', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await beginFitting(page, house.url, { title: 'Boiler room', job: 'jamb', first: 'damage' });
  await finger.tap('leg-outer-foot', 'leg-framing');
  await expect(page.getByTestId('stop-framingWet')).toContainText('Stop');
  await expect(page.getByTestId('remedy-patchFoot')).toHaveCount(0);
  await finger.tap('keep-sheet', 'stage-prove');
  await expect(page.getByTestId('list-state')).toHaveText('What was worked out cannot be worked to: see Probe.');
  await finger.tap('close-call');
  await expect(page.getByTestId('why-left')).toBeVisible();
  await expectAllSaved(page);
  expect(stateOf(house, callId)).toMatchObject([{ state: 'onSite' }]);
});

test('a swollen door is not planed in the wet season: the plan says when to come back, and the return is booked', async ({
  page,
  house,
}) => {
  const finger = new Finger(page);
  await page.goto(house.url);
  await page.getByRole('button', { name: /Vandersloe cottage, Back door/ }).click();
  const callId = callIdOf(page);
  await finger.tap('stage-fix');
  await expect(page.getByTestId('told-timber.season')).toBeVisible();
  await finger.tap('told-timber.season-open');
  await page.getByRole('button', { name: 'The slab: open' }).click();
  await finger.tap('field-build-plank', 'field-species-redOak', 'field-cut-flat', 'field-exposure-between');
  await page.getByRole('button', { name: 'The year here: open' }).click();
  await finger.tap('field-month-8', 'field-climateId-wetSummer');
  await fill(page, { 'field-gapMm': '0.5', 'field-leastMm': '1.5', 'field-mostMm': '8' });
  await expect(page.getByTestId('answer')).toHaveText(/^Do not plane.* Come back in (December|January|February|March)/);
  const says = (await page.getByTestId('answer').textContent()) ?? '';
  const [, month = ''] = /Come back in (\w+)/.exec(says) ?? [];
  await finger.tap('book-return');
  await expect(page.getByTestId('return-booked')).toBeVisible();
  await expectAllSaved(page);
  const [call] = house.rows<{ scheduledFor: string; state: string; leftBecause: string }>(
    'SELECT scheduledFor, state, leftBecause FROM "call" WHERE id = ?',
    callId,
  );
  expect(call).toMatchObject({ state: 'open', leftBecause: 'Swollen, left to dry' });
  const [kept] = house.rows<{ says: string }>("SELECT says FROM worksheet WHERE callId = ? AND sheet = 'timber.season'", callId);
  expect(kept?.says).toBe(says);
  // August was chosen: the months from it to the return are those from today to its day.
  const months = ['September', 'October', 'November', 'December', 'January', 'February', 'March'].indexOf(month) + 1;
  const due = new Date(call?.scheduledFor ?? 0);
  const today = new Date();
  expect((due.getFullYear() - today.getFullYear()) * 12 + due.getMonth() - today.getMonth()).toBe(months);
});
