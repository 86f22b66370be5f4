import { proxy, transfer, wrap, type Remote } from 'comlink';
import type { CheckedAnswer } from './checkedAnswer';
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

/** Runs an engine function in the worker on what a person typed. */
export async function runChecked(name: string, request: unknown): Promise<CheckedAnswer> {
  return worker().runChecked(name, request);
}

/** Ticks in a recording, s from its beginning; the samples are handed over. */
export async function hearInWorker(samples: Float32Array, rate: number): Promise<number[]> {
  return worker().hear(transfer(samples, [samples.buffer as ArrayBuffer]), rate);
}

let runs = 0;

/**
 * Runs an engine function in the worker a piece at a time.
 *
 * @param signal stops it
 * @param tell told now and then what share of it is done
 * @param tellSoFar told an answer before all of it is worked out, and whether it stands but for that
 * @throws what the engine throws, and when it was stopped
 */
export async function runInSteps<T>(
  name: string,
  request: unknown,
  signal: AbortSignal,
  tell: (share: number) => void,
  tellSoFar: (soFar: T, stands: boolean) => void,
): Promise<T> {
  runs += 1;
  const id = runs;
  signal.addEventListener('abort', () => void worker().stop(id), { once: true });
  return (await worker().runInSteps(id, name, request, proxy(tell), proxy(tellSoFar as (soFar: unknown, stands: boolean) => void))) as T;
}

/** Starts the worker before the first reading, so that it does not wait for its script. */
export function warmEngine(): void {
  worker();
}
