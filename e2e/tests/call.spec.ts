import { expect, test } from '../house';
import { answerLook, callIdOf, expectAllSaved, openSaggingDoor, SAGGING, tapReading, TRUE_AGAIN, walkRound } from '../technician';

/** To what step a figure was read: to tenths, to halves, and at the foot to the whole millimetres of its keys. */
function stepOf(station: string, tapped: string): number {
  if (/\.[^5]/.test(tapped)) return 0.1;
  return station.startsWith('foot') && !tapped.includes('.') ? 1 : 0.5;
}

test('a sagging door goes from gap readings to a recorded correction', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('check-complaint-rubsLatchTop').click();
  await page.getByTestId('to-measure').click();
  await walkRound(page, SAGGING);

  // The estimate has followed every reading, without findings it cannot yet tell the three causes at the top hinge apart.
  await expect(page.getByTestId('estimate-cause')).toContainText('Top hinge');
  await page.getByTestId('stage-look').click();
  await answerLook(page, 'check-topScrews-loose');
  await answerLook(page, 'check-liftPlay-some');
  await page.getByTestId('stage-find').click();
  await expect(page.getByTestId('cause-looseTopScrews')).toContainText('Screws of the top hinge could be turned');
  await expect(page.getByTestId('cause-looseTopScrews')).toContainText('Hinge gap wider at the top than at the bottom');

  const callId = callIdOf(page);
  const [door] = house.rows<{ hingeHeightsMm: string }>(
    `SELECT json_extract(d.make, '$.hingeHeightsMm') AS hingeHeightsMm FROM door d JOIN "call" c ON c.doorId = d.id WHERE c.id = ?`,
    callId,
  );
  const answer = await page.request.post(`${house.url}/api/engine/hinged.plan`, {
    data: {
      door: {
        slabWidthMm: 762,
        slabHeightMm: 1981,
        hingeHeightsMm: JSON.parse(door?.hingeHeightsMm ?? '[]') as number[],
        hingeKind: 'butt',
        slabKind: 'solidTimber',
        fireRated: false,
        profile: 'interiorTimber',
      },
      readings: SAGGING.map(([station, tapped]) =>
        tapped === 'rubs'
          ? { station, rubs: true, instrument: 'gauge' }
          : { station, mm: Number(tapped), instrument: 'gauge', stepMm: stepOf(station, tapped) },
      ),
      findings: [
        { finding: 'complaint', answer: 'rubsLatchTop' },
        { finding: 'topScrews', answer: 'loose' },
        { finding: 'liftPlay', answer: 'some' },
      ],
    },
  });
  const { cause, plans } = (await answer.json()) as {
    cause: { probability: number };
    plans: { gaps: { station: string; afterMm: number }[]; steps: { action: string; title: string; amount: number }[] }[];
  };
  const [plan] = plans;
  if (plan === undefined) throw new Error('no plan');
  await expect(page.getByTestId('likely-chance')).toHaveText(`${Math.round(cause.probability * 100)} %`);

  await page.getByTestId('to-fix').click();
  await expect(page.getByTestId('plan-outcome')).toContainText('Make what is loose hold first');
  await page.getByTestId('plan-drawing').click();
  for (const { station, afterMm } of plan.gaps.filter((gap) => gap.station !== 'bolt.low')) {
    await expect(page.getByTestId(`gap-${station}`)).toHaveText(new RegExp(`^${Number(afterMm.toFixed(1))}(\\nnot read)?$`));
  }
  // What is loose is tightened before anything is set.
  const [firstStep] = plan.steps;
  expect(firstStep?.action).toBe('tighten');
  await expect(page.getByTestId('step-1')).toContainText(firstStep?.title ?? 'no step');
  await expect(page.getByTestId('step-1')).toContainText('Take care');
  for (let step = 1; step <= plan.steps.length; step += 1) {
    await page.getByTestId(`step-${step}`).getByTestId('log-step').click();
    await expect(page.getByTestId(`step-${step}`)).toContainText('Logged:');
  }

  await page.getByTestId('to-prove').click();
  await walkRound(page, TRUE_AGAIN);
  await page.getByTestId('to-proof').click();
  await expect(page.getByTestId('verdict')).toHaveText('By gauge by the book: 12 gaps. Not tried by hand: free is not claimed.');
  await page.getByTestId('all-good').click();
  await expect(page.getByTestId('verdict')).toHaveText('Free by 7 tries; by the book by 12 gaps.');
  await expect(page.getByTestId('proof-latch.top')).toContainText('rubs');
  await expect(page.getByTestId('proof-latch.top')).toContainText('2.8');
  await page.getByTestId('close-call').click();
  await expect(page.getByTestId('reopen')).toBeVisible();
  await expectAllSaved(page);

  const readings = house.rows<{ stage: string; station: string; mm: number | null; kind: string; typed: string }>(
    'SELECT s.stage, r.station, r.mm, r.kind, r.typed FROM reading r JOIN reading_set s ON s.id = r.setId WHERE s.callId = ? ORDER BY r.id',
    callId,
  );
  expect(readings.filter(({ stage }) => stage === 'found').map(({ station, mm }) => [station, mm])).toEqual(
    SAGGING.map(([station, tapped]) => [station, tapped === 'rubs' ? null : Number(tapped)]),
  );
  expect(readings.filter(({ stage }) => stage === 'left')).toHaveLength(12);
  expect(readings.find(({ station, stage }) => station === 'latch.bottom' && stage === 'found')?.typed).toBe('4.6 mm');
  const adjustments = house.rows('SELECT action, hinge, amount FROM adjustment WHERE callId = ? ORDER BY id', callId);
  expect(adjustments).toHaveLength(plan.steps.length);
  expect(adjustments[0]).toEqual({ action: firstStep?.action, hinge: 'top', amount: firstStep?.amount });
  const tries = house.rows<{ finding: string; answer: string }>(
    `SELECT finding, answer FROM finding WHERE callId = ? AND stage = 'left' ORDER BY id`,
    callId,
  );
  expect(tries).toHaveLength(7);
  expect(tries).toContainEqual({ finding: 'halfOpen', answer: 'stays' });
  expect(house.rows('SELECT state, revision, leftBecause FROM "call" WHERE id = ?', callId)).toEqual([
    { state: 'done', revision: 2, leftBecause: null },
  ]);
});

