import type { CallRecord } from '@proper-swing/contract';
import { render, screen } from '@testing-library/react-native';
import { exampleRecord, type ExampleReadings } from '../../record/exampleRecord';
import { asYears, courseOf } from './courseOf';
import { DoorCourseSection } from './DoorCourse';

const visit = (day: string, found: ExampleReadings, left?: ExampleReadings): CallRecord => {
  const record = exampleRecord({ found, ...(left && { left }) });
  return { ...record, call: { ...record.call, id: day, scheduledFor: `${day}T09:00:00.000Z` } };
};
const { door } = exampleRecord();

/** A door whose latch gap narrows half a millimetre a year at the top, while the head opens. */
const SETTLING = ['2020-03-02', '2020-12-14', '2021-09-06', '2022-08-01', '2023-04-17', '2024-05-20', '2025-02-03', '2026-01-12'].map(
  (day) => {
    const years = asYears(`${day}T09:00:00.000Z`) - asYears('2020-03-02T09:00:00.000Z');
    const round = (mm: number) => Math.round(2 * mm) / 2;
    return visit(day, {
      'latch.top': round(4 - 0.5 * years),
      'head.latch': round(2 + 0.45 * years),
      'hinge.top': round(1.5 + 0.3 * years),
    });
  },
);

describe('a door over the years', () => {
  it('has what was gauged on each visit, as found and as left, rubs as nothing at all', () => {
    const course = courseOf(door, [visit('2026-03-02', { 'latch.top': 'rubs', 'plumb.across': 4 }, { 'latch.top': 3 })], 'mildCoast', '');
    expect(course.visits).toEqual([{ atYears: asYears('2026-03-02T09:00:00.000Z'), found: { 'latch.top': 0 }, left: { 'latch.top': 3 } }]);
    // A slab of planks moves by its whole width.
    expect(course.perPercentMm).toBeGreaterThan(0.8);
    expect(course.moistureAt(asYears('2026-12-15T00:00:00Z'))).toBeGreaterThan(course.moistureAt(asYears('2026-05-15T00:00:00Z')));
  });

  it('is told once it can be, with its figure and when it is due again', () => {
    render(<DoorCourseSection door={door} calls={SETTLING} />);
    expect(screen.getByTestId('course')).toHaveTextContent('It settles, a little every year.');
    expect(screen.getByTestId('course-figure')).toHaveTextContent(/0\.\d mm a year (narrower|wider)\.$/);
    expect(screen.getByText(/From 21 changes of gaps between 8 visits/)).toBeTruthy();
  });

  it('of two visits says that it cannot tell, of one says nothing', () => {
    const { rerender } = render(<DoorCourseSection door={door} calls={SETTLING.slice(0, 2)} />);
    expect(screen.getByTestId('course')).toHaveTextContent('Cannot be told yet: gauged on 2 visits, 4 are wanted.');
    expect(screen.queryByText(/%/)).toBeNull();
    rerender(<DoorCourseSection door={door} calls={SETTLING.slice(0, 1)} />);
    expect(screen.queryByTestId('course')).toBeNull();
  });
});
