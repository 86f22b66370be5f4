import { beginFitting } from '../fitting';
import { expect, test } from '../house';
import { faultsAtEverySize, type Faults } from '../layout';
import { answerLook, expectAllSaved, openSaggingDoor, SAGGING, tapReading, walkRound } from '../technician';

test('no text lies on another, nothing sticks out and every target can be hit, on any screen', async ({ page, house }) => {
  test.setTimeout(600_000);
  await page.goto(`${house.url}/new`);
  await page.getByTestId('site-new').click();
  await page.getByTestId('site-name').fill('The Upper Lantern Street Dispensary and Reading Rooms, second stair');
  await page.getByTestId('door-title').fill('Store behind the large committee room');
  await page.getByTestId('preset-solid').click();
  await page.getByTestId('start-call').click();
  await page.getByTestId('to-measure').click();
  const call = page.url().replace(/\/measure.*/, '');
  const found: Faults = [];
  const look = async (name: string) => found.push(...(await faultsAtEverySize(page, name)));

  await expect(page.getByTestId('gap-latch.bottom')).toContainText('≈');
  await look('Measure, nothing read');
  await page.getByTestId('key-By eye').click();
  await page.getByTestId('key-Tight').click();
  await look('Measure, by eye');
  await page.getByTestId('station-latch.bottom').click();
  await page.getByTestId('key-Gauge').click();
  await tapReading(page, '46');
  await expect(page.getByRole('alert')).toBeVisible();
  await look('Measure, a slip asked about');
  await page.getByTestId('key-Erase').click();
  await page.getByTestId('key-Erase').click();
  await walkRound(page, SAGGING);
  await look('Measure, all read');
  await page.getByTestId('sheet-further').click();
  await look('Plumb, sizes');
  await page.getByTestId('stage-look').click();
  await answerLook(page, 'check-topScrews-loose');
  await page.getByTestId('stage-find').click();
  await expect(page.getByTestId('cause-looseTopScrews')).toBeVisible();
  await look('Find');
  await page.getByTestId('stage-fix').click();
  await expect(page.getByTestId('step-1')).toBeVisible();
  await look('Fix');
  await page.getByTestId('to-log').click();
  await page.getByTestId('group-hinges').click();
  await look('Log');
  await page.getByTestId('work-bendKnuckles').click();
  await page.getByTestId('log-work').click();
  await look('Log, a fault');
  await page.goto(`${call}/card`);
  await page.getByTestId('card-thicknessMm').fill('4');
  await page.getByTestId('keep-card').click();
  await expect(page.getByTestId('card-fault')).toBeVisible();
  await look('Card, a fault');
  await page.getByTestId('leave-card').click();
  await page.goto(`${call}/prove`);
  await page.getByTestId('close-call').click();
  await expect(page.getByTestId('why-left')).toBeVisible();
  await look('Prove, asked why');
  await expectAllSaved(page);
  expect(found).toEqual([]);
});

test('the session of a multipoint door fits any screen as well', async ({ page, house }) => {
  await page.goto(house.url);
  await page.getByTestId(/^day-/).nth(1).click();
  await page.getByRole('button', { name: /Orrow household, Front door/ }).click();
  await page.getByTestId('stage-fix').click();
  await page.getByTestId('to-turns').click();
  await page.getByTestId('write-gaps').click();
  const found = await faultsAtEverySize(page, 'Session, a gap missing');
  await page.getByTestId('rubs-footMm').click();
  await page.getByTestId('write-gaps').click();
  await expect(page.getByTestId('turn-height')).toBeVisible();
  found.push(...(await faultsAtEverySize(page, 'Session, screws to turn')));
  expect(found).toEqual([]);
});

