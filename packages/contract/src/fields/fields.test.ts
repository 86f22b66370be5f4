import { withoutAbsent } from './withoutAbsent';
import { toJsonSchema } from '../jsonSchema';
import { check } from '../validate';
import {
  choice,
  flag,
  group,
  id,
  instant,
  lengthMm,
  list,
  named,
  nullable,
  number,
  omittable,
  optional,
  text,
  type Field,
} from '@proper-swing/core/fields/field';
import { fieldSchema, schemaOf } from './schema';

const wrong = (field: Field, value: unknown) => {
  const checked = check(schemaOf({ it: field }), { it: value });
  return checked.ok ? [] : checked.errors.map((each) => each.field);
};
const isTaken = (field: Field, ...values: unknown[]) =>
  values.forEach((value) => expect([value, wrong(field, value)]).toEqual([value, []]));
const isRefused = (field: Field, ...values: unknown[]) =>
  values.forEach((value) => expect([value, wrong(field, value).some((at) => at.startsWith('it'))]).toEqual([value, true]));

describe('a field by its description', () => {
  it('a text may be empty unless it must be named, and is no longer than it may be', () => {
    isTaken(text('remark', { longest: 5 }), '', 'abcde');
    isRefused(text('remark', { longest: 5 }), 'abcdef', 5, undefined, null);
    isTaken(named('name', 3), 'abc');
    isRefused(named('name', 3), '', 'abcd');
  });

  it('an id is a UUID of version 7 in lower case, and nothing else', () => {
    isTaken(id('it'), '01932b7e-7d1c-7000-8000-000000000001');
    isRefused(id('it'), '6ba7b810-9dad-41d1-80b4-00c04fd430c8', '01932B7E-7D1C-7000-8000-000000000001', '');
  });

  it('an instant is a moment of the calendar in UTC', () => {
    isTaken(instant('it'), '2026-03-02T08:30:00Z', '2026-03-02T08:30:00.123Z');
    isRefused(instant('it'), '2026-13-40T00:00:00Z', '2026-03-02T08:30:00+01:00', '2026-03-02');
  });

  it('a number keeps its limits, and is finite', () => {
    isTaken(lengthMm('gap', 0, 10), 0, 10, 3.175);
    isRefused(lengthMm('gap', 0, 10), -0.01, 10.01, NaN, Infinity, '3');
    isTaken(number('revision', { from: 1, whole: true }), 1, 7);
    isRefused(number('revision', { from: 1, whole: true }), 0, 1.5);
    isTaken(number('height', { above: 0 }), 0.001);
    isRefused(number('height', { above: 0 }), 0, -1);
  });

  it('a choice is one of its words or numbers; a flag is up or down', () => {
    isTaken(choice('side', ['left', 'right']), 'left');
    isRefused(choice('side', ['left', 'right']), 'middle', 1);
    isTaken(choice('effort', [1, 2]), 2);
    isRefused(choice('effort', [1, 2]), 3, '2');
    isTaken(flag('it'), true, false);
    isRefused(flag('it'), 'yes', 1);
  });

  it('what may be left out is absent, never null; a flag that must be is up', () => {
    isTaken(omittable(lengthMm('gap', 0, 10)), 3, undefined);
    isRefused(omittable(lengthMm('gap', 0, 10)), null, 11);
    isTaken({ is: 'flag', mustBe: true }, true);
    isRefused({ is: 'flag', mustBe: true }, false);
  });

  it('a list has so many of its kind, in an order that makes sense', () => {
    const rising = list('heights', number('height', {}), {
      least: 2,
      most: 3,
      faults: (each: readonly number[]) => ((each[0] ?? 0) < (each[1] ?? 0) ? [] : [{ field: '', message: 'must rise' }]),
    });
    isTaken(rising, [1, 2], [1, 2, 3]);
    isRefused(rising, [1], [1, 2, 3, 4], [2, 1], ['1', '2']);
  });

  it('a group has its fields and no others; its sense is judged only when each of them is right', () => {
    const asked: object[] = [];
    const pair = group(
      'limits',
      { min: number('least', { from: 0 }), max: number('most', { from: 0 }) },
      {
        faults: (value: { min: number; max: number }) => {
          asked.push(value);
          return value.min < value.max ? [] : [{ field: 'max', message: 'must lie above the least' }];
        },
      },
    );
    isTaken(pair, { min: 1, max: 2 });
    expect(wrong(pair, { min: 2, max: 1 })).toEqual(['it.max']);
    const before = asked.length;
    expect(wrong(pair, { min: -1, max: 1 })).toEqual(['it.min']);
    expect(wrong(pair, { min: 0, max: 1, colour: 'red' })).toEqual(['it.colour']);
    expect(asked).toHaveLength(before);
  });

  it('what is optional may be absent or null; what is nullable must be there', () => {
    isTaken(optional(named('keep')), undefined, null, 'centre');
    isRefused(optional(named('keep')), '');
    isTaken(nullable(number('mm', {})), null, 3);
    isRefused(nullable(number('mm', {})), undefined, 'x');
    isRefused(number('mm', {}), null, undefined);
  });

  it('is described for people and for other programs', () => {
    expect(fieldSchema(lengthMm('Width of the slab', 1, 2)).describe()).toMatchObject({ meta: { description: 'Width of the slab, mm' } });
  });
});

describe('what may be left out', () => {
  it('may as well be sent as null, and is not there, however deep', () => {
    expect(withoutAbsent({ a: undefined, b: null, c: [{ d: undefined, e: 0 }], f: { g: null } })).toStrictEqual({ c: [{ e: 0 }], f: {} });
  });

  it('a whole number is an integer to who reads the API’s description, also where it may be absent', () => {
    const types = (field: Field) => (toJsonSchema(schemaOf({ it: field }))['properties'] as { it: { type: unknown } }).it.type;
    expect(types(number('count', { whole: true }))).toBe('integer');
    expect(types(optional(number('count', { whole: true })))).toEqual(['integer', 'null']);
    expect(types(optional(number('count', {})))).toEqual(['number', 'null']);
  });
});
