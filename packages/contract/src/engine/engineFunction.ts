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
