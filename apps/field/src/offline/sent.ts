import { PATHS, type RecordsMissing } from '@proper-swing/contract';
import { createStore, delMany, entries, setMany, type UseStore } from 'idb-keyval';
import { callApi } from './api';
import { inOrder, type Outgoing } from './outbox';

const DAY_MS = 24 * 60 * 60 * 1000;
/** As long as the answers are kept. */
const KEEP_MS = 21 * DAY_MS;

/** The last ones are missing first when the server has gone back to an older backup. */
const FEW = 20;
const MANY = 1000;

/** A write the server has confirmed, kept to be sent again should the server lose it. */
export type Sent = Pick<Outgoing, 'mark' | 'sequence' | 'kind' | 'body'> & { confirmed: number };

let opened: UseStore | undefined;
const store = (): UseStore => (opened ??= createStore('swing-sent', 'writes'));

/** Keeps writes that were confirmed for three weeks. */
export async function keepSent(writes: readonly Outgoing[]): Promise<void> {
  const sent = writes.map(({ mark, sequence, kind, body, confirmed }): Sent => ({
    mark,
    sequence,
    kind,
    body,
    confirmed: confirmed ?? Date.now(),
  }));
  await setMany(
    sent.map((each) => [each.mark, each]),
    store(),
  );
}

/** No longer keeps writes, which wait again or are too old. */
export const forgetSent = (writes: readonly Pick<Sent, 'mark'>[]): Promise<void> =>
  delMany(
    writes.map(({ mark }) => mark),
    store(),
  );

/** What is kept of what was confirmed, in the order it was written. */
export async function everySent(now = Date.now()): Promise<Sent[]> {
  const all = (await entries<string, Sent>(store())).map(([, sent]) => sent);
  const old = all.filter(({ confirmed }) => confirmed < now - KEEP_MS);
  if (old.length > 0) await forgetSent(old);
  return all.filter((each) => !old.includes(each)).sort(inOrder);
}

/**
 * What this device had confirmed and the server no longer has.
 *
 * @throws UnreachableError when the server cannot be asked
 */
export async function missingAtServer(sent: readonly Sent[], ask: typeof whichAreMissing = whichAreMissing): Promise<Sent[]> {
  if ((await ask(sent.slice(-FEW))).length === 0) return [];
  const missing: Sent[] = [];
  for (let from = 0; from < sent.length; from += MANY) missing.push(...(await ask(sent.slice(from, from + MANY))));
  return missing;
}

async function whichAreMissing(sent: readonly Sent[]): Promise<Sent[]> {
  if (sent.length === 0) return [];
  const of = sent.map(({ kind, body }) => ({ kind, id: body.id, ...('revision' in body && { revision: body.revision }) }));
  const { missing } = await callApi<RecordsMissing>(PATHS.recordsMissing, { of });
  return missing.flatMap((at) => sent[at] ?? []);
}
