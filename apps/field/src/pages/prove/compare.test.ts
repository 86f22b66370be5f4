import { exampleAdjustment, exampleReading, exampleRecord } from '../../record/exampleRecord';
import { compareGaps } from './compare';

const FOUND = { 'latch.top': 'rubs', 'latch.bottom': 4.6, 'hinge.top': 4.8, 'hinge.bottom': 1.8 } as const;
const TRUE = { 'latch.top': 2.8, 'latch.bottom': 3.2, 'hinge.top': 2.1, 'hinge.bottom': 2.3 } as const;

/** As found, then worked on, then as left. */
const worked = (left?: Parameters<typeof exampleRecord>[0]) => {
  const record = exampleRecord({ found: FOUND, ...left });
  return { ...record, adjustments: [exampleAdjustment('set-found-work')] };
};

describe('as found against as left', () => {
  it('stands gap by gap in walking order, judged as it is left', () => {
    const gaps = compareGaps(worked({ left: { ...TRUE, 'latch.top': 'rubs' } }));
    expect(gaps.map(({ station, found, left, verdict }) => [station, found?.mm ?? found?.kind, left?.mm ?? left?.kind, verdict])).toEqual([
      ['latch.bottom', 4.6, 3.2, 'right'],
      ['latch.top', 'rubs', 'rubs', 'rub'],
      ['hinge.top', 4.8, 2.1, 'right'],
      ['hinge.bottom', 1.8, 2.3, 'right'],
    ]);
  });

  it('what was found is never shown as left: it is judged where nothing was done, and not known where something was', () => {
    expect(compareGaps(exampleRecord({ found: FOUND })).map(({ left, verdict }) => [left, verdict])).toEqual([
      [undefined, 'wide'],
      [undefined, 'rub'],
      [undefined, 'wide'],
      [undefined, 'right'],
    ]);
    expect(compareGaps(worked()).map(({ left, verdict }) => [left, verdict])).toEqual(Array(4).fill([undefined, undefined]));
  });

  it('judges the corrected reading, not the slip', () => {
    const record = worked({ left: { ...TRUE, 'hinge.top': 21 } });
    record.readings.push(exampleReading('set-left', 'hinge.top', 2.1, 'set-left-hinge.top'));
    expect(compareGaps(record).find(({ station }) => station === 'hinge.top')).toMatchObject({ left: { mm: 2.1 }, verdict: 'right' });
  });
});
