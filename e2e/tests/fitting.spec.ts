import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { Finger, stateOf } from '../finger';
import { beginFitting } from '../fitting';
import { expect, test } from '../house';
import { callIdOf, expectAllSaved, openSaggingDoor, TRUE_AGAIN, walkRound } from '../technician';

interface Survey {
  widths: readonly [string, string, string];
  heights: readonly [string, string, string];
  [field: string]: string | readonly [string, string, string];
}

/** Types an opening where it is measured, on its drawing. */
async function surveyed(page: Page, { widths, heights, ...leans }: Survey): Promise<void> {
  for (const [i, place] of ['top', 'middle', 'foot'].entries()) await page.getByTestId(`field-widths.${place}`).fill(widths[i] ?? '');
  for (const [i, place] of ['hinge', 'middle', 'latch'].entries()) await page.getByTestId(`field-heights.${place}`).fill(heights[i] ?? '');
  for (const [field, figure] of Object.entries(leans)) await page.getByTestId(`field-${field}`).fill(String(figure));
}

/** Ticks every cut that the list still holds, as it is listed. */
async function cutAll(page: Page): Promise<void> {
  const cut = page.getByTestId('cut-made');
  const made = page.getByTestId(/^made-/);
  await expect(cut).toBeVisible();
  while ((await cut.count()) > 0) {
    const before = await made.count();
    await cut.click();
    await expect(made).toHaveCount(before + 1);
  }
}

const FACES = ['top', 'foot', 'hinge', 'latch', 'inside', 'outside'].map((face) => `tick-seal-${face}`);

/** Hinges marked and hung, then walked round, tried and closed. */
async function hangAndProve(page: Page, hinges: number): Promise<void> {
  const finger = new Finger(page);
  await finger.tap('stage-hang', 'tick-cross');
  for (let i = 1; i <= hinges; i += 1) await finger.tap(`tick-hinge-${i}`);
  await finger.tap('tick-recess', 'tick-hung', 'stage-prove');
  await proveByGauge(page);
}

async function proveByGauge(page: Page): Promise<void> {
  const finger = new Finger(page);
  await finger.tap('measure-left');
  await walkRound(page, TRUE_AGAIN);
  await finger.tap('to-proof', 'all-good');
  await expect(page.getByTestId('verdict')).toContainText('by the book by 12 gaps');
  await finger.tap('close-call');
  await expect(page.getByTestId('next-call')).toBeVisible();
  await expectAllSaved(page);
}

const cutsOf = (rows: (sql: string, ...args: string[]) => unknown[], callId: string) =>
  rows('SELECT action, amount, fromMm, toMm, remark FROM adjustment WHERE callId = ? AND withdrawn = 0 ORDER BY id', callId);

test('a slab into a bellied opening: each cut ticked off with what was really cut, kept with the call', async ({ page, house }) => {
  const finger = new Finger(page);
  await openSaggingDoor(page, house.url);
  await finger.tap('stage-fix', 'all-sheets', 'sheet-fit.slab');
  await expect(page.getByTestId('still-wanted')).toContainText('width, top; height, hinge side');
  await surveyed(page, { widths: ['765', '774', '772'], heights: ['1995', '1993', '1989'], plumbHinge: '4', straightHinge: '1' });
  await page.getByTestId('field-slabWidthsMm').fill('764');
  await page.getByTestId('field-slabHeightsMm').fill('1985, 1985');
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
      ...{ gaps: { hinge: 2, latch: 3, head: 3, foot: 8 }, sides: 'line', aim: 'edges' },
    },
  });
  const { cuts } = (await answer.json()) as { cuts: { edge: string; deepestMm: number }[] };
  expect(cuts.map(({ edge }) => edge)).toEqual(['latch', 'head']);
  const [latch] = cuts;
  await expect(page.getByTestId('cut-latch')).toContainText(`${Number((latch?.deepestMm ?? 0).toFixed(1))} mm at 0`);
  await expect(page.getByTestId('read-again')).toContainText('the top width');

  const saving = page.waitForEvent('download');
  await finger.tap('save-dxf');
  expect(readFileSync(await (await saving).path(), 'utf8')).toContain('LWPOLYLINE');

  // The saw went half a millimetre deeper: what is left is planned anew.
  await finger.tap('really-off-more');
  // A tap that bounces is one cut.
  await page.getByTestId('cut-made').dblclick();
  await expect(page.getByTestId('made-latch')).toContainText('off at the deepest');
  await expect(page.getByTestId('cut-latch')).toHaveCount(0);
  await finger.tap('cut-made');
  await expect(page.getByText('Two strips, 2 mm at the hinges and 3 mm at the latch')).toBeVisible();
  await expect(page.getByTestId('sheet-kept')).toBeVisible();
  await expectAllSaved(page);
  const kept = house
    .rows<{ sheet: string; figures: string; says: string }>(
      'SELECT sheet, figures, says FROM worksheet WHERE callId = ? ORDER BY id',
      callIdOf(page),
    )
    .at(-1);
  expect(kept).toMatchObject({
    sheet: 'fit.slab',
    says: expect.stringMatching(/^Cut: latch edge 5\.\d mm, head \d(\.\d)? mm off\. Nothing more to cut\.$/),
  });
  const made = (JSON.parse(kept?.figures ?? '[]') as { field: string; typed: string }[]).find(({ field }) => field === 'made');
  expect(made?.typed).toMatch(/^latch 0:\d+(\.\d+)? \d+:0(\.\d+)?; head 0:\d(\.\d+)? \d+:\d+(\.\d+)?$/);

  // Opened again it stands as it was kept.
  await page.reload();
  await expect(page.getByTestId('made-head')).toBeVisible();
  // Filled in and surveyed anew, what was cut stays cut.
  await finger.tap('fill-again');
  await surveyed(page, { widths: ['765', '774', '772'], heights: ['1995', '1993', '1989'] });
  await expect(page.getByTestId('made-head')).toBeVisible();
});

