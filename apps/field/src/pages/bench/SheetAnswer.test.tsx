import { runEngine } from '@proper-swing/contract/engine';
import { sheet } from '@proper-swing/contract/sheets';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { View } from 'react-native';
import { lengthWords } from '../../design/lengthWords';
import { SheetAnswer } from './SheetAnswer';
import type { BenchName } from '../../sheets/benchSheet';
import { BENCH_SHEETS, sheetNamed } from '../../sheets/register';

const words = lengthWords({ system: 'mm' });

/** Their drawing is the form itself. */
const DRAWN_IN_FORM: readonly BenchName[] = ['jamb.decide'];

async function show(name: BenchName, change: object = {}) {
  const request = { ...(sheet(name).example as object), ...change };
  const shown = sheetNamed(name);
  if (shown === undefined) throw new Error(`no sheet ${name}`);
  render(
    <View>
      <SheetAnswer sheet={shown} request={request} result={runEngine(sheet(name), request)} words={words} width={350} />
    </View>,
  );
  // The script of an answer is fetched when it is first drawn.
  await screen.findAllByTestId('answer', {}, { timeout: 20_000 });
  const why = screen.queryByTestId('why');
  // Forces and their drawing are told to who asks.
  if (why !== null) {
    expect(screen.queryByText(/\d N\b|N·m/)).toBeNull();
    fireEvent.press(why);
  }
  if (DRAWN_IN_FORM.includes(name)) return;
  expect(
    screen.getAllByLabelText(
      /^(Strike|Torque|Plan|Floor|Slab|Pull|Hinge|Fitting|Panel|Ticks|A roller|Bifold|Bypass|Opening|Leg|Patch|Stacks|Timeline|Moisture|Latch gap)/,
    ).length,
  ).toBeGreaterThan(0);
}

describe('the answer of a sheet', () => {
  it.each(BENCH_SHEETS.map(({ name }) => name))('%s draws itself and says it in words for a screen reader', async (name) => {
    await show(name);
    expect(screen.queryByText(/undefined|NaN/)).toBeNull();
  });

  it('a drift shows both cures side by side with what each leaves', async () => {
    await show('swing.drift');
    expect(screen.getByText('By friction: bend a pin')).toBeTruthy();
    expect(screen.getByText('By geometry: throw a hinge')).toBeTruthy();
    expect(screen.getByText(/the lean of .* stays/)).toBeTruthy();
    expect(screen.getByText(/2010 ADA Standards §404.2.9/)).toBeTruthy();
  });

  it('a strike that is filed shows the caution for eyes', async () => {
    await show('latch.strike');
    expect(screen.getByText(/Wear eye protection/)).toBeTruthy();
    expect(screen.getByText('File the bottom of the hole: 1.7 mm down')).toBeTruthy();
  });

  it('an edge that binds says by how much and what cures it', async () => {
    await show('swing.edge', { thicknessMm: 68, latchGapMm: 2 });
    expect(screen.getByText(/It binds by .* bevel it .* or give it a gap of/)).toBeTruthy();
  });

  it('a full-height hinge without enough frame is referred', async () => {
    await show('hinge.continuous', { frameFaceMm: 18 });
    expect(screen.getByText(/Too little frame for the leaf/)).toBeTruthy();
  });
});
