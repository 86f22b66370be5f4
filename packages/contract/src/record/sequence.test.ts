import { byWriteOrder, sequenceOf, standingInSequence, type Sequenced } from './sequence';
import { standing } from './standing';

const inPlace = (entries: Sequenced[]) => standingInSequence(entries, sequenceOf(entries)).map(({ id }) => id);

describe('standing entries', () => {
  it('drops what was superseded and what was withdrawn', () => {
    const entries = [
      { id: 'a' },
      { id: 'b', supersedes: 'a' },
      { id: 'c' },
      { id: 'd', supersedes: 'c', withdrawn: true },
      { id: 'e', supersedes: null, withdrawn: null },
    ];
    expect(standing(entries).map(({ id }) => id)).toEqual(['b', 'e']);
  });
});

describe('the sequence of a call', () => {
  it('is the order of writing where nothing else is said', () => {
    expect(inPlace([{ id: 'c' }, { id: 'a' }, { id: 'b' }])).toEqual(['a', 'b', 'c']);
    expect([{ id: 'b' }, { id: 'a' }].sort(byWriteOrder)).toEqual([{ id: 'a' }, { id: 'b' }]);
  });

  it('a correction keeps the place of the first it corrects, however often', () => {
    const entries = [{ id: 'a' }, { id: 'b' }, { id: 'c', supersedes: 'a' }, { id: 'd', supersedes: 'c' }];
    expect(inPlace(entries)).toEqual(['d', 'b']);
  });

  it('nothing comes before what its writer knew of: a clock that is slow changes no order', () => {
    const slow = { id: 'a9', after: 'b1' };
    expect(inPlace([{ id: 'b1' }, slow, { id: 'c1' }])).toEqual(['b1', 'a9', 'c1']);
    const further = { id: 'a8', after: 'a9' };
    expect(inPlace([{ id: 'b1' }, slow, further, { id: 'c1' }])).toEqual(['b1', 'a9', 'a8', 'c1']);
  });

  it('what was known but is not here, and what names itself, does no harm', () => {
    expect(
      inPlace([
        { id: 'b', after: 'lost' },
        { id: 'a', supersedes: 'gone' },
      ]),
    ).toEqual(['a', 'b']);
    expect(
      inPlace([
        { id: 'a', after: 'b' },
        { id: 'b', after: 'a' },
      ]),
    ).toHaveLength(2);
    expect(inPlace([{ id: 'a', after: 'a' }])).toEqual(['a']);
  });
});
