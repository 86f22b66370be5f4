import type { ReadingEntry } from '@proper-swing/contract';
import { onlineManager } from '@tanstack/react-query';
import { outbox } from '../offline/outbox';
import { exampleRecord } from './exampleRecord';
import { readingsByStation } from './observed';
import { withdrawReading, writeReading } from './writeReading';

const kinds = () => outbox.waiting().map(({ kind }) => kind);
const readings = () => outbox.waiting().flatMap(({ kind, body }) => (kind === 'readings' ? [body as ReadingEntry] : []));

/** Each test on a call of its own: walk-rounds begun in this visit are remembered. */
let calls = 0;
const freshRecord = () => {
  const record = exampleRecord();
  calls += 1;
  return { ...record, call: { ...record.call, id: `call-${calls}` } };
};

// What is written stays in the outbox: nothing is sent from a unit test.
beforeAll(() => onlineManager.setOnline(false));

afterEach(() => outbox.waiting().forEach((each) => outbox.remove(each)));

describe('writing a reading', () => {
  it('begins a walk-round with the first reading and only then', () => {
    const record = freshRecord();
    const one = writeReading(record, 'found', 'latch.bottom', { kind: 'figure', mm: 4.6, typed: '4.6 mm' });
    writeReading(one, 'found', 'latch.mid', { kind: 'rubs' });
    expect(kinds()).toEqual(['reading-sets', 'readings', 'readings']);
    expect(new Set(readings().map(({ setId }) => setId)).size).toBe(1);
  });

  it('two taps before the page has drawn the first still make one walk-round', () => {
    const record = freshRecord();
    writeReading(record, 'found', 'latch.bottom', { kind: 'figure', mm: 4.6, typed: '4.6 mm' });
    writeReading(record, 'found', 'latch.mid', { kind: 'figure', mm: 3, typed: '3 mm' });
    expect(kinds().filter((kind) => kind === 'reading-sets')).toHaveLength(1);
  });

  it('as found and as left are walk-rounds of their own', () => {
    const record = freshRecord();
    const found = writeReading(record, 'found', 'latch.mid', { kind: 'figure', mm: 2, typed: '2 mm' });
    const left = writeReading(found, 'left', 'latch.mid', { kind: 'figure', mm: 3, typed: '3 mm' });
    expect(readingsByStation(left, 'found').get('latch.mid')?.mm).toBe(2);
    expect(readingsByStation(left, 'left').get('latch.mid')?.mm).toBe(3);
  });

  it('a second reading supersedes the first; a rub has no figure; what cannot be reached is said', () => {
    const record = freshRecord();
    const slip = writeReading(record, 'found', 'latch.mid', { kind: 'figure', mm: 46, typed: '46 mm' });
    const again = writeReading(slip, 'found', 'latch.mid', { kind: 'rubs' });
    writeReading(again, 'found', 'foot.mid', { kind: 'unreachable' });
    const [first, second, third] = readings();
    expect(second).toMatchObject({ supersedes: first?.id, kind: 'rubs', mm: null });
    expect(third).toMatchObject({ kind: 'unreachable', mm: null, typed: '' });
    expect(readingsByStation(again, 'found').get('latch.mid')?.kind).toBe('rubs');
  });

  it('taking back withdraws what stands, and nothing where nothing stands', () => {
    const record = freshRecord();
    const read = writeReading(record, 'found', 'latch.mid', { kind: 'figure', mm: 2, typed: '2 mm' });
    withdrawReading(read, 'found', 'latch.mid');
    withdrawReading(read, 'found', 'head.mid');
    expect(readings()).toHaveLength(2);
    expect(readings()[1]).toMatchObject({ withdrawn: true, supersedes: readings()[0]?.id });
  });
});
