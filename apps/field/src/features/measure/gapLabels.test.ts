import { diagnose } from '@proper-swing/core';
import { lengthWords } from '../call/lengthWords';
import { exampleRecord } from '../call/exampleRecord';
import { observedAt, readingsByStation } from '../call/observed';
import { drawnGaps } from './gapLabels';

const words = lengthWords({ system: 'mm' });

describe('what the drawing shows', () => {
  const record = exampleRecord({ found: { 'latch.top': 'rubs', 'latch.bottom': 4.6, 'hinge.top': 4.8 } });
  const drawn = drawnGaps(readingsByStation(record, 'found'), diagnose(observedAt(record, 'found')), 'interiorTimber', words);

  it('puts readings in ink with their verdict', () => {
    expect(drawn.labels.get('latch.bottom')).toMatchObject({ main: '4.6', isPencil: false, verdict: 'wide', spoken: '4.6 mm, wide' });
    expect(drawn.labels.get('latch.top')).toMatchObject({ main: 'rubs', verdict: 'rub' });
    expect(drawn.gapsMm.get('latch.top')).toBeLessThan(0);
  });

  it('puts the rest in pencil with their doubt', () => {
    const { main, sub, isPencil, verdict } = drawn.labels.get('hinge.bottom') ?? {};
    expect(isPencil).toBe(true);
    expect(main).toMatch(/^≈\d/);
    expect(sub).toMatch(/^±\d/);
    expect(verdict).toBeUndefined();
  });

  it('has a place for every gap before anything is known', () => {
    expect(drawnGaps(new Map(), undefined, 'interiorTimber', words).labels.size).toBe(12);
  });
});
