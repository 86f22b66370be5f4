import { engineFunction, EngineRequestError, runEngine } from '@proper-swing/contract/engine';
import { DomainError } from '@proper-swing/core';
import { hearTicks } from '@proper-swing/core/sheets/ticks/hearTicks';
import type { CheckedAnswer } from './checkedAnswer';
import { expose } from 'comlink';
import { pieceByPiece } from './pieceByPiece';

/** Runs that are under way and may be stopped, by the number their caller gave them. */
const underWay = new Set<number>();

/** The engine off the main thread: the same register as the server and the command line. */
const engine = {
  run: (name: string, request: unknown): unknown => {
    const found = functionNamed(name);
    // The app's own requests are typed; checking each again would be felt under the thumb.
    return found.run(request as never);
  },

  /** The same for what a person typed: it is checked, and what is wrong comes back at its field. */
  runChecked: (name: string, request: unknown): CheckedAnswer => {
    try {
      return { ok: true, value: runEngine(functionNamed(name), request) };
    } catch (error) {
      if (error instanceof EngineRequestError) return { ok: false, errors: [...error.errors] };
      if (error instanceof DomainError) return { ok: false, errors: [{ field: error.field, message: error.message }] };
      throw error;
    }
  },

  /** The same a piece at a time, telling how far it is and what is known of the answer so far; what else is asked meanwhile is answered between the pieces. */
  runInSteps: async (
    id: number,
    name: string,
    request: unknown,
    tell: (share: number) => void,
    tellSoFar: (soFar: unknown, stands: boolean) => void,
  ): Promise<unknown> => {
    const work = functionNamed(name).inSteps?.(request as never, tellSoFar);
    if (work === undefined) throw new Error(`The engine does ${name} in one piece.`);
    underWay.add(id);
    try {
      return await pieceByPiece(work, tell, () => underWay.has(id));
    } finally {
      underWay.delete(id);
    }
  },

  /** Ticks in a recording of a panel being slid, s from its beginning. */
  hear: (samples: Float32Array, rate: number): number[] => hearTicks(samples, rate),

  stop: (id: number): void => {
    underWay.delete(id);
  },
};

function functionNamed(name: string) {
  const found = engineFunction(name);
  if (found === undefined) throw new Error(`The engine has no function ${name}.`);
  return found;
}

/** How often the example is run before the first reading, so that the browser has compiled what it will need. */
const WARM_UPS = 40;

/** One run a turn: a reading that comes meanwhile waits for one run and not for all. */
function warmUp(left = WARM_UPS): void {
  const first = engineFunction('hinged.estimate');
  first?.run(first.example as never);
  if (left > 1) setTimeout(warmUp, 0, left - 1);
}

export type EngineWorker = typeof engine;

expose(engine);
setTimeout(warmUp, 0);
