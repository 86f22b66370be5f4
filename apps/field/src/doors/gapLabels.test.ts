import { diagnosisOf } from '../engine/askEngine.fixture';
import { lengthWords } from '../design/lengthWords';
import { exampleRecord } from '../record/exampleRecord';
import { observedAt, readingsByStation } from '../record/observed';
import { estimatedGaps, gapLabels } from './gapLabels';

const words = lengthWords({ system: 'mm' });

describe('what the drawing shows', () => {
  const record = exampleRecord({ found: { 'latch.top': 'rubs', 'latch.bottom': 4.6, 'hinge.top': 4.8 } });
  const diagnosis = diagnosisOf(observedAt(record, 'found'));
  const labels = gapLabels(readingsByStation(record, 'found'), diagnosis, record.door, words);

  it('puts readings in ink with their verdict', () => {
    expect(labels.get('latch.bottom')).toMatchObject({ main: '4.6', isPencil: false, verdict: 'wide', spoken: '4.6 mm, wide' });
    expect(labels.get('latch.top')).toMatchObject({ main: 'rubs', verdict: 'rub' });
    expect(estimatedGaps(diagnosis).get('latch.top')).toBeLessThan(0);
  });

  it('puts the rest in pencil with their doubt', () => {
    const { main, sub, isPencil, verdict } = labels.get('hinge.bottom') ?? {};
    expect(isPencil).toBe(true);
    expect(main).toMatch(/^≈\d/);
    expect(sub).toMatch(/^±\d/);
    expect(verdict).toBeUndefined();
  });

  it('has a place for every gap before anything is known', () => {
    expect(gapLabels(new Map(), undefined, record.door, words).size).toBe(12);
  });
});
