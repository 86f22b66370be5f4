import { readFileSync } from 'node:fs';
import { Finger } from '../finger';
import { expect, test } from '../house';
import { callIdOf, expectAllSaved, openSaggingDoor } from '../technician';

test('a slab into a bellied opening: each cut ticked off with what was really cut, kept with the call', async ({ page, house }) => {
  const finger = new Finger(page);
  await openSaggingDoor(page, house.url);
  await finger.tap('stage-fix', 'all-sheets', 'sheet-fit.slab');
  await expect(page.getByTestId('still-wanted')).toContainText('widths: top, middle, foot');
  await page.getByTestId('field-widths').fill('765, 774, 772');
  await page.getByTestId('field-heights').fill('1995, 1993, 1989');
  await page.getByTestId('field-slabWidthsMm').fill('764');
  await page.getByTestId('field-slabHeightsMm').fill('1985, 1985');
  await page.getByRole('button', { name: 'Level and straightedge: open' }).click();
  await page.getByTestId('field-plumbHinge').fill('4');
  await page.getByTestId('field-straightHinge').fill('1');
  await expect(page.getByTestId('missing-level')).toBeVisible();
  await page.getByTestId('field-levelFloor').fill('2');
  await page.getByRole('button', { name: 'How it is cut: open' }).click();
  await page.getByTestId('field-aim-edges').click();
  await expect(page.getByTestId('missing-level')).toHaveCount(0);

  // Two edges do: the engine of the server says by how much.
  const answer = await page.request.post(`${house.url}/api/engine/fit.slab`, {
    data: {
      opening: {
        widths: [
          { at: 1895, mm: 765 },
          { at: 998, mm: 774 },
          { at: 100, mm: 772 },
        ],
        heights: [
          { at: 0, mm: 1995 },
          { at: 387, mm: 1993 },
          { at: 774, mm: 1989 },
        ],
        ...{ plumb: { hingeMm: 4 }, straight: { hingeMm: 1 }, level: { floorMm: 2 } },
      },
      slab: { widthsMm: [764], heightsMm: [1985, 1985], kind: 'solid', thicknessMm: 40 },
      ...{ gaps: { hinge: 2, latch: 3, head: 3, foot: 6 }, sides: 'line', aim: 'edges' },
    },
  });
  const { cuts } = (await answer.json()) as { cuts: { edge: string; deepestMm: number }[] };
  expect(cuts.map(({ edge }) => edge)).toEqual(['latch', 'head']);
  const [latch] = cuts;
  await expect(page.getByTestId('cut-latch')).toContainText(`${Number((latch?.deepestMm ?? 0).toFixed(1))} at 0`);
  await expect(page.getByTestId('read-again')).toContainText('the top width');

  const saving = page.waitForEvent('download');
  await finger.tap('save-dxf');
  expect(readFileSync(await (await saving).path(), 'utf8')).toContain('LWPOLYLINE');

  // The saw went half a millimetre deeper: what is left is planned anew.
  await finger.tap('really-off-more', 'cut-made');
  await expect(page.getByTestId('made-latch')).toContainText('off at the deepest');
  await expect(page.getByTestId('cut-latch')).toHaveCount(0);
  await finger.tap('cut-made');
  await expect(page.getByText('Two strips, 2 mm at the hinges and 3 mm at the latch')).toBeVisible();
  await finger.tap('keep-sheet');
  await expect(page.getByTestId('sheet-kept')).toBeVisible();
  await expectAllSaved(page);
  const [kept] = house.rows<{ sheet: string; figures: string; says: string }>(
    'SELECT sheet, figures, says FROM worksheet WHERE callId = ?',
    callIdOf(page),
  );
  expect(kept).toMatchObject({
    sheet: 'fit.slab',
    says: expect.stringMatching(/^Cut: latch edge 5\.\d mm, head \d(\.\d)? mm off\. Nothing more to cut\.$/),
  });
  const made = (JSON.parse(kept?.figures ?? '[]') as { field: string; typed: string }[]).find(({ field }) => field === 'made');
  expect(made?.typed).toMatch(/^latch 0:\d+(\.\d+)? \d+:0(\.\d+)?; head 0:0(\.\d+)? \d+:\d+(\.\d+)?$/);

  // Opened again it stands as it was kept.
  await page.reload();
  await expect(page.getByTestId('made-head')).toBeVisible();
  // Another slab is another list: its cuts have not been made.
  await finger.tap('fill-again');
  await expect(page.getByTestId('made-head')).toHaveCount(0);
});

test('a pair is worked out in sums one can check, a hollow slab past its rail gets its plug', async ({ page, house }) => {
  await page.goto(`${house.url}/bench`);
  await page.getByTestId('bench-fit.pair').click();
  await page.getByTestId('field-widths').fill('1370, 1372, 1375');
  await page.getByTestId('field-heights').fill('1960, 1957, 1947');
  for (const leaf of ['left', 'right']) {
    await page.getByTestId(`field-${leaf}.widthsMm`).fill('686');
    await page.getByTestId(`field-${leaf}.heightsMm`).fill('1981');
  }
  await expect(page.getByTestId('sum-leafWidth')).toHaveText('Each leaf: 1370 − 2 × 2 − 2 = 1364; ÷ 2 = 682 mm');
  await expect(page.getByTestId('Right leaf-outer')).toContainText('4.2 at 0');

  await page.goto(`${house.url}/bench/fit-shorten`);
  await page.getByTestId('field-heightsMm').fill('2041.5, 2043, 2042');
  await page.getByTestId('field-floor-toCome').click();
  await page.getByTestId('field-comesMm').fill('15');
  await page.getByRole('button', { name: 'The slab: open' }).click();
  await page.getByTestId('field-slabHeightMm').fill('2050');
  await page.getByTestId('field-kind-hollow').click();
  await page.getByTestId('field-sawBaseMm').fill('127');
  // 2041.5 − 3 − 10 − 15 = 2013.5, so that 36.5 come off and 1.5 of the rail is left.
  await expect(page.getByTestId('answer')).toHaveText('36.5 mm off the foot: 2013.5 mm long.');
  await expect(page.getByTestId('guide')).toHaveText('163.5 mm');
  await expect(page.getByTestId('block-left')).toHaveText('1.5 mm');
  await page.goto(`${house.url}/bench/fit-reblock`);
  await page.getByTestId('field-cutMm').fill('36.5');
  await expect(page.getByTestId('answer')).toHaveText('Plug back: 706 × 28.6 mm.');
});
