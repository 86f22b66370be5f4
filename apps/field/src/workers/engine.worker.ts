import { engineFunction, runEngine } from '@proper-swing/contract/engine';
import { expose } from 'comlink';

/** The engine off the main thread: the same register as the server and the command line. */
const engine = {
  run: (name: string, request: unknown): unknown => {
    const found = engineFunction(name);
    if (found === undefined) throw new Error(`The engine has no function ${name}.`);
    return runEngine(found, request);
  },
};

export type EngineWorker = typeof engine;

expose(engine);