test('a call on a panel fits any screen as well', async ({ page, house }) => {
  test.setTimeout(600_000);
  await page.goto(house.url);
  await page.getByTestId(/^day-/).nth(2).click();
  await page.getByRole('button', { name: /Vandersloe cottage, Garden room/ }).click();
  const call = page.url();
  const found: Faults = [];
  const look = async (name: string) => found.push(...(await faultsAtEverySize(page, name)));
  await page.getByTestId('stage-measure').click();
  await expect(page.getByTestId('gap-foot.lead')).toContainText('≈');
  await look('Panel, nothing read');
  for (const figure of ['3', '4', '5', '7', '9', '12']) await page.getByTestId(`key-${figure}`).click();
  await look('Panel, room above being read');
  for (const figure of ['5½', '4']) await page.getByTestId(`key-${figure}`).click();
  await look('Panel, all read');
  await page.getByTestId('sheet-further').click();
  await look('Panel, levels and lock');
  await page.getByTestId('stage-look').click();
  await answerLook(page, 'check-screws-move');
  await look('Panel, look');
  await page.getByTestId('stage-fix').click();
  await expect(page.getByTestId('step-1')).toContainText('Clockwise lifts');
  await look('Panel, fix');
  await page.getByTestId('to-log').click();
  await page.getByTestId('group-wheels').click();
  await page.getByTestId('work-turnScrew').click();
  await look('Panel, log');
  for (const route of ['card', 'prove', 'take-down']) {
    await page.goto(`${call}/${route}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await look(`Panel, ${route}`);
  }
  expect(found).toEqual([]);
});

test('figures on every screen are as large as rows or a drawing leave room for, in inches too', async ({ page, house }) => {
  await page.goto(`${house.url}/settings`);
  await page.getByTestId('units-in').click();
  await openSaggingDoor(page, house.url);
  await page.getByTestId('to-measure').click();
  await expect(page.getByTestId('gap-latch.bottom')).toContainText('≈');
  const found = await faultsAtEverySize(page, 'Measure, inches');
  await page.setViewportSize({ width: 320, height: 568 });
  // Too low to draw: the gaps stand in rows, and the one being read is among those in view.
  await expect(page.getByTestId('door-drawing')).toHaveCount(0);
  for (let gap = 0; gap < 9; gap += 1) await page.getByTestId('key-1/8').click();
  await expect(page.getByTestId('station-foot.hinge')).toBeInViewport();
  await expect(page.getByTestId('gap-hinge.bottom')).toHaveText('1/8 in');
  expect(found).toEqual([]);
});

test('a fitting fits any screen: the opening’s drawing as its form, the list, its proof', async ({ page, house }) => {
  test.setTimeout(600_000);
  await page.goto(`${house.url}/new`);
  await page.getByTestId('site-new').click();
  await page.getByTestId('site-name').fill('The Upper Lantern Street Dispensary and Reading Rooms, second stair');
  await page.getByTestId('door-title').fill('Store behind the large committee room');
  await page.getByTestId('preset-solid').click();
  await page.getByTestId('job-fitPair').click();
  const found: Faults = [];
  const look = async (name: string) => found.push(...(await faultsAtEverySize(page, name)));
  await look('New call, a pair');
  await page.getByTestId('start-call').click();
  await page.getByTestId('to-fit').click();
  const figures = {
    'widths.top': '1529.5',
    'widths.middle': '1533.5',
    'widths.foot': '153x',
    'heights.hinge': '1996.5',
    'heights.latch': '1990.5',
  };
  for (const [field, figure] of Object.entries(figures)) await page.getByTestId(`field-${field}`).fill(figure);
  await expect(page.getByTestId('survey-fault')).toBeVisible();
  await look('The opening, a fault');
  await page.getByTestId('field-widths.foot').fill('1531.5');
  await page.getByTestId('field-plumbHinge').fill('-12.5');
  await expect(page.getByTestId('cut-made')).toBeVisible();
  await page.getByTestId('cut-made').click();
  await expect(page.getByTestId(/^made-/)).toBeVisible();
  await look('The list of a pair');
  await page.getByTestId('stage-prove').click();
  await expect(page.getByTestId('start-other-leaf')).toBeVisible();
  await look('Prove, a pair');
  await expectAllSaved(page);
  expect(found).toEqual([]);
});

test('a jamb that is mended fits any screen: the leg as its form, the patch, the strikes, the clock, the year', async ({ page, house }) => {
  test.setTimeout(600_000);
  await beginFitting(page, house.url, { title: 'Store behind the large committee room', job: 'jamb', first: 'damage' });
  const found: Faults = [];
  const look = async (name: string) => found.push(...(await faultsAtEverySize(page, name)));
  await page.getByTestId('damage-kind-kicked').click();
  await page.getByTestId('leg-inner-lock').click();
  await page.getByTestId('damage-1-to').fill('12x');
  await look('The leg, a fault');
  await page.getByTestId('damage-1-to').fill('1260');
  await page.getByTestId('remedy-splice').click();
  await page.getByTestId('stage-mend').click();
  await page.getByTestId('field-widths').fill('700: 116; 1400: 117.4');
  await expect(page.getByTestId('saw-depth')).toBeVisible();
  await look('The splice');
  for (const [stage, sign] of [
    ['strike', 'measured-latch'],
    ['dry', 'coat-1'],
  ] as const) {
    await page.getByTestId(`stage-${stage}`).click();
    await expect(page.getByTestId(sign)).toBeVisible();
    await look(stage);
  }
  await expectAllSaved(page);
  for (const [sheet, figures] of Object.entries(ON_THE_BENCH)) {
    await page.goto(`${house.url}/bench/${sheet}`);
    for (const [field, typed] of Object.entries(figures)) await page.getByTestId(`field-${field}`).fill(typed);
    await expect(page.getByTestId('answer')).toBeVisible();
    await look(sheet);
  }
  expect(found).toEqual([]);
});

const ON_THE_BENCH = {
  'jamb-foot': { softTopMm: '240' },
  'jamb-leg': { headMm: '2000', clearMm: '767', roughMm: '100: 800; 1900: 804' },
  'layout-hinges': { oldBoltMm: '1000', strikeMm: '1005' },
  'timber-season': { gapMm: '0.5' },
} as const;
