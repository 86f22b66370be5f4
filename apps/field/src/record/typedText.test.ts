import { parseLength } from '@proper-swing/core';
import { listWithUnits, placesWithUnits, withoutUnit, withUnit } from './typedText';

describe('a length as typed', () => {
  it.each([
    ['3', 'mm', '3 mm'],
    [' 3.5 ', 'mm', '3.5 mm'],
    ['1/8', 'mm', '1/8 in'],
    ['1/8', 'in', '1/8 in'],
    ['2 1/4', 'in', '2 1/4 in'],
    ['38"', 'mm', '38"'],
    ['.125in', 'mm', '.125in'],
    ["6' 8", 'mm', "6' 8"],
    ['', 'mm', ''],
  ] as const)('%s on a device set to %s is kept as %s', (text, unit, kept) => expect(withUnit(text, unit)).toBe(kept));

  it.each(['3', '1/8', '2 1/4', '.5', '7/32'])('%s means the same once its unit stands beside it', (text) => {
    for (const unit of ['mm', 'in'] as const) {
      const kept = withUnit(text, unit);
      const other = unit === 'mm' ? 'in' : 'mm';
      expect(parseLength(kept, { defaultUnit: other }).mm).toBeCloseTo(parseLength(text, { defaultUnit: unit }).mm, 9);
    }
  });

  it('several at once, and back again without what goes without saying', () => {
    expect(listWithUnits('165, 38"; 1750', 'mm')).toBe('165 mm, 38", 1750 mm');
    expect(withoutUnit('165 mm, 38", 1750 mm', 'mm')).toBe('165, 38", 1750');
    expect(withoutUnit('3 mm', 'in')).toBe('3 mm');
    // Bare it would be read as inches again: the unit stays.
    expect(withoutUnit('1/8 mm', 'mm')).toBe('1/8 mm');
  });

  it('places with what was read there mean the same to whoever opens them, and cuts that stand beside colons are left alone', () => {
    const kept = placesWithUnits('1500:768; 400: 30 1/8', 'mm');
    expect(kept).toBe('1500 mm: 768 mm; 400 mm: 30 1/8 in');
    expect(withoutUnit(kept, 'mm')).toBe('1500: 768; 400: 30 1/8 in');
    expect(withoutUnit(kept, 'in')).toBe('1500 mm: 768 mm; 400 mm: 30 1/8');
    expect(withoutUnit('latch 0:2.1 1985:0; head 0:0 764:5', 'mm')).toBe('latch 0:2.1 1985:0; head 0:0 764:5');
  });
});