test('a pair is worked out in sums one can check, a hollow slab past its rail gets its plug', async ({ page, house }) => {
  await page.goto(`${house.url}/bench`);
  await page.getByTestId('bench-fit.pair').click();
  await surveyed(page, { widths: ['1370', '1372', '1375'], heights: ['1960', '1957', '1947'] });
  for (const leaf of ['left', 'right']) {
    await page.getByTestId(`field-${leaf}.widthsMm`).fill('686');
    await page.getByTestId(`field-${leaf}.heightsMm`).fill('1981');
  }
  await expect(page.getByTestId('sum-leafWidth')).toHaveText('Each leaf: 1370 − 2 × 2 − 2 = 1364; ÷ 2 = 682 mm');
  await expect(page.getByTestId('cut-right-outer')).toContainText('4.2 mm at 0');

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

test('a slab scribed to a bellied leg: from Today to a proved call, each cut and each face ticked off', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await beginFitting(page, house.url, { title: 'Study', preset: 'solid', width: '765', height: '1985', job: 'fitSlab' });
  // The hinge leg is straight, so that it is the latch leg that bellies 4 mm into the opening.
  await surveyed(page, {
    widths: ['770', '766', '770'],
    heights: ['1996', '1996', '1996'],
    straightHinge: '0',
    plumbHinge: '0',
    levelFloor: '0',
  });
  await page.getByRole('button', { name: 'How it is cut: open' }).click();
  await finger.tap('field-sides-scribe');
  await expect(page.getByTestId('cut-latch')).toContainText('mm at');
  // A crooked line is planed by hand, by offsets.
  await expect(page.getByTestId('cut-latch-offsets')).toContainText('Every 100 mm: 0,');
  await finger.tap('really-off-more');
  await cutAll(page);
  await expect(page.getByTestId('answer')).toContainText('Nothing more to cut.');

  // Not all is ticked: the call is not closed without a word.
  await finger.tap('stage-prove');
  await expect(page.getByTestId('list-state')).toHaveText('7 lines of the list not ticked off.');
  await finger.tap('to-list', 'tick-strips', ...FACES, 'stage-prove');
  await expect(page.getByTestId('list-state')).toHaveText('Every line of the list is ticked off.');
  await hangAndProve(page, 3);

  expect(stateOf(house, callId)).toEqual([{ state: 'done', leftBecause: null }]);
  expect(house.rows('SELECT job FROM "call" WHERE id = ?', callId)).toEqual([{ job: 'fitSlab' }]);
  const [latch, ...others] = cutsOf(house.rows, callId) as { action: string; amount: number; fromMm: number; toMm: number }[];
  expect(latch).toMatchObject({ action: 'planeLatch', fromMm: 0, toMm: 0 });
  expect(others.map(({ action }) => action)).toEqual(['sealFaces', 'hangSlab']);
  const kept = house.rows<{ figures: string; toDo: number }>(
    "SELECT figures, toDo FROM worksheet WHERE callId = ? AND sheet = 'fit.slab' ORDER BY id",
    callId,
  );
  expect(kept.at(-1)?.toDo).toBe(0);
  // What the record says was cut is what was ticked, at its deepest.
  const made = (JSON.parse(kept.at(-1)?.figures ?? '[]') as { field: string; typed: string }[]).find(({ field }) => field === 'made');
  const deepest = Math.max(...Array.from(made?.typed.matchAll(/:([\d.]+)/g) ?? []).map(([, mm]) => Number(mm)));
  expect(latch?.amount).toBeCloseTo(deepest, 1);

  // Taken back, it goes from the record as well.
  await finger.tap('reopen', 'to-list', 'cut-take-back');
  await expect(page.getByTestId('cut-latch')).toBeVisible();
  await expectAllSaved(page);
  expect(cutsOf(house.rows, callId)).not.toContainEqual(
    expect.objectContaining({ action: 'planeLatch', amount: latch?.amount, withdrawn: 0 }),
  );
});

test('a pair into an opening 6 mm out across the head: both leaves cut, each proved by itself', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await beginFitting(page, house.url, {
    title: 'Parlour pair',
    preset: 'solid',
    width: '686',
    height: '1981',
    job: 'fitPair',
  });
  await surveyed(page, {
    widths: ['1370', '1372', '1375'],
    heights: ['1960', '1957', '1954'],
    plumbHinge: '0',
    straightHinge: '0',
    levelFloor: '0',
  });
  await expect(page.getByTestId('sum-leafWidth')).toHaveText('Each leaf: 1370 − 2 × 2 − 2 = 1364; ÷ 2 = 682 mm');
  // The leaf on the leg that is 5 mm out is tapered, the heads run down 6 mm in one line.
  await expect(page.getByTestId('cut-right-outer')).toContainText('mm at 0');
  await cutAll(page);
  await finger.tap('tick-rails', ...FACES);
  await hangAndProve(page, 3);
  const cuts = cutsOf(house.rows, callId) as { action: string; fromMm: number | null; toMm: number | null; remark: string }[];
  const heads = cuts.filter(({ action }) => action === 'planeHead');
  expect(heads.map(({ remark }) => remark).sort()).toEqual(['', 'Other leaf']);
  // From its own hinge side to the other end: 3 mm over either leaf, and down all the way across both.
  const [own, other] = ['', 'Other leaf'].map((leaf) => heads.find(({ remark }) => remark === leaf));
  expect((own?.toMm ?? 0) - (own?.fromMm ?? 0)).toBeCloseTo(3, 0);
  expect((other?.fromMm ?? 0) - (other?.toMm ?? 0)).toBeCloseTo(3, 0);
  expect(stateOf(house, callId)).toEqual([{ state: 'done', leftBecause: null }]);

  // The other leaf is a door of its own.
  await finger.tap('start-other-leaf');
  await expect(page.getByRole('heading', { name: 'Parlour pair, other leaf' })).toBeVisible();
  await expect(page.getByTestId('stage-fit')).toHaveCount(0);
  const otherCall = callIdOf(page);
  await proveByGauge(page);
  expect(
    house.rows(
      `SELECT json_extract(d.make, '$.hingesOn') AS hingesOn, d.closesWith = (SELECT doorId FROM "call" WHERE id = ?) AS isPaired, c.state FROM "call" c JOIN door d ON d.id = c.doorId WHERE c.id = ?`,
      callId,
      otherCall,
    ),
  ).toEqual([{ hingesOn: 'right', isPaired: 1, state: 'done' }]);
});

