import { readFileSync } from 'node:fs';
import { expect, test } from '../house';
import { drawnLines, firstWords, fontsOf, inkShare, pagesOf } from '../pdf';

test('a survey read in, the template as a PDF whose bar is 100 mm and whose cut is as deep as listed, by another reader', async ({
  page,
  house,
}) => {
  await page.goto(`${house.url}/bench/fit-slab`);
  const survey = {
    ...{ format: 'opening-survey', version: 1, unit: 'mm' },
    opening: {
      widths: [
        { at: 1895, mm: 765 },
        { at: 998, mm: 774 },
        { at: 100, mm: 772 },
        { at: 1500, mm: 770 },
      ],
      heights: [
        { at: 0, mm: 1995 },
        { at: 774, mm: 1989 },
      ],
      ...{ plumb: { hingeMm: 4 }, straight: { hingeMm: 1 }, level: { floorMm: 2 } },
    },
  };
  const readIn = async (name: string, text: string) => {
    const choosing = page.waitForEvent('filechooser');
    await page.getByTestId('survey-in').click();
    await (await choosing).setFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  };
  await readIn('half.json', JSON.stringify(survey).slice(0, 80));
  await expect(page.getByTestId('survey-in-fault')).toHaveText('This is no JSON. Nothing was read in.');
  await readIn('opening.json', JSON.stringify(survey));
  await expect(page.getByTestId('field-widths.middle')).toHaveValue('774');
  await expect(page.getByTestId('field-heights.middle')).toHaveValue('');
  await page.getByTestId('field-slabWidthsMm').fill('764');
  await page.getByTestId('field-slabHeightsMm').fill('1985');
  await expect(page.getByTestId('cut-hinge')).toBeVisible();
  const listed = Number(/([\d.]+) mm at 0/.exec((await page.getByTestId('cut-hinge').textContent()) ?? '')?.[1]);
  expect(listed).toBeGreaterThan(1);

  // It goes out again as it came in.
  const savingSurvey = page.waitForEvent('download');
  await page.getByTestId('survey-json').click();
  const saved = JSON.parse(readFileSync(await (await savingSurvey).path(), 'utf8')) as typeof survey;
  expect(saved.opening.widths).toEqual(expect.arrayContaining(survey.opening.widths));
  expect(saved.opening.widths).toHaveLength(4);

  const saving = page.waitForEvent('download');
  await page.getByTestId('save-pdf').click();
  const pdf = await (await saving).path();
  expect(pagesOf(pdf)).toBeGreaterThan(15);
  const first = drawnLines(pdf, 1);
  const lengths = first.map(([from, to]) => Math.hypot((to?.x ?? 0) - (from?.x ?? 0), (to?.y ?? 0) - (from?.y ?? 0)));
  expect(lengths.filter((mm) => Math.abs(mm - 100) < 0.05)).toHaveLength(1);
  // The hinge edge lies level; the cut below it begins as deep as the list says.
  const [edge] = first.filter(([from, to]) => from?.y === to?.y && (to?.x ?? 0) - (from?.x ?? 0) > 250);
  const cut = first.find(([from, to]) => from?.x === edge?.[0]?.x && from?.y !== edge?.[0]?.y && (to?.x ?? 0) - (from?.x ?? 0) > 100);
  expect((cut?.[0]?.y ?? NaN) - (edge?.[0]?.y ?? NaN)).toBeCloseTo(listed, 1);
  const text = firstWords(pdf);
  expect(text).toContain('Hinge edge · page 1 of 8');
  expect(text).toContain('If this bar is not 100 mm long, print again');
  // Its letters are in it, and are seen.
  expect(inkShare(pdf, { left: 12, top: 10, wide: 60, tall: 9 })).toBeGreaterThan(0.02);
  expect(fontsOf(pdf)[0]).toMatch(/IBMPlexSansCond-Medium .* yes yes yes/);
});

test('hinge marks as a PDF: slab and frame side by side, by another reader', async ({ page, house }) => {
  await page.goto(`${house.url}/bench/fit-marks`);
  await page.getByTestId('field-school-7/11').click();
  await expect(page.getByTestId('mark-1')).toBeVisible();
  const saving = page.waitForEvent('download');
  await page.getByTestId('save-pdf').click();
  const pdf = await (await saving).path();
  const text = firstWords(pdf);
  expect(text).toContain('Slab, hinge 1: 177.8');
  expect(text).toContain('Frame, hinge 1: 180.8');
  // From 12 mm in, where the strip begins.
  const tops = drawnLines(pdf, 1).flatMap(([from, to]) =>
    from?.x === to?.x && Math.abs((to?.y ?? 0) - (from?.y ?? 0) - 26) < 0.05 ? [(from?.x ?? 0) - 12] : [],
  );
  for (const mm of [177.8, 180.8]) expect(tops.some((at) => Math.abs(at - mm) < 0.02)).toBe(true);
});