test('three readings and what the tool asks next name the cause; a check after the step makes the next plan', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('check-complaint-rubsLatchTop').click();
  await page.getByTestId('to-measure').click();
  for (const [station, tapped] of [
    ['hinge.top', '4.8'],
    ['latch.mid', '2.6'],
    ['head.latch', '5'],
  ] as const) {
    await page.getByTestId(`station-${station}`).click();
    await tapReading(page, tapped);
    await expect(page.getByTestId(`gap-${station}`)).toHaveText(tapped);
  }
  await page.getByTestId('estimate').click();
  // Whatever it asks, it says why; the door's screws are loose and everything else about it is sound.
  const sound: Readonly<Record<string, string>> = {
    topScrews: 'loose',
    liftPlay: 'some',
    topLeaves: 'parallel',
    pins: 'snug',
    hingeLegFirm: 'firm',
    hingeSeat: 'proud',
    event: 'gradual',
    season: 'same',
    latch: 'lift',
    firstContact: 'latchTop',
    bottomScrews: 'tight',
  };
  await expect(page.getByTestId('next-why')).toContainText(/tells|shows|known only/i);
  for (let asked = 0; asked < 8; asked += 1) {
    const check = page.getByTestId('next-best').locator('[role=radiogroup]');
    if ((await check.count()) === 0) break;
    const id = ((await check.getAttribute('data-testid')) ?? '').replace('check-', '');
    await page.getByTestId(`check-${id}-${sound[id] ?? ''}`).click();
    await expect(page.getByTestId(`check-${id}`)).toHaveCount(0);
  }
  await expect(page.getByTestId('likely-cause')).toHaveText('Top hinge screws loose');
  const chance = Number.parseInt((await page.getByTestId('likely-chance').textContent()) ?? '0', 10);
  expect(chance).toBeGreaterThanOrEqual(80);

  await page.getByTestId('stage-measure').click();
  for (const [station, tapped] of SAGGING) {
    await page.getByTestId(`station-${station}`).click();
    await tapReading(page, tapped);
  }
  await page.getByTestId('stage-fix').click();
  await expect(page.getByTestId('step-1')).toContainText(/Tighten the hinge screws|Long screw into the framing/);
  await expect(page.getByTestId('step-1')).toContainText('Then read again: hinge gap, top');
  await page.getByTestId('step-1').getByTestId('log-step').click();
  await page.getByTestId('step-1').getByTestId('check-topScrews-tight').click();
  await page.getByTestId('to-check').click();
  for (const figure of ['2.2', '2.7', '3.4']) await tapReading(page, figure);
  await page.getByTestId('to-next-plan').click();
  await expect(page.getByRole('heading', { name: 'Plan after the check' })).toBeVisible();
  // What has been done and has worked is not proposed again.
  await expect(page.getByText(/^(Tighten the hinge screws|Long screw into the framing)$/)).toHaveCount(0);
  await expectAllSaved(page);
  expect(
    house.rows(
      `SELECT r.station, r.mm FROM reading r JOIN reading_set s ON s.id = r.setId JOIN "call" c ON c.id = s.callId
       WHERE s.stage = 'check' AND c.complaint LIKE 'Catches%' ORDER BY r.id`,
    ),
  ).toEqual([
    { station: 'hinge.top', mm: 2.2 },
    { station: 'latch.top', mm: 2.7 },
    { station: 'head.latch', mm: 3.4 },
  ]);
  // Checked again after the step, beside what was found.
  expect(
    house.rows(
      `SELECT f.answer, a.hinge FROM finding f LEFT JOIN adjustment a ON a.id = f.adjustmentId JOIN "call" c ON c.id = f.callId
       WHERE f.finding = 'topScrews' AND c.complaint LIKE 'Catches%' ORDER BY f.id`,
    ),
  ).toContainEqual({ answer: 'tight', hinge: 'top' });
});

