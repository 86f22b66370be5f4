import type { FindingEntry, ReadingEntry } from '@proper-swing/contract';
import { exampleRecord } from './exampleRecord';
import { observedNow } from './observed';
import { uncomputedOf } from './uncomputed';

const record = exampleRecord({ found: { 'hinge.top': 3, 'latch.top': 2 } });
const [set] = record.readingSets;
const stamp = { writtenAt: '2026-03-02T08:00:00Z' };
const below = {
  id: 'z1',
  ...stamp,
  setId: set?.id ?? '',
  station: 'latch.mid',
  kind: 'figure',
  mm: -50,
  typed: '-50',
  instrument: 'gauge',
} as ReadingEntry;
const bananas = { id: 'z2', ...stamp, callId: record.call.id, finding: 'topScrews', answer: 'bananas' } as FindingEntry;
const odd = { ...record, readings: [...record.readings, below], findings: [...record.findings, bananas] };

describe('an entry the engine cannot reckon with', () => {
  it('is left out of what is computed, and named with why', () => {
    expect(observedNow(odd)).toEqual(observedNow(record));
    expect(uncomputedOf(odd)).toMatchObject([
      { kind: 'readings', entry: { id: 'z1' }, why: 'a gap cannot be negative; say rubs' },
      { kind: 'findings', entry: { id: 'z2' }, why: '"bananas" is not an answer to topScrews' },
    ]);
  });

  it('is left out where it is of another kind of door', () => {
    const stiff = { ...bananas, id: 'z5', finding: 'trouble', answer: 'stiff' } as FindingEntry;
    const under = { ...below, id: 'z6', station: 'foot.lead', mm: 4 } as ReadingEntry;
    const mixed = { ...record, readings: [...record.readings, under], findings: [...record.findings, stiff] };
    expect(observedNow(mixed)).toEqual(observedNow(record));
    expect(uncomputedOf(mixed).map(({ why }) => why)).toEqual(['such a door has no such place', 'which is not asked of such a door']);
  });

  it('is so no more once it is taken back or corrected', () => {
    const back = { ...bananas, id: 'z3', supersedes: 'z2', withdrawn: true };
    const right = { ...below, id: 'z4', supersedes: 'z1', mm: 4, typed: '4' };
    expect(uncomputedOf({ ...odd, findings: [...odd.findings, back], readings: [...odd.readings, right] })).toEqual([]);
    expect(uncomputedOf(record)).toEqual([]);
  });
});
