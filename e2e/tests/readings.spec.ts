import { expect, test } from '../house';
import { answerLook, callIdOf, expectAllSaved, openSaggingDoor, SAGGING, tapReading, walkRound } from '../technician';

test('a wrong reading is corrected, taken back, and a slip of the figure is named', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('to-measure').click();
  await tapReading(page, '46');
  await expect(page.getByRole('alert')).toContainText('46 mm? Hardly any door has that.');
  await page.getByTestId('key-Next').click();
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
  const rows = () =>
    house.rows<{ mm: number; withdrawn: number; supersedes: string | null }>(
      `SELECT r.mm, r.withdrawn, r.supersedes FROM reading r JOIN reading_set s ON s.id = r.setId JOIN "call" c ON c.id = s.callId
       WHERE s.stage = 'found' AND c.complaint LIKE 'Catches%' ORDER BY r.id`,
    );
  await expect
    .poll(() => rows().map(({ mm, withdrawn, supersedes }) => [mm, withdrawn, supersedes !== null]))
    .toEqual([
      [46, 0, false],
      [4.6, 0, true],
      [2.6, 0, false],
      [2.6, 1, true],
    ]);
});

test('a slip of the gauge is read again before anything is planned by it', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('to-measure').click();
  await walkRound(
    page,
    SAGGING.map(([station, tapped]) => [station, station === 'hinge.mid' ? '7.4' : tapped]),
  );
  await page.getByTestId('stage-fix').click();
  await expect(page.getByTestId('plan-outcome')).toContainText('stands against all the others');
  await expect(page.getByText('Hinge gap, middle: read 7.4 mm', { exact: false })).toBeVisible();
  await expect(page.getByTestId('step-1')).toHaveCount(0);

  await page.getByRole('button', { name: 'Read it again' }).click();
  await tapReading(page, '3');
  await expect(page.getByTestId('gap-hinge.mid')).toHaveText('3');
  await page.getByTestId('stage-fix').click();
  await expect(page.getByTestId('step-1')).toBeVisible();
  await expect(page.getByTestId('plan-outcome')).not.toContainText('stands against all the others');

  await expectAllSaved(page);
  const callId = callIdOf(page);
  const twice = house.rows<{ id: string; mm: number; supersedes: string | null }>(
    `SELECT r.id, r.mm, r.supersedes FROM reading r JOIN reading_set s ON s.id = r.setId
     WHERE s.callId = ? AND r.station = 'hinge.mid' ORDER BY r.mm DESC`,
    callId,
  );
  expect(twice.map(({ mm }) => mm)).toEqual([7.4, 3]);
  expect(twice[1]?.supersedes).toBe(twice[0]?.id);
});

test('no foot is cut out for one look: it is prodded again, and the door is left when it is sound', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  await page.getByTestId('to-measure').click();
  const inOrder = { latch: '3', head: '3', hinge: '2', foot: '8' } as const;
  await walkRound(
    page,
    SAGGING.map(([station]) => [station, inOrder[station.split('.')[0] as keyof typeof inOrder]]),
  );
  await page.getByTestId('stage-look').click();
  await answerLook(page, 'check-legSound-soft');
  await page.getByTestId('stage-fix').click();
  await expect(page.getByTestId('plan-outcome')).toContainText('Before anything is begun');
  await expect(page.getByText('At the first look: a leg is soft at the foot.')).toBeVisible();
  await expect(page.getByTestId('step-1')).toHaveCount(0);

  await page.getByTestId('check-legSound-sound').click();
  await expect(page.getByTestId('plan-outcome')).not.toContainText('Before anything is begun');
  await expect(page.getByTestId('step-1')).toHaveCount(0);

  await expectAllSaved(page);
  const callId = callIdOf(page);
  const looks = house.rows<{ id: string; answer: string; supersedes: string | null }>(
    `SELECT id, answer, supersedes FROM finding WHERE callId = ? AND finding = 'legSound' ORDER BY supersedes IS NOT NULL`,
    callId,
  );
  expect(looks.map(({ answer }) => answer)).toEqual(['soft', 'sound']);
  expect(looks[1]?.supersedes).toBe(looks[0]?.id);
});

test('an entry of an earlier program that makes no sense is named and left out, and can be taken back', async ({ page, house }) => {
  await openSaggingDoor(page, house.url);
  const callId = callIdOf(page);
  const id = '01932b7e-7d1c-7000-8000-0000000000aa';
  house.write(
    `INSERT INTO finding (id, writtenAt, callId, finding, answer, withdrawn) VALUES (?, '2026-03-02T08:30:00.000Z', ?, 'topScrews', 'bananas', 0)`,
    id,
    callId,
  );
  await page.reload();
  const notice = page.getByTestId('uncomputed');
  await expect(notice).toContainText('bananas');
  await page.getByTestId('stage-find').click();
  await expect(page.getByTestId(/^cause-/).first()).toBeVisible();
  await page.getByTestId('take-back-uncomputed').click();
  await expect(notice).toHaveCount(0);
  await expectAllSaved(page);
  expect(house.rows('SELECT withdrawn FROM finding WHERE supersedes = ?', id)).toEqual([{ withdrawn: 1 }]);
});
