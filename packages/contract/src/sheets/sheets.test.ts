import { DomainError } from '@proper-swing/core';
import fc from 'fast-check';
import { EngineRequestError, runEngine } from '../engine';
import { SHEETS, type Sheet } from '.';

/** Every number of a value, by its path. */
function numbersOf(value: unknown, path = ''): { path: string; value: number }[] {
  if (typeof value === 'number') return [{ path, value }];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, each]) => numbersOf(each, `${path}.${key}`));
}

/** The value with its numbers put through a change, in their order. */
function changed(value: unknown, change: () => (was: number) => number): unknown {
  if (typeof value === 'number') return change()(value);
  if (Array.isArray(value)) return value.map((each) => changed(each, change));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, changed(each, change)]));
}

const refusedFields = (sheet: Sheet, input: unknown): string[] => {
  try {
    runEngine(sheet, input);
    return [];
  } catch (error) {
    if (error instanceof EngineRequestError) return error.errors.map(({ field }) => field);
    if (error instanceof DomainError) return [error.field];
    throw error;
  }
};

describe.each(SHEETS.map((sheet) => [sheet.name, sheet] as const))('%s', (_, sheet) => {
  it('answers any figures with figures, or names the field that is wrong', () => {
    const factor = fc.oneof(fc.double({ min: 0.5, max: 2, noNaN: true }), fc.constantFrom(0, -1, 1, 10, 1e3));
    fc.assert(
      fc.property(fc.array(factor, { minLength: 60, maxLength: 60 }), (factors) => {
        let place = 0;
        const request = changed(sheet.example, () => (was) => was * (factors[(place += 1) % factors.length] ?? 1));
        try {
          const answer = runEngine(sheet, request);
          expect(numbersOf(answer).filter(({ value }) => !Number.isFinite(value))).toEqual([]);
        } catch (error) {
          if (!(error instanceof EngineRequestError || error instanceof DomainError)) throw error;
          expect(error.message).not.toBe('');
        }
      }),
      { numRuns: 150, seed: 7 },
    );
  });

  it('refuses a figure that is none, and a key it does not know', () => {
    expect(refusedFields(sheet, { ...(sheet.example as object), colour: 'red' })).toContain('colour');
    for (const { path } of numbersOf(sheet.example).filter(({ path: each }) => each.split('.').length === 2)) {
      const field = path.slice(1);
      expect(refusedFields(sheet, { ...(sheet.example as object), [field]: NaN })).toContain(field);
    }
  });
});

it('a half turn of a cam is refused over every way to the engine, in words', () => {
  const sheet = SHEETS.find(({ name }) => name === 'multipoint.check');
  if (sheet === undefined) throw new Error('no multipoint.check');
  expect(() => runEngine(sheet, { ...(sheet.example as object), go: { keep: 'centre', quarters: 2 } })).toThrow('a quarter turn at most');
});
