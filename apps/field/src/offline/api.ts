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

/** The server was reached and has not taken it for now: a fault of its own, or not its turn. Worth trying again. */
export class FailedError extends UnreachableError {}

/** A server that does not answer within this time is as good as gone, ms. */
const PATIENCE_MS = 15_000;

/** Of the API's own answers those that stay a no however often a write is sent. */
const FINAL: readonly number[] = [409, 413, 422];

/**
 * Reads a JSON answer of the API.
 *
 * @throws UnreachableError when there is no answer of the server itself, and then waits for it to come back; RefusedError on its own 4xx
 */
export async function callApi<T>(path: string): Promise<T> {
  const { response, told } = await ask(path, {});
  if (response.ok) return told as T;
  if (response.status < 500 && isProblem(told, response.status)) throw new RefusedError(response.status, told);
  throw new UnreachableError(`The server answered ${response.status}.`);
}

/**
 * Writes a record, and is done when the server has confirmed it: with the record itself, of the same id and revision. Whatever else answers
 * with a 200, such as the log-in page of a network, has not taken it.
 *
 * @throws UnreachableError while it is worth sending again, FailedError where the server itself said so; RefusedError when the server will never take it
 */
export async function putRecord(path: string, body: { id: string; revision?: number }): Promise<void> {
  const { response, told } = await ask(path, {
    method: 'PUT',
    body: JSON.stringify(body),
    headers: { 'Content-Type': 'application/json' },
  });
  const { status } = response;
  if (status === 200 || status === 201) {
    const { id, revision } = (told ?? {}) as Partial<typeof body>;
    if (id === body.id && revision === body.revision) return;
    throw notTheServer();
  }
  if (!isProblem(told, status)) throw new UnreachableError(`The server answered ${status}.`);
  if (FINAL.includes(status)) throw new RefusedError(status, told);
  throw new FailedError(`The server answered ${status}.`);
}

async function ask(path: string, init: RequestInit): Promise<{ response: Response; told: unknown }> {
  let response: Response;
  try {
    response = await fetch(path, { ...init, signal: AbortSignal.timeout(PATIENCE_MS) });
  } catch (error) {
    serverLost();
    throw new UnreachableError('The server cannot be reached.', { cause: error });
  }
  try {
    return { response, told: await response.json() };
  } catch {
    if (response.ok) throw notTheServer();
    return { response, told: undefined };
  }
}

/** Something on the way has answered in the server's place: it is waited for as if there were no answer. */
function notTheServer(): UnreachableError {
  serverLost();
  return new UnreachableError('Something else answers in the place of the server: does this network ask for a log-in?');
}

/** Whether an answer is the API's own no. */
function isProblem(told: unknown, status: number): told is Problem {
  const { title, status: says } = (told ?? {}) as Partial<Problem>;
  return typeof title === 'string' && says === status;
}
