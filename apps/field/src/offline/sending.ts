import { LARGEST_BATCH } from '@proper-swing/contract';
import { onlineManager, type QueryClient } from '@tanstack/react-query';
import { absorb } from './absorb';
import { carry, FailedError, type Became } from './api';
import { noteConfirmed } from './confirmed';
import type { Outbox, Outgoing } from './outbox';
import { whenQuiet } from './quietMoment';
import { readyToGo } from './readyToGo';
import { settleWhatCanBe } from './settleCards';

const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 10_000;

/** The server has failed so often at one write that the others go before it. */
const SET_ASIDE_AFTER = 5;
/** What was set aside is sent again after this long, ms. */
const ASIDE_MS = 30_000;

/** How long is waited, ms: before a write is tried again, by how often it failed, and before one that was set aside is. */
export interface Waits {
  retry: (failures: number) => number;
  aside: number;
}

const USUAL_WAITS: Waits = { retry: waitMs, aside: ASIDE_MS };

/** By what it is done. */
export interface Means {
  carryWrites: typeof carry;
  waits: Waits;
  /** Brings together cards that two devices have changed. */
  bringTogether: (outbox: Outbox) => Promise<void>;
}

const FOLLOWS_REFUSED = 'It was made from a change of this card that was refused: see that one first.';

/**
 * Sends what waits, and from now on each write as it is made: in the order they were made, many at once where many wait, each again
 * until it is confirmed or refused.
 *
 * @returns what stops it from taking up further writes
 */
export function startSending(
  outbox: Outbox,
  client: QueryClient,
  { carryWrites = carry, waits = USUAL_WAITS, bringTogether = settleWhatCanBe }: Partial<Means> = {},
): () => void {
  const timers = new Set<ReturnType<typeof setTimeout>>();
  const aside = new Set<string>();
  let isStopped = false;
  let isSending = false;
  /** Writes at a time, and how often in a row the server was not reached, or failed at the first of them. */
  let most = LARGEST_BATCH;
  let failures = 0;
  let retry: ReturnType<typeof setTimeout> | undefined;

  const after = (ms: number, then: () => void) => {
    if (isStopped) return undefined;
    const timer = setTimeout(() => {
      timers.delete(timer);
      then();
    }, ms);
    timers.add(timer);
    return timer;
  };

  // What cannot be settled now, for want of an answer, is at the next start or when the server is back.
  const settle = () => void bringTogether(outbox).catch(() => undefined);

  const setAside = ({ mark }: Outgoing) => {
    aside.add(mark);
    after(waits.aside, () => {
      aside.delete(mark);
      sendNext();
    });
  };

  const took = (batch: readonly Outgoing[], became: readonly Became[]) => {
    const release = outbox.hold();
    try {
      batch.forEach((outgoing, at) => {
        const refusal = became[at];
        if (refusal !== undefined) outbox.refuse(outgoing, refusal.message, refusal.status);
        else confirm(outbox, client, outgoing);
      });
    } finally {
      release();
    }
    failures = 0;
    most = LARGEST_BATCH;
    if (became.some((refusal) => refusal?.status === 409)) settle();
  };

  /** Whether to go on at once: where something among many makes the server fail, they go one by one until it is found. */
  const failedAt = (batch: readonly Outgoing[], error: unknown): boolean => {
    const [first] = batch;
    if (error instanceof FailedError && batch.length > 1) {
      most = 1;
      return true;
    }
    failures += 1;
    if (!(error instanceof FailedError) || first === undefined || failures < SET_ASIDE_AFTER) return false;
    failures = 0;
    setAside(first);
    return true;
  };

  const sendNext = () => {
    if (isStopped || isSending || retry !== undefined || !onlineManager.isOnline()) return;
    const { batch, followsRefused } = readyToGo(outbox.waiting(), aside, most);
    followsRefused.forEach((outgoing) => outbox.refuse(outgoing, FOLLOWS_REFUSED, 409));
    if (batch.length === 0) return;
    isSending = true;
    carryWrites(batch)
      .then(
        (became) => took(batch, became),
        (error: unknown) => {
          if (!failedAt(batch, error)) retry = after(waits.retry(failures - 1), sendAtOnce);
        },
      )
      .finally(() => {
        isSending = false;
        sendNext();
      });
  };

  /** Not only when the time for it has come. */
  const sendAtOnce = () => {
    clearTimeout(retry);
    retry = undefined;
    sendNext();
  };

  const stopTaking = outbox.onAdded(() => whenQuiet(sendNext));
  const stopListening = onlineManager.subscribe((isOnline) => {
    sendAtOnce();
    if (isOnline) settle();
  });
  settle();
  sendNext();
  return () => {
    isStopped = true;
    stopTaking();
    stopListening();
    timers.forEach((timer) => clearTimeout(timer));
  };
}

/** What the server confirmed is taken into the kept answers, and no longer sent. */
export function confirm(outbox: Outbox, client: QueryClient, outgoing: Outgoing): void {
  takeIn(outbox, client, outgoing);
  outbox.confirm(outgoing);
}

/** Takes what the server confirmed into the answers kept here. What goes wrong in that is no refusal: they are fetched anew. */
export function takeIn(outbox: Outbox, client: QueryClient, outgoing: Outgoing): void {
  noteConfirmed(outgoing);
  try {
    absorb(client, outbox.laidOver(), outgoing);
  } catch {
    void client.invalidateQueries();
  }
}

/** How long to wait before a write is tried again, ms: twice as long each time, up to ten seconds. */
export function waitMs(failures: number): number {
  return Math.min(FIRST_WAIT_MS * 2 ** failures, LONGEST_WAIT_MS);
}
