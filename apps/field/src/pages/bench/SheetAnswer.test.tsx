import { runEngine } from '@proper-swing/contract/engine';
import { sheet } from '@proper-swing/contract/sheets';
import { render, screen } from '@testing-library/react-native';
import { lengthWords } from '../../design/lengthWords';
import { SheetAnswer } from './SheetAnswer';
import type { BenchName } from '../../sheets/benchSheet';
import { BENCH_SHEETS } from '../../sheets/register';

const words = lengthWords({ system: 'mm' });

function show(name: BenchName, change: object = {}) {
  const request = { ...(sheet(name).example as object), ...change };
  render(<SheetAnswer name={name} request={request} result={runEngine(sheet(name), request)} words={words} width={350} />);
}

describe('the answer of a sheet', () => {
  it.each(BENCH_SHEETS.map(({ name }) => name))('%s draws itself and says it in words for a screen reader', (name) => {
    show(name);
    expect(screen.getAllByLabelText(/^(Strike|Torque|Plan|Floor|Slab|Pull|Hinge|Fitting)/).length).toBeGreaterThan(0);
    expect(screen.queryByText(/undefined|NaN/)).toBeNull();
  });

  it('a drift shows both cures side by side with what each leaves', () => {
    show('swing.drift');
    expect(screen.getByText('By friction: bend a pin')).toBeTruthy();
    expect(screen.getByText('By geometry: throw a hinge')).toBeTruthy();
    expect(screen.getByText(/the lean of .* stays/)).toBeTruthy();
    expect(screen.getByText(/2010 ADA Standards §404.2.9/)).toBeTruthy();
  });

  it('a strike that is filed shows the caution for eyes', () => {
    show('latch.strike');
    expect(screen.getByText(/Wear eye protection/)).toBeTruthy();
    expect(screen.getByText('File the bottom of the hole: 1.7 mm down')).toBeTruthy();
  });

  it('an edge that binds says by how much and what cures it', () => {
    show('swing.edge', { thicknessMm: 68, latchGapMm: 2 });
    expect(screen.getByText(/It binds by .* bevel it .* or give it a gap of/)).toBeTruthy();
  });

  it('a full-height hinge without enough frame is referred', () => {
    show('hinge.continuous', { frameFaceMm: 18 });
    expect(screen.getByText(/Too little frame for the leaf/)).toBeTruthy();
  });
});
