import fc from 'fast-check';
import Fraction from 'fraction.js';
import { DomainError } from '../errors';
import { formatLength, formatNumber } from './formatLength';
import { toInchFraction, type Denominator } from './fraction';
import { instrumentSd } from './instruments';
import { parseLength } from './parseLength';

describe('parseLength', () => {
  it.each([
    ['3', 3, 'mm'],
    ['3.5', 3.5, 'mm'],
    ['3,5', 3.5, 'mm'],
    ['3mm', 3, 'mm'],
    [' 3 mm ', 3, 'mm'],
    ['1.2 m', 1200, 'm'],
    ['2cm', 20, 'cm'],
    ['1/8', 3.175, 'in'],
    ['1/8"', 3.175, 'in'],
    ['1/8 in', 3.175, 'in'],
    ['2 1/4', 57.15, 'in'],
    ['2-1/4"', 57.15, 'in'],
    ['2½"', 63.5, 'in'],
    ['⅛', 3.175, 'in'],
    ['.125in', 3.175, 'in'],
    ['6\' 8 1/2"', 2044.7, 'ft'],
    ["6'8", 2032, 'ft'],
    ["6'", 1828.8, 'ft'],
    ['80-3/8"', 2041.525, 'in'],
    ['3"', 76.2, 'in'],
  ])('reads %s', (text, mm, unit) => {
    const length = parseLength(text);
    expect(length.mm).toBeCloseTo(mm, 9);
    expect(length.unit).toBe(unit);
    expect(length.typed).toBe(text);
  });

  it('takes a bare number in the unit of the person', () => {
    expect(parseLength('30', { defaultUnit: 'in' }).mm).toBeCloseTo(762, 9);
  });

  it.each([
    ['x', 'Cannot read "x" at character 1'],
    ['3mmm', 'Cannot read "m" at character 4'],
    ['1/', 'stops too early'],
    ['1/0', 'over 0: character 3'],
    ['3 4', 'Cannot read "4" at character 3'],
    ['', 'Type a length'],
    ['1/8 mm', 'is inches'],
    ['-3', 'cannot be negative: "-" at character 1'],
    ["6' 8mm", 'Cannot read "8" at character 4'],
    ['1e9', 'Cannot read "e" at character 2'],
    ['NaN', 'Cannot read "N" at character 1'],
  ])('refuses %s and names the character', (text, message) => {
    expect(() => parseLength(text, { field: 'gap' })).toThrow(message);
    try {
      parseLength(text, { field: 'gap' });
    } catch (error) {
      expect(error).toBeInstanceOf(DomainError);
      expect((error as DomainError).field).toBe('gap');
    }
  });

  it('reads a signed lean when signs are allowed', () => {
    expect(parseLength('-1/8', { signed: true }).mm).toBeCloseTo(-3.175, 9);
    expect(parseLength('−2', { signed: true }).mm).toBe(-2);
    expect(parseLength('+2', { signed: true }).mm).toBe(2);
  });
});

describe('fractions against fraction.js', () => {
  const denominators = fc.constantFrom<Denominator>(2, 4, 8, 16, 32, 64);

  it('parses what fraction.js parses', () => {
    fc.assert(
      fc.property(fc.nat(200), fc.integer({ min: 1, max: 63 }), fc.integer({ min: 1, max: 64 }), (whole, numerator, denominator) => {
        const text = whole === 0 ? `${numerator}/${denominator}` : `${whole} ${numerator}/${denominator}`;
        expect(parseLength(text).mm).toBeCloseTo(new Fraction(text).mul(new Fraction('25.4')).valueOf(), 9);
      }),
    );
  });

  it('rounds to the nearest and reduces as fraction.js does, ties to even', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 100_000 }), denominators, (sixtyFourths2, finest) => {
        // In 128ths of an inch, so that exact ties at 1/64 occur.
        const exact = new Fraction(sixtyFourths2, 128);
        const scaled = exact.mul(finest);
        const floor = scaled.floor();
        const rest = scaled.sub(floor).compare(new Fraction(1, 2));
        const parts = rest < 0 ? floor : rest > 0 ? floor.add(1) : floor.mod(2).equals(0) ? floor : floor.add(1);
        const expected = parts.div(finest);
        const got = toInchFraction(exact.valueOf() * 25.4, finest);
        const value = new Fraction(got.numerator, got.denominator).add(got.whole);
        expect(value.equals(expected)).toBe(true);
        expect(new Fraction(got.numerator, got.denominator).toFraction()).toBe(
          got.numerator === 0 ? '0' : `${got.numerator}/${got.denominator}`,
        );
      }),
    );
  });

  it('prints and reads back every sixty-fourth', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 64 * 96 }), (parts) => {
        const mm = (parts / 64) * 25.4;
        const printed = formatLength(mm, { system: 'in', finest: 64 });
        expect(parseLength(printed).mm).toBeCloseTo(mm, 9);
      }),
    );
  });
});

describe('formatLength', () => {
  it('writes what the trade writes', () => {
    expect(formatLength(3.175, { system: 'in' })).toBe('1/8 in');
    expect(formatLength((2 / 16) * 25.4, { system: 'in', finest: 16 })).toBe('1/8 in');
    expect(formatLength(57.15, { system: 'in' })).toBe('2-1/4 in');
    expect(formatLength(0, { system: 'in' })).toBe('0 in');
    expect(formatLength(-3.175, { system: 'in' })).toBe('−1/8 in');
    expect(formatLength(3, { system: 'mm' })).toBe('3 mm');
    expect(formatLength(3.25, { system: 'mm' })).toBe('3.2 mm');
    expect(formatLength(-0.04, { system: 'mm' })).toBe('0 mm');
    expect(formatNumber(10, { system: 'mm', decimals: 0 })).toBe('10');
  });

  it('turns a level per metre into millimetres over its span', () => {
    expect(instrumentSd('spiritLevel', 2000)).toBeCloseTo(1);
    // tan(0.1°) × 1000 mm, trigonometry.
    expect(instrumentSd('digitalLevel', 1000)).toBeCloseTo(Math.tan((0.1 * Math.PI) / 180) * 1000, 1);
    expect(instrumentSd('gauge', 2000)).toBe(0.15);
  });
});
