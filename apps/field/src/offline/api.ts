import { PATHS, SERVED_SINCE, type Problem, type RecordBatchAnswers, type RecordKind } from '@proper-swing/contract';
import { serverLost } from './reachability';
import { servedSince } from './servedSince';

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
 * Reads a JSON answer of the API, to a question that changes nothing.
 *
 * @param asked what to ask it with; without it the address is the whole question
 * @throws UnreachableError when there is no answer of the server itself, and then waits for it to come back; RefusedError on its own 4xx
 */
export async function callApi<T>(path: string, asked?: unknown): Promise<T> {
  const { response, told } = await ask(path, asked === undefined ? {} : json('POST', asked));
  if (response.ok) return told as T;
  if (response.status < 500 && isProblem(told, response.status)) throw new RefusedError(response.status, told);
  throw new UnreachableError(`The server answered ${response.status}.`);
}

/** A record on its way: its kind and what it holds. */
export interface Carried {
  kind: RecordKind;
  body: { id: string; revision?: number };
}

/** What became of one: refused for good, or nothing where the server has confirmed it. */
export type Became = RefusedError | undefined;

/**
 * Writes records in their order, and is done when the server has told of each what became of it. It has confirmed one with the record
 * itself, of the same id and revision. Whatever else answers with a 200, such as the log-in page of a network, has not taken it.
 *
 * @throws UnreachableError while it is worth sending them all again, FailedError where the server itself said so
 */
export async function carry(writes: readonly Carried[]): Promise<Became[]> {
  const [first] = writes;
  if (first === undefined) return [];
  if (writes.length > 1) return carryMany(writes);
  const { response, told } = await ask(PATHS.record(first.kind, first.body.id), json('PUT', first.body));
  return [becameOf(first, response.status, told, told)];
}

async function carryMany(writes: readonly Carried[]): Promise<Became[]> {
  const { response, told } = await ask(PATHS.recordBatch, json('POST', { writes }));
  const { answers } = (told ?? {}) as Partial<RecordBatchAnswers>;
  if (response.status !== 200) throw failed(response.status, told);
  if (!Array.isArray(answers) || answers.length !== writes.length) throw notTheServer();
  return writes.map((write, at) => {
    const { status, body, problem } = (answers[at] ?? {}) as { status: number; body?: unknown; problem?: unknown };
    return becameOf(write, status, body, problem);
  });
}

const json = (method: string, body: unknown): RequestInit => ({
  method,
  body: JSON.stringify(body),
  headers: { 'Content-Type': 'application/json' },
});

/** @throws UnreachableError when the answer is not the server's, FailedError when it has not taken it for now */
function becameOf({ body }: Carried, status: number, told: unknown, problem: unknown): Became {
  if (status === 200 || status === 201) {
    const { id, revision } = (told ?? {}) as Partial<typeof body>;
    if (id === body.id && revision === body.revision) return undefined;
    throw notTheServer();
  }
  if (isProblem(problem, status) && FINAL.includes(status)) return new RefusedError(status, problem);
  throw failed(status, problem);
}

function failed(status: number, told: unknown): UnreachableError {
  const says = `The server answered ${status}.`;
  return isProblem(told, status) ? new FailedError(says, { cause: told }) : new UnreachableError(says);
}

async function ask(path: string, init: RequestInit): Promise<{ response: Response; told: unknown }> {
  let response: Response;
  try {
    response = await fetch(path, { ...init, signal: AbortSignal.timeout(PATIENCE_MS) });
  } catch (error) {
    serverLost();
    throw new UnreachableError('The server cannot be reached.', { cause: error });
  }
  servedSince.note(response.headers.get(SERVED_SINCE));
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
