import { engineFunction } from '@proper-swing/contract/engine';
import { expose } from 'comlink';

/** The engine off the main thread: the same register as the server and the command line. */
const engine = {
  run: (name: string, request: unknown): unknown => {
    const found = engineFunction(name);
    if (found === undefined) throw new Error(`The engine has no function ${name}.`);
    // The app's own requests are typed; checking each again would be felt under the thumb.
    return found.run(request as never);
  },
};

/** How often the example is run before the first reading, so that the browser has compiled what it will need. */
const WARM_UPS = 12;

function warmUp(): void {
  const first = engineFunction('hinged.estimate');
  for (let i = 0; first !== undefined && i < WARM_UPS; i += 1) first.run(first.example as never);
}

export type EngineWorker = typeof engine;

expose(engine);
setTimeout(warmUp, 0);
