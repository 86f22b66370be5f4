import { exampleRecord } from '../record/exampleRecord';
import { mergeCards, withValue } from './mergeCards';

const { site, door, call } = exampleRecord();

describe('two changes of one card', () => {
  it('of different fields are both kept, and nobody is asked', () => {
    const ours = { ...site, revision: 2, remarks: 'Side gate' };
    const theirs = { ...site, revision: 2, writtenAt: '2026-03-02T11:00:00Z', contact: 'Porter' };
    expect(mergeCards('sites', site, ours, theirs)).toEqual({ card: { ...theirs, remarks: 'Side gate' }, conflicts: [] });
  });

  it('of one field are told as two ways, with what the field is; ours stands until somebody chooses', () => {
    const ours = { ...site, name: 'Annexe', contact: 'Porter' };
    const theirs = { ...site, revision: 2, name: 'Old mill' };
    const { card, conflicts } = mergeCards('sites', site, ours, theirs);
    expect(card).toEqual({ ...theirs, name: 'Annexe', contact: 'Porter' });
    expect(conflicts).toMatchObject([{ path: ['name'], says: 'Customer or building', ours: 'Annexe', theirs: 'Old mill' }]);
    expect(withValue(card, ['name'], 'Old mill')).toEqual({ ...theirs, contact: 'Porter' });
  });

  it('of one field to the same are no two ways', () => {
    const changed = { ...call, complaint: 'Sticks' };
    expect(mergeCards('calls', call, changed, { ...changed, revision: 2 }).conflicts).toEqual([]);
  });

  it('how a door is made is brought together part by part', () => {
    const made = (change: object) => ({ ...door, make: { ...door.make, ...change } });
    const ours = made({ slabWidthMm: 800, thicknessMm: 44 });
    const theirs = made({ slabHeightMm: 2000, thicknessMm: 40, closer: true });
    const base = made({ thicknessMm: 35 });
    const { card, conflicts } = mergeCards('doors', base, ours, theirs);
    expect(card).toEqual(made({ slabWidthMm: 800, slabHeightMm: 2000, thicknessMm: 44, closer: true }));
    expect(conflicts).toMatchObject([{ path: ['make', 'thicknessMm'], ours: 44, theirs: 40 }]);
    expect(withValue(card, ['make', 'thicknessMm'], 40)).toMatchObject({ make: { thicknessMm: 40, slabWidthMm: 800 } });
  });

  it('what is left out, null and a flag that is down are one, and a list is the same by what it holds', () => {
    const at = { ...door, make: { ...door.make, closer: false, ownLimits: null, hingeHeightsMm: [...door.make.hingeHeightsMm] } };
    const bare = { ...door, make: { ...door.make, closer: undefined, ownLimits: undefined } };
    const theirs = { ...bare, title: 'Porch' };
    expect(mergeCards('doors', at, bare as typeof door, theirs as typeof door)).toEqual({ card: theirs, conflicts: [] });
  });
});