test('a setting is tried on the drawing by tap, key and drag; it is written only when it is logged as done', async ({ page, house }) => {
  await page.goto(house.url);
  await page.getByRole('button', { name: /Vandersloe cottage, Pantry/ }).click();
  await page.getByTestId('stage-fix').click();
  await page.getByTestId('what-if').click();
  const shown = async () => parseFloat((await page.getByTestId('gap-latch.bottom').textContent()) ?? '');
  const before = await shown();
  await page.getByTestId('what-if-set-bottom').click();
  await page.getByTestId('tried-more').click();
  await page.getByTestId('tried-more').click();
  await expect(page.getByTestId('tried-value')).toHaveText('+1 mm');
  await expect(page.getByTestId('gap-latch.bottom')).not.toHaveText(String(before));
  expect(await shown()).toBeLessThan(before - 0.8);
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByTestId('tried-value')).toHaveText('+0.5 mm');
  await page.getByTestId('what-if-clear').click();
  await expect(page.getByTestId('gap-latch.bottom')).toHaveText(String(before));
  expect(
    house.rows('SELECT a.id FROM adjustment a JOIN "call" c ON c.id = a.callId WHERE c.complaint LIKE ?', 'Leans in its frame%'),
  ).toEqual([]);
  await page.getByTestId('tried-more').click();
  await page.getByTestId('tried-more').click();
  await expect(page.getByTestId('setting-work')).toHaveText('Bottom hinge: shim behind the full leaf, 2 layers of 0.5 mm card');
  await page.getByTestId('log-setting').click();
  await expectAllSaved(page);
  expect(house.rows('SELECT action, hinge, amount FROM adjustment WHERE callId = ?', callIdOf(page))).toEqual([
    { action: 'shim', hinge: 'bottom', amount: 2 },
  ]);
});

test('rub marks are tapped on the drawing and taken away again', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('to-look').click();
  await page.getByTestId('station-latch.top').click();
  await expect(page.getByTestId('gap-latch.top')).toHaveText('rubs');
  await page.getByTestId('station-head.latch').click();
  await page.getByTestId('station-head.latch').click();
  await expect(page.getByTestId('gap-head.latch')).toHaveText('○');
  await expectAllSaved(page);
  expect(
    house.rows(
      `SELECT r.station, r.kind, r.withdrawn FROM reading r JOIN reading_set s ON s.id = r.setId JOIN "call" c ON c.id = s.callId
       WHERE s.stage = 'found' AND c.complaint LIKE 'Catches%' ORDER BY r.id`,
    ),
  ).toEqual([
    { station: 'latch.top', kind: 'rubs', withdrawn: 0 },
    { station: 'head.latch', kind: 'rubs', withdrawn: 0 },
    { station: 'head.latch', kind: 'rubs', withdrawn: 1 },
  ]);
});

