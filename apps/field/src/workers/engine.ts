import { wrap, type Remote } from 'comlink';
import type { EngineWorker } from './engine.worker';

let remote: Remote<EngineWorker> | undefined;

function worker(): Remote<EngineWorker> {
  remote ??= wrap<EngineWorker>(new Worker(new URL('./engine.worker', import.meta.url)));
  return remote;
}

/**
 * Runs an engine function in the worker.
 *
 * @throws what the engine throws: the request is wrong, or makes no sense
 */
export async function runInWorker<T>(name: string, request: unknown): Promise<T> {
  return (await worker().run(name, request)) as T;
}

/** Starts the worker before the first reading, so that it does not wait for its script. */
export function warmEngine(): void {
  worker();
}
