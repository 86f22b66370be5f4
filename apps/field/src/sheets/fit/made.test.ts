import { madeOf, readMade, writeMade } from './made';
import { sumWords } from '../sumWords';
import { lengthWords } from '../../design/lengthWords';
import { sum } from '@proper-swing/core/fitting/sums';
import { openingOf } from './openingFields';

const LISTED = {
  ...{ edge: 'latch' as const, deepestMm: 4, tool: 'saw' as const, rule: 'deep' as const, offsets: [], bevelMm: 0, bladeMm: 38, guide: [] },
  marks: [
    { at: 0, mm: 4 },
    { at: 1985.4, mm: 0 },
  ],
};

describe('cuts that were made', () => {
  it('are read as they were written', () => {
    const made = [madeOf(LISTED, 5), { edge: 'foot' as const, marks: [{ at: 0, mm: 12 }] }];
    expect(writeMade(made)).toBe('latch 0:5 1985:0; foot 0:12');
    expect(readMade(writeMade(made))).toEqual(made);
  });

  it('what was cut deeper was cut deeper all along, in proportion', () => {
    expect(
      madeOf(
        {
          ...LISTED,
          marks: [
            { at: 0, mm: 4 },
            { at: 900, mm: 2 },
          ],
        },
        6,
      ).marks.map(({ mm }) => mm),
    ).toEqual([6, 3]);
  });

  it.each(['nonsense', 'latch', 'latch 0:-3', 'side 0:3', 'latch 0:x'])('%s is refused', (text) => {
    expect(() => readMade(text)).toThrow('as a cut that was made');
  });
});

describe('a sum in words', () => {
  const mm = lengthWords({ system: 'mm' });

  it('is what one writes on a board', () => {
    expect(sumWords(sum('leafWidth', 1370).less(2, 2).less(2).over(2).done, mm)).toBe('Each leaf: 1370 − 2 × 2 − 2 = 1364; ÷ 2 = 682 mm');
    expect(sumWords(sum('headCut', 5).plus(3).done, mm)).toBe('Off the head: 5 + 3 = 8 mm');
  });
});

describe('an opening that was typed', () => {
  it('has its readings where they are asked for', () => {
    const opening = openingOf({
      widths: { top: 765, middle: 774, foot: 772 },
      heights: { hinge: 2000, latch: 1998 },
      plumbLatch: 3,
      levelHead: -2,
    });
    expect(opening).toEqual({
      widths: [
        { at: 1900, mm: 765 },
        { at: 1000, mm: 774 },
        { at: 100, mm: 772 },
      ],
      heights: [
        { at: 0, mm: 2000 },
        { at: 774, mm: 1998 },
      ],
      plumb: { latchMm: 3 },
      straight: {},
      level: { headMm: -2 },
    });
  });
});
