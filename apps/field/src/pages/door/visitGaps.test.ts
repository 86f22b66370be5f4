import type { CallRecord } from '@proper-swing/contract';
import { exampleRecord } from '../../record/exampleRecord';
import { gapLines, visitGaps } from './visitGaps';

type Reading = CallRecord['readings'][number];

function visit(day: string, stage: 'found' | 'left', gaps: Readonly<Record<string, number | 'rubs' | 'unreachable'>>): CallRecord {
  const record = exampleRecord({});
  const writtenAt = `${day}T09:00:00.000Z`;
  const set = { id: `set ${day}`, writtenAt, callId: record.call.id, stage };
  const readings = Object.entries(gaps).map(
    ([at, gap], i) =>
      ({
        ...{ id: `${day} ${i}`, writtenAt, setId: set.id, station: at, typed: '', instrument: 'gauge' },
        ...(typeof gap === 'number' ? { kind: 'figure', mm: gap } : { kind: gap, mm: null }),
      }) as unknown as Reading,
  );
  return { ...record, call: { ...record.call, scheduledFor: writtenAt }, readingSets: [set] as never, readings };
}

it('a visit tells the gaps as left, else as found, and nothing where none was read', () => {
  const visits = visitGaps([
    visit('2026-03-02', 'left', { 'latch.top': 3 }),
    visit('2026-02-02', 'found', { 'latch.top': 1 }),
    exampleRecord({}),
  ]);
  expect(visits.map(({ isLeft }) => isLeft)).toEqual([true, false]);
});

it('the gaps of an edge stand in the order of time, a rub as nothing, what was not gauged not at all', () => {
  const visits = visitGaps([
    visit('2026-03-02', 'left', { 'latch.top': 3, 'latch.mid': 'unreachable', 'head.mid': 9 }),
    visit('2026-02-02', 'found', { 'latch.top': 'rubs', 'latch.mid': 2.5 }),
  ]);
  const lines = gapLines(visits, 'latch').map(({ station, points }) => [station, points.map(({ mm }) => mm)]);
  expect(Object.fromEntries(lines)).toEqual({ 'latch.top': [0, 3], 'latch.mid': [2.5] });
  expect(gapLines(visits, 'foot')).toEqual([]);
});
