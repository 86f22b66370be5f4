import { exampleReading, exampleRecord } from '../../record/exampleRecord';
import { readingsByStation } from '../../record/observed';
import { compareStages } from './compare';

const FOUND = { 'latch.top': 'rubs', 'latch.bottom': 4.6, 'hinge.top': 4.8, 'hinge.bottom': 1.8 } as const;
const TRUE = { 'latch.top': 2.8, 'latch.bottom': 3.2, 'hinge.top': 2.1, 'hinge.bottom': 2.3 } as const;

describe('as found against as left', () => {
  it('is proven when all is read again, inside and even', () => {
    const comparison = compareStages(exampleRecord({ found: FOUND, left: TRUE }));
    expect(comparison).toMatchObject({ missing: [], outside: [], uneven: [], isProven: true });
  });

  it('says what is outside, uneven and not read again', () => {
    const comparison = compareStages(exampleRecord({ found: FOUND, left: { 'latch.top': 1, 'latch.bottom': 3.9, 'hinge.top': 2.1 } }));
    expect(comparison).toMatchObject({ outside: ['latch.top'], uneven: ['latch'], missing: ['hinge.bottom'], isProven: false });
  });

  it('a door that still rubs is not proven', () => {
    const { isProven, outside } = compareStages(exampleRecord({ found: FOUND, left: { ...TRUE, 'latch.top': 'rubs' } }));
    expect([isProven, outside]).toEqual([false, ['latch.top']]);
  });

  it('nothing measured is nothing proven', () => {
    expect(compareStages(exampleRecord()).isProven).toBe(false);
    expect(compareStages(exampleRecord({ found: TRUE })).isProven).toBe(false);
  });

  it('judges the corrected reading, not the slip', () => {
    const record = exampleRecord({ found: FOUND, left: { ...TRUE, 'hinge.top': 21 } });
    record.readings.push(exampleReading('set-left', 'hinge.top', 2.1, 'set-left-hinge.top'));
    expect(compareStages(record).isProven).toBe(true);
    expect(readingsByStation(record, 'left').get('hinge.top')?.mm).toBe(2.1);
  });
});
