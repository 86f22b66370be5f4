import { RECORD_KINDS, type RecordKind } from '@proper-swing/contract';
import { useSyncExternalStore } from 'react';
import { announcer } from './announcer';
import { outbox, type Outbox } from './outbox';
import { everySent, forgetSent, missingAtServer, type Sent } from './sent';
import { servedSince } from './servedSince';

/** What this device had saved and the server has lost, in the order to send it. */
let lost: readonly Sent[] = [];
let since = '';
const changes = announcer();

function setLost(next: readonly Sent[]): void {
  lost = next;
  changes.tell();
}

/** Comes to terms with a server that was started anew: what it refused is tried once more, and what it has lost is offered to be sent. */
export function watchRestarts(): () => void {
  return servedSince.onAnew((now) => {
    since = now;
    for (const outgoing of outbox.waiting()) if (outgoing.refused !== undefined) outbox.sendAgain(outgoing);
    lookForLost().catch(servedSince.tellAgain);
  });
}

async function lookForLost(): Promise<void> {
  const missing = await missingAtServer(await everySent());
  setLost([...missing].sort((a, b) => PARENTS_FIRST.indexOf(a.kind) - PARENTS_FIRST.indexOf(b.kind)));
  if (missing.length === 0) servedSince.settled(since);
}

const PARENTS_FIRST: readonly RecordKind[] = RECORD_KINDS.map(({ kind }) => kind);

/** Sends what the server has lost once more. @throws when the device is full; what was kept by then is sent */
export async function sendLostAgain(to: Outbox = outbox): Promise<void> {
  const again = lost;
  const release = to.hold();
  try {
    for (const { kind, body } of again) to.add(kind, body);
  } finally {
    release();
  }
  setLost([]);
  servedSince.settled(since);
  await forgetSent(again);
}

/** How many entries the server has lost that this device had saved. */
export function useLostCount(): number {
  return useSyncExternalStore(
    changes.listen,
    () => lost.length,
    () => 0,
  );
}