test('a hollow slab shortened past its block: the plug goes back before it is hung', async ({ page, house }) => {
  const finger = new Finger(page);
  const callId = await beginFitting(page, house.url, {
    title: 'Box room',
    preset: 'interior',
    width: '762',
    height: '2050',
    job: 'shorten',
  });
  await page.getByTestId('field-heightsMm').fill('2041.5, 2043, 2042');
  await finger.tap('field-floor-toCome');
  await page.getByTestId('field-comesMm').fill('15');
  // 2041.5 − 3 − 10 − 15 = 2013.5: 36.5 off, 1.5 of the 38 mm rail left.
  await expect(page.getByTestId('answer')).toHaveText('36.5 mm off the foot: 2013.5 mm long.');
  await finger.tap('really-cut-more', 'tick-cut', 'to-plug');
  // The saw went half a millimetre deeper, and the plug is reckoned from that.
  await expect(page.getByTestId('field-cutMm')).toHaveValue('37');
  await finger.tap('tick-skins', 'tick-glued', 'tick-held', 'stage-fit', 'tick-plug', 'tick-seal', 'tick-hung', 'stage-prove');
  await expect(page.getByTestId('list-state')).toHaveText('Every line of the list is ticked off.');
  await finger.prove();
  await expect(page.getByTestId('next-call')).toBeVisible();
  await expectAllSaved(page);
  expect(stateOf(house, callId)).toEqual([{ state: 'done', leftBecause: null }]);
  expect(house.rows('SELECT action, amount, planned FROM adjustment WHERE callId = ? ORDER BY id', callId)).toEqual([
    { action: 'trimFoot', amount: 37, planned: 36.5 },
    { action: 'reglueBlock', amount: 1, planned: null },
    { action: 'hangSlab', amount: 1, planned: null },
  ]);
});
