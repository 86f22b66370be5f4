import type { Stepwise } from '@proper-swing/core';
import type { Schema } from 'yup';

export type TellSoFar = (soFar: unknown, stands: boolean) => void;

/** One function of the engine: what it takes, what it gives, an example, and the core function behind it. */
export interface EngineFunction {
  name: string;
  title: string;
  request: Schema;
  result: Schema;
  example: unknown;
  /** Takes a checked request. */
  run: (request: never) => unknown;
  /**
   * The same a piece at a time, for what takes long enough to be told of and stopped; told an answer before all of it is worked out, and
   * whether it stands but for that.
   */
  inSteps?: (request: never, tell?: TellSoFar) => Stepwise<unknown>;
}
