import type { Faults, Fields } from '../fields/field';
import type { ValuesOf } from '../fields/value';

/**
 * A calculation of the bench, quick enough to answer while its figures are typed: what it takes and gives as plain data, an
 * example, and the function behind it. From the description come its check, its place in the engine's register and its JSON Schema.
 */
export interface Sheet<Name extends string = string> {
  name: Name;
  title: string;
  request: Fields;
  /** What is wrong with a request whose figures are each right. */
  faults?: Faults;
  result: Fields;
  example: unknown;
  /** Takes a checked request. */
  run: (request: never) => unknown;
}

/**
 * Describes a calculation, its types checked against its function's.
 *
 * @example
 * export const sizeSheet = sheet({ name: 'hinge.size', title: …, request: { slabWidthMm: slabWidth, … }, result: {…}, example: {…}, run: chooseHinges });
 */
export function sheet<const Name extends string, const Request extends Fields, const Result extends Fields>(own: {
  name: Name;
  title: string;
  request: Request;
  faults?: (request: ValuesOf<Request>) => readonly { field: string; message: string }[];
  result: Result;
  example: ValuesOf<Request>;
  run: (request: ValuesOf<Request>) => { readonly [K in keyof ValuesOf<Result>]: unknown };
}): Sheet<Name> {
  return own;
}
