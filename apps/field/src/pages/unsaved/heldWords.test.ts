import { exampleRecord } from '../../record/exampleRecord';
import { heldWords, valueWords } from './heldWords';

const mm = (length: number) => `${length} mm`;

describe('what a record holds, in words', () => {
  it('of a reading: where, what, and with what; nothing of its writing and nothing that is empty', () => {
    const reading = {
      id: 'r',
      writtenAt: '2026-03-02T08:00:00Z',
      setId: 's',
      station: 'latch.bottom',
      kind: 'figure',
      mm: 3.2,
      typed: '3.2',
      instrument: 'gauge',
      supersedes: null,
    };
    expect(heldWords('readings', reading, mm)).toEqual([
      { says: 'Where it was read', value: 'latch bottom' },
      { says: 'What came of it', value: 'figure' },
      { says: 'The figure in mm', value: '3.2' },
      { says: 'Exactly as typed, with its unit', value: '3.2' },
      { says: 'What it was read with', value: 'gauge' },
    ]);
  });

  it('of a door: its make field by field, lengths as the person wants them', () => {
    const held = new Map(heldWords('doors', exampleRecord().door, mm).map(({ says, value }) => [says, value]));
    expect(held.get('Width of the slab')).toMatch(/ mm$/);
    expect(held.get('Two to four hinge centres below the top of the slab, from the top down, mm')).toMatch(/^\d+ mm, \d+ mm/);
    expect(held.get('Fire, smoke or security door')).toBe('no');
  });

  it('nothing, moments and groups', () => {
    expect([undefined, null, ''].map((value) => valueWords(undefined, value, mm))).toEqual(['nothing', 'nothing', 'nothing']);
    expect(valueWords({ is: 'text', form: 'instant' }, '2026-03-02T08:30:00Z', mm)).toMatch(/^2 Mar 2026 \d\d:30$/);
    expect(valueWords({ is: 'group', fields: { effort: { is: 'choice', of: [1, 2], says: 'Handle' } } }, { effort: 2 }, mm)).toBe(
      'Handle: 2',
    );
    expect(valueWords({ is: 'choice', of: ['solidTimber'] }, 'solidTimber', mm)).toBe('solid timber');
  });
});
