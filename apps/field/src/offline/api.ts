import type { Problem } from '@proper-swing/contract';
import { serverLost } from './reachability';

/** The server answered, and the answer was no. */
export class RefusedError extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem | undefined,
  ) {
    super(problem?.detail ?? `The server answered ${status}.`);
    this.name = 'RefusedError';
  }
}

/** The server could not be reached, or is not itself. Worth trying again. */
export class UnreachableError extends Error {
  override name = 'UnreachableError';
}

/** A server that does not answer within this time is as good as gone, ms. */
const PATIENCE_MS = 15_000;

/**
 * Reads a JSON answer of the API.
 *
 * @throws UnreachableError when there is no answer, and then waits for the server to come back; RefusedError on a 4xx
 */
export async function callApi<T>(path: string): Promise<T> {
  return (await (await send(path, {})).json()) as T;
}

/** Writes a record, and is done when the server has confirmed it. @throws as `callApi` does */
export async function putRecord(path: string, body: unknown): Promise<void> {
  await send(path, { method: 'PUT', body: JSON.stringify(body), headers: { 'Content-Type': 'application/json' } });
}

async function send(path: string, init: RequestInit): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(path, { ...init, signal: AbortSignal.timeout(PATIENCE_MS) });
  } catch (error) {
    serverLost();
    throw new UnreachableError('The server cannot be reached.', { cause: error });
  }
  if (response.ok) return response;
  if (response.status >= 500) throw new UnreachableError(`The server answered ${response.status}.`);
  throw new RefusedError(response.status, await readProblem(response));
}

async function readProblem(response: Response): Promise<Problem | undefined> {
  try {
    return (await response.json()) as Problem;
  } catch {
    return undefined;
  }
}
