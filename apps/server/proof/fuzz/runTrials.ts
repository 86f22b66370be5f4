import { pathOf, recordRoutes, type RecordKind } from '@proper-swing/contract';
import type { OpenApi } from '@proper-swing/contract/openApi';
import fc from 'fast-check';
import { isDeepStrictEqual } from 'node:util';
import type { Answer, Asked } from '../asker';
import { promisesOf } from './promises';
import { makeFamily, trialArbitrary } from './trials';

/** A promise that an answer broke. */
export interface Broken {
  promise: string;
  says: string;
  trial: Asked;
}

export interface Tried {
  /** How many answers of each hundred of statuses there were, by its first figure. */
  answered: Record<string, number>;
  /** How many answers of each address that was asked for, and how many of them gave what was asked for. */
  given: Record<string, { asked: number; given: number }>;
  slowestMs: number;
  broken: Broken[];
}

/** Requests are made up so many at a time. */
const AT_A_TIME = 500;
const READ_BACK = 'what was confirmed is read back';

/**
 * Asks so many requests one after another, the same ones for the same seed but for their ids.
 *
 * @param ask sends one and gives the answer
 * @param soFar is told how many were asked
 */
export async function runTrials(
  api: OpenApi,
  { requests, seed }: { requests: number; seed: number },
  ask: (trial: Asked) => Promise<Answer>,
  soFar: (asked: number) => unknown = () => undefined,
): Promise<Tried> {
  const family = makeFamily();
  const promises = Object.entries(promisesOf(api));
  const tried: Tried = { answered: {}, given: {}, slowestMs: 0, broken: [] };

  const judged = async (trial: Asked) => {
    const answer = await ask(trial);
    const hundred = `${Math.floor(answer.status / 100)}xx`;
    tried.answered[hundred] = (tried.answered[hundred] ?? 0) + 1;
    tried.slowestMs = Math.max(tried.slowestMs, answer.millis);
    const address = `${trial.method} ${addressOf(trial)}`;
    const given = (tried.given[address] ??= { asked: 0, given: 0 });
    given.asked += 1;
    if (answer.status < 300) given.given += 1;
    for (const [promise, broken] of promises) {
      const says = broken(trial, answer);
      if (says !== undefined) tried.broken.push({ promise, says, trial });
    }
    return answer;
  };

  for (const { kind, body } of family.written) {
    const path = pathOf(recordRoutes(kind as RecordKind).write, { id: body.id });
    const { status, text } = await judged({ method: 'put', path, body: JSON.stringify(body), type: 'application/json' });
    if (status !== 201) throw new Error(`The ${kind} that others are written below was not taken: ${text}`);
  }
  const trials = trialArbitrary(family, api);
  for (let asked = 0; asked < requests; asked += AT_A_TIME) {
    for (const trial of fc.sample(trials, { seed: seed * 1_000_000 + asked, numRuns: Math.min(AT_A_TIME, requests - asked) })) {
      const answer = await judged(trial);
      if (trial.method !== 'put' || answer.status !== 201) continue;
      const back = await judged({ method: 'get', path: trial.path });
      if (!isDeepStrictEqual(JSON.parse(back.text), JSON.parse(answer.text))) {
        tried.broken.push({ promise: READ_BACK, says: back.text.slice(0, 300), trial });
      }
    }
    soFar(Math.min(asked + AT_A_TIME, requests));
  }
  return tried;
}

/** The address without ids and query. */
function addressOf({ path }: Asked): string {
  const [plain = ''] = path.split('?');
  return plain.replace(/[0-9a-f]{8}-[0-9a-f-]{27}/g, ':id').slice(0, 40);
}
