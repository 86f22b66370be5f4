import { exampleReading, exampleRecord } from '../features/call/exampleRecord';
import { mergeRecord } from './mergeRecord';

const record = exampleRecord({ found: { 'hinge.top': 3 } });

describe('a record with a write in it', () => {
  it('takes in a reading of its own walk-round, once', () => {
    const reading = exampleReading('set-found', 'hinge.mid', 2);
    const once = mergeRecord(record, 'readings', reading);
    expect(once.readings).toHaveLength(2);
    expect(mergeRecord(once, 'readings', reading)).toBe(once);
  });

  it('leaves alone what is about another call', () => {
    expect(mergeRecord(record, 'readings', exampleReading('elsewhere', 'hinge.mid', 2))).toBe(record);
    expect(mergeRecord(record, 'notes', { id: 'n', writtenAt: '', callId: 'another', text: 'x' })).toBe(record);
  });

  it('takes the later revision of a card and never an earlier one', () => {
    const done = { ...record.call, revision: 2, state: 'done' as const };
    const merged = mergeRecord(record, 'calls', done);
    expect(merged.call.state).toBe('done');
    expect(mergeRecord(merged, 'calls', record.call)).toBe(merged);
    expect(mergeRecord(record, 'sites', { ...record.site, revision: 2, name: 'Annexe' }).site.name).toBe('Annexe');
  });
});
