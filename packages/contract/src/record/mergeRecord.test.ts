import type { CallRecord } from './answers';
import { mergeRecord } from './mergeRecord';
import { emptyLists, RECORD_KINDS, type ReadingEntry } from './register';

const writtenAt = '2026-03-02T08:30:00Z';
const reading = (id: string, setId: string): ReadingEntry => ({
  id,
  writtenAt,
  setId,
  station: 'hinge.top',
  kind: 'figure',
  mm: 2,
  typed: '2 mm',
  instrument: 'gauge',
});
const make = {
  hingesOn: 'left',
  slabWidthMm: 762,
  slabHeightMm: 1981,
  thicknessMm: 40,
  hingeHeightsMm: [165, 1750],
  hingeKind: 'butt',
  slabKind: 'framed',
  fireRated: false,
  profile: 'interiorTimber',
} as const;
const record: CallRecord = {
  site: { id: 'site', revision: 1, writtenAt, name: 'Alder Court', address: '', contact: '', remarks: '' },
  door: {
    id: 'door',
    revision: 1,
    writtenAt,
    siteId: 'site',
    title: 'Store',
    kind: 'hinged',
    make: { ...make, hingeHeightsMm: [165, 1750] },
  },
  call: { id: 'call', revision: 1, writtenAt, doorId: 'door', scheduledFor: writtenAt, complaint: '', state: 'open' },
  ...emptyLists(),
  readingSets: [{ id: 'set', writtenAt, callId: 'call', stage: 'found' }],
};

describe('a record with a write in it', () => {
  it('begins with an empty list for every kind of entry that shows in it', () => {
    const names = RECORD_KINDS.flatMap(({ manner, inCall }) => (manner === 'entry' ? [inCall] : []));
    expect(Object.keys(emptyLists())).toEqual(names);
    expect(Object.values(emptyLists()).flat()).toEqual([]);
  });

  it('takes in a reading of its own walk-round, once', () => {
    const once = mergeRecord(record, 'readings', reading('r', 'set'));
    expect(once.readings.map(({ id }) => id)).toEqual(['r']);
    expect(mergeRecord(once, 'readings', reading('r', 'set'))).toBe(once);
    expect(record.readings).toEqual([]);
  });

  it('leaves alone what is about another call', () => {
    expect(mergeRecord(record, 'readings', reading('r', 'elsewhere'))).toBe(record);
    expect(mergeRecord(record, 'notes', { id: 'n', writtenAt, callId: 'another', text: 'x' })).toBe(record);
    expect(mergeRecord(record, 'calls', { ...record.call, id: 'another', revision: 9 })).toBe(record);
  });

  it('takes the later revision of a card and never an earlier one', () => {
    const merged = mergeRecord(record, 'calls', { ...record.call, revision: 2, state: 'done' });
    expect(merged.call.state).toBe('done');
    expect(mergeRecord(merged, 'calls', record.call)).toBe(merged);
    expect(mergeRecord(record, 'sites', { ...record.site, revision: 2, name: 'Annexe' }).site.name).toBe('Annexe');
    expect(mergeRecord(record, 'doors', { ...record.door, revision: 2, title: 'Cellar' }).door.title).toBe('Cellar');
  });
});
