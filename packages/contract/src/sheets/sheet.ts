import type { Schema } from 'yup';

/** One function of the engine: what it takes, what it gives, an example, and the core function behind it. */
export interface EngineFunction {
  name: string;
  title: string;
  request: Schema;
  result: Schema;
  example: unknown;
  /** Takes a checked request. */
  run: (request: never) => unknown;
}

/** A calculation of the bench: quick enough to answer while its figures are typed. */
export interface Sheet extends EngineFunction {
  name: SheetName;
}

/** In the order the bench shows them. */
export const SHEET_NAMES = [
  'latch.strike',
  'multipoint.next',
  'multipoint.check',
  'swing.edge',
  'swing.floor',
  'swing.drift',
  'swing.twist',
  'swing.pair',
  'hinge.load',
  'hinge.size',
  'hinge.continuous',
] as const;

export type SheetName = (typeof SHEET_NAMES)[number];

/** Without the keys whose value is absent: the core's optional figures are given or not there at all. */
export function defined<T extends object>(value: T): { [K in keyof T]: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(value).filter(([, each]) => each !== undefined)) as { [K in keyof T]: Exclude<T[K], undefined> };
}