test('a door is judged by limits of its own, with the reason, and what is wrong with them is told at the field', async ({
  page,
  house,
}) => {
  await openSaggingDoor(page, house.url);
  const callId = new URL(page.url()).pathname.split('/')[2];
  await expect(page.getByTestId('limits-title')).toHaveText('Interior timber');
  await page.getByTestId('change-limits').click();
  await page.getByTestId('whose-limits-own').click();
  await page.getByTestId('limit-latch-max').fill('1');
  await page.getByTestId('keep-limits').click();
  await expect(page.getByText('The most lies above the target')).toBeVisible();
  await expect(page.getByText('Say why this door is judged by its own limits.')).toBeVisible();
  await page.getByTestId('limit-latch-max').fill('5');
  await page.getByTestId('limit-reason').fill('Brush seal, 5 mm');
  await page.reload();
  await expect(page.getByTestId('limit-reason')).toHaveValue('Brush seal, 5 mm');
  await page.getByTestId('keep-limits').click();
  await expect(page.getByTestId('limits-latch')).toContainText('5');
  await expect(page.getByTestId('limits-reason')).toContainText('Brush seal, 5 mm');

  // 4.6 mm is wide by the profile and true by the door's own limits.
  await page.getByTestId('to-measure').click();
  await page.getByTestId('station-latch.bottom').click();
  await tapReading(page, '4.6');
  await expect(page.getByRole('img', { name: 'Latch gap, bottom: 4.6 mm, true' })).toBeVisible();
  await expectAllSaved(page);
  const [kept] = house.rows<{ revision: number; profile: string; ownLimits: string }>(
    `SELECT d.revision, json_extract(d.make, '$.profile') AS profile, json_extract(d.make, '$.ownLimits') AS ownLimits
       FROM door d JOIN "call" c ON c.doorId = d.id WHERE c.id = ?`,
    callId,
  );
  expect(kept).toMatchObject({ revision: 2, profile: 'interiorTimber' });
  expect(JSON.parse(kept?.ownLimits ?? '{}')).toMatchObject({
    edges: { latch: { min: 2, target: 3, max: 5 } },
    reason: 'Brush seal, 5 mm',
  });
});

test('a door is treated by the school chosen for it, and the plan says what that leaves out', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  const callId = new URL(page.url()).pathname.split('/')[2];
  await expect(page.getByTestId('school-hingeMove-why')).toContainText('weighed');
  await page.getByTestId('school-hingeMove-packing').click();
  await expect(page.getByTestId('school-hingeMove-why')).toContainText('a known thickness');
  await page.getByTestId('to-measure').click();
  await walkRound(page, SAGGING);
  await page.getByTestId('stage-fix').click();
  await page.getByTestId('not-allowed').click();
  await expect(page.getByText('This door’s school: packing.').first()).toBeVisible();
  await expectAllSaved(page);
  const kept = () =>
    house.rows<{ revision: number; schools: string }>(
      `SELECT d.revision, json_extract(d.make, '$.schools') AS schools FROM door d JOIN "call" c ON c.doorId = d.id WHERE c.id = ?`,
      callId,
    );
  expect(kept()).toEqual([{ revision: 2, schools: '{"hingeMove":"packing"}' }]);

  await page.getByTestId('stage-listen').click();
  await page.getByTestId('school-hingeMove-all').click();
  await expectAllSaved(page);
  expect(kept()).toEqual([{ revision: 3, schools: '{"hingeMove":null}' }]);
});

test('a fire door is not planed or packed, and the tool says whom to call', async ({ page, house }) => {
  await page.goto(house.url);
  await page.getByRole('button', { name: /Dunmorrow Court, Stair door/ }).click();
  await page.getByTestId('stage-fix').click();
  await expect(page.getByText('Refer to a competent fire-door person').first()).toBeVisible();
  await expect(page.getByTestId('step-1')).toContainText('Tighten the hinge screws');
  await page.getByTestId('not-allowed').click();
  await expect(page.getByText('A fire door, a composite, steel or glazed door is not planed.').first()).toBeVisible();
});

test('a swollen door is not planed to its wet size', async ({ page, house }) => {
  await page.goto(house.url);
  await page.getByRole('button', { name: /Vandersloe cottage, Back door/ }).click();
  await page.getByTestId('stage-fix').click();
  await page.getByTestId('not-allowed').click();
  await expect(page.getByText('A slab planed while swollen is too small when it dries.').first()).toBeVisible();
  await expect(page.getByText('measure again in the dry season').first()).toBeVisible();
  await expect(page.getByText('Plane the latch edge', { exact: true })).toHaveCount(1);
});
