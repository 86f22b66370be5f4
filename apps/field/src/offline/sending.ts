import { mergeRecord, PATHS, type CallRecord, type RecordKind } from '@proper-swing/contract';
import type { Mutation, QueryClient } from '@tanstack/react-query';
import { FailedError, putRecord, RefusedError } from './api';
import { noteConfirmed } from './confirmed';
import { KEYS } from './keys';
import type { Outbox, Outgoing } from './outbox';
import { whenQuiet } from './quietMoment';
import { startedHere } from './startedHere';

const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 10_000;

/** Writes that are sent one after another: a door is there before its readings. */
const IN_ORDER = { id: 'outbox' };

/** The server has failed so often at one write that the others go before it. */
const SET_ASIDE_AFTER = 5;
/** What was set aside is sent again after this long, ms. */
const ASIDE_MS = 30_000;

/** How long is waited, ms: before a write is tried again, by how often it failed, and before one that was set aside is. */
export interface Waits {
  retry: (failures: number) => number;
  aside: number;
}

interface Sender {
  outbox: Outbox;
  client: QueryClient;
  put: typeof putRecord;
  waits: Waits;
  /** Set aside for now, with what sends each again. */
  aside: Map<Outgoing, ReturnType<typeof setTimeout>>;
}

/** A write of something that itself waits: sent now, it would be refused. */
class WaitsForAnother extends Error {}

/**
 * Sends what waits, and from now on each write as it is made: in the order they were made, each again until it is confirmed or
 * refused.
 *
 * @returns what stops it from taking up further writes
 */
export function startSending(
  outbox: Outbox,
  client: QueryClient,
  put: typeof putRecord = putRecord,
  waits: Waits = { retry: waitMs, aside: ASIDE_MS },
): () => void {
  const sender: Sender = { outbox, client, put, waits, aside: new Map() };
  for (const outgoing of outbox.waiting()) if (outgoing.refused === undefined) send(sender, outgoing);
  const stopTaking = outbox.onAdded((outgoing) => whenQuiet(() => send(sender, outgoing)));
  return () => {
    stopTaking();
    sender.aside.forEach((timer) => clearTimeout(timer));
  };
}

/** Lets what does not depend on a write go before it, and sends it again later. */
function setAside(sender: Sender, outgoing: Outgoing): void {
  const again = () => {
    sender.aside.delete(outgoing);
    send(sender, outgoing);
  };
  sender.aside.set(outgoing, setTimeout(again, sender.waits.aside));
}

/** What another device has changed meanwhile is not wiped out by the next change made here. */
const FOLLOWS_REFUSED = {
  type: 'about:blank',
  title: 'Made from what was refused',
  status: 409,
  detail: 'It was made from a change of this card that was refused: see that one first.',
};

/** Whether a revision of a card was made from one that was refused. */
function followsRefused(outbox: Outbox, { body }: Outgoing): boolean {
  if (!('revision' in body)) return false;
  return outbox
    .waiting()
    .some(
      ({ refused, body: other }) => refused !== undefined && other.id === body.id && 'revision' in other && other.revision < body.revision,
    );
}

/** Whether a write names an earlier one that is set aside, or is of the same card. */
function dependsOnAside({ aside }: Sender, { sequence, body }: Outgoing): boolean {
  const text = JSON.stringify(body);
  return [...aside.keys()].some((other) => other.sequence < sequence && text.includes(other.body.id));
}

function send(sender: Sender, outgoing: Outgoing): void {
  const { outbox, client, put, waits } = sender;
  const { kind, body } = outgoing;
  const mutations = client.getMutationCache();
  const mutation: Mutation<void> = mutations.build(client, {
    scope: IN_ORDER,
    mutationFn: async () => {
      if (followsRefused(outbox, outgoing)) throw new RefusedError(409, FOLLOWS_REFUSED);
      if (dependsOnAside(sender, outgoing)) throw new WaitsForAnother();
      await put(PATHS.record(kind, body.id), body);
    },
    retry: (failures, error) =>
      !(error instanceof RefusedError || error instanceof WaitsForAnother) &&
      !(error instanceof FailedError && failures >= SET_ASIDE_AFTER - 1),
    retryDelay: waits.retry,
    // Let go of below: a timer for it would outlive everything else.
    gcTime: Infinity,
    onSuccess: () => {
      noteConfirmed(outgoing);
      try {
        absorb(client, outbox, outgoing);
      } finally {
        outbox.remove(outgoing);
      }
    },
    // What goes wrong here with a write that was confirmed is no refusal.
    onError: (error) => {
      if (error instanceof RefusedError) outbox.refuse(outgoing, error.message);
      else if (error instanceof FailedError || error instanceof WaitsForAnother) setAside(sender, outgoing);
    },
    onSettled: () => mutations.remove(mutation),
  });
  // What went wrong is in the outbox by now; nobody waits for this promise.
  mutation.execute(undefined).catch(() => undefined);
}

/** How long to wait before a write is tried again, ms: twice as long each time, up to ten seconds. */
export function waitMs(failures: number): number {
  return Math.min(FIRST_WAIT_MS * 2 ** failures, LONGEST_WAIT_MS);
}

/** Lists that tell of a kind of card, which are fetched anew when one is confirmed. */
const LISTS = [KEYS.anySummaries, KEYS.sites, KEYS.anyDoors, KEYS.anyDoorHistory];
const LISTED: ReadonlySet<RecordKind> = new Set(['calls', 'doors', 'sites']);

/** Puts what the server confirmed into the answers kept here, so that nothing flickers until they are fetched again. */
function absorb(client: QueryClient, outbox: Outbox, { kind, body }: Outgoing): void {
  if (kind === 'calls' && client.getQueryData(KEYS.callRecord(body.id)) === undefined) {
    client.setQueryData(KEYS.callRecord(body.id), startedHere(client, outbox.waiting(), body.id));
  }
  client.setQueriesData<CallRecord>({ queryKey: KEYS.anyCallRecord }, (record) => record && mergeRecord(record, kind, body));
  if (LISTED.has(kind)) for (const queryKey of LISTS) void client.invalidateQueries({ queryKey });
}
