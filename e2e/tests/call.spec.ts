import { expect, test } from '../house';
import { expectAllSaved, openSaggingDoor, SAGGING, tapReading, TRUE_AGAIN, walkRound } from '../technician';

test('a sagging door goes from gap readings to a recorded correction', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('check-complaint-rubsLatchTop').click();
  await page.getByTestId('to-measure').click();
  await walkRound(page, SAGGING);

  // The estimate has followed every reading, without findings it cannot yet tell the three causes at the top hinge apart.
  await expect(page.getByTestId('estimate-cause')).toContainText('Top hinge');
  await page.getByTestId('estimate').click();
  await page.getByTestId('check-topScrews-loose').click();
  await page.getByTestId('check-liftPlay-some').click();
  await expect(page.getByTestId('cause-looseTopScrews')).toContainText('Screws of the top hinge could be turned');
  await expect(page.getByTestId('cause-looseTopScrews')).toContainText('Hinge gap wider at the top than at the bottom');

  const callId = /call\/([0-9a-f-]+)\//.exec(page.url())?.[1] ?? '';
  const [door] = house.rows<{ hingeHeightsMm: string }>('SELECT d.* FROM door d JOIN "call" c ON c.doorId = d.id WHERE c.id = ?', callId);
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
        tapped === 'rubs' ? { station, rubs: true, instrument: 'gauge' } : { station, mm: Number(tapped), instrument: 'gauge' },
      ),
      findings: [
        { finding: 'complaint', answer: 'rubsLatchTop' },
        { finding: 'topScrews', answer: 'loose' },
        { finding: 'liftPlay', answer: 'some' },
      ],
    },
  });
  const plan = (await answer.json()) as {
    outcome: string;
    cause: { probability: number };
    gaps: { station: string; afterMm: number }[];
    steps: { title: string }[];
  };
  await expect(page.getByTestId('likely-chance')).toHaveText(`${Math.round(plan.cause.probability * 100)} %`);

  await page.getByTestId('to-fix').click();
  await expect(page.getByTestId('plan-outcome')).toContainText('Brings every gap inside its limits');
  for (const { station, afterMm } of plan.gaps) {
    await expect(page.getByTestId(`gap-${station}`)).toHaveText(String(Number(afterMm.toFixed(1))));
  }
  await expect(page.getByTestId('step-1')).toContainText('Tighten the hinge screws');
  await expect(page.getByTestId('step-1')).toContainText('Take care');
  for (let step = 1; step <= plan.steps.length; step += 1) {
    await page.getByTestId(`step-${step}`).getByTestId('log-step').click();
    await expect(page.getByTestId(`step-${step}`)).toContainText('Logged:');
  }

  await page.getByTestId('to-prove').click();
  await walkRound(page, TRUE_AGAIN);
  await page.getByTestId('to-proof').click();
  await expect(page.getByTestId('verdict')).toHaveText('True: every gap is inside its limits and even.');
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
  expect(adjustments[0]).toEqual({ action: 'tighten', hinge: 'top', amount: 1 });
  expect(house.rows('SELECT state, revision FROM "call" WHERE id = ?', callId)).toEqual([{ state: 'done', revision: 2 }]);
});

test('a wrong reading is corrected, taken back, and a slip of the figure is named', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('to-measure').click();
  await tapReading(page, '46');
  await page.getByTestId('station-latch.bottom').click();
  await tapReading(page, '4.6');
  await expect(page.getByTestId('gap-latch.bottom')).toHaveText('4.6');

  await page.getByTestId('station-latch.mid').click();
  await tapReading(page, '4.6.1');
  await expect(page.getByRole('alert')).toContainText('Cannot read "." at character 4');
  await expect(page.getByTestId('typed')).toHaveText('4.6.1');
  for (let i = 0; i < 5; i += 1) await page.getByTestId('key-Erase').click();
  await tapReading(page, '260');
  await expect(page.getByRole('alert')).toContainText('260 mm is no size for a gap');
  for (let i = 0; i < 3; i += 1) await page.getByTestId('key-Erase').click();
  await tapReading(page, '2.6');
  await expect(page.getByTestId('gap-latch.mid')).toHaveText('2.6');

  await page.getByTestId('station-latch.mid').click();
  await page.getByTestId('key-Erase').click();
  await expect(page.getByTestId('gap-latch.mid')).toContainText('≈');
  await expectAllSaved(page);
  const rows = house.rows<{ mm: number; withdrawn: number; supersedes: string | null }>(
    `SELECT r.mm, r.withdrawn, r.supersedes FROM reading r JOIN reading_set s ON s.id = r.setId JOIN "call" c ON c.id = s.callId
     WHERE s.stage = 'found' AND c.complaint LIKE 'Catches%' ORDER BY r.id`,
  );
  expect(rows.map(({ mm, withdrawn, supersedes }) => [mm, withdrawn, supersedes !== null])).toEqual([
    [46, 0, false],
    [4.6, 0, true],
    [2.6, 0, false],
    [2.6, 1, true],
  ]);
});

test('a fire door is not planed or packed, and the tool says whom to call', async ({ page, house }) => {
  await page.goto(house.url);
  await page.getByRole('button', { name: /Dunmorrow Court, Stair door/ }).click();
  await page.getByTestId('stage-fix').click();
  await expect(page.getByText('Refer to a competent fire-door person').first()).toBeVisible();
  await expect(page.getByTestId('step-1')).toContainText('Tighten the hinge screws');
  await expect(page.getByText('A fire door, a composite, steel or glazed door is not planed.').first()).toBeVisible();
});

test('a swollen door is not planed to its wet size', async ({ page, house }) => {
  await page.goto(house.url);
  await page.getByRole('button', { name: /Vandersloe cottage, Back door/ }).click();
  await page.getByTestId('stage-fix').click();
  await expect(page.getByText('A slab planed while swollen is too small when it dries.').first()).toBeVisible();
  await expect(page.getByText('measure again in the dry season').first()).toBeVisible();
  await expect(page.getByText('Plane the latch edge', { exact: true })).toHaveCount(1);
});
