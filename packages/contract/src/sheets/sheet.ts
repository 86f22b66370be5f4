import type { Schema } from 'yup';
import type { SheetName } from '../names/sheets';

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

/** Without the keys whose value is absent: the core's optional figures are given or not there at all. */
export function defined<T extends object>(value: T): { [K in keyof T]: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(value).filter(([, each]) => each !== undefined)) as { [K in keyof T]: Exclude<T[K], undefined> };
}
