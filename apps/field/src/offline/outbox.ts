import type { RecordBodies, RecordKind } from '@proper-swing/contract';
import { deviceStorage, type DeviceStorage } from './storage';
import { upgradedBody, WRITE_VERSION } from './upgradeWrites';

/** A write on its way to the server. */
export interface Outgoing<K extends RecordKind = RecordKind> {
  /** Orders writes as they were made; parents go before children. */
  sequence: number;
  /** Form of the body; absent before forms were counted. */
  version?: number;
  kind: K;
  body: RecordBodies[K];
  /** Why the server will not take it; absent while it is only waiting. */
  refused?: string;
}

export interface Outbox {
  /** Keeps a write on the device, durably, before this returns. @throws when the device is full */
  add: <K extends RecordKind>(kind: K, body: RecordBodies[K]) => Outgoing<K>;
  remove: (outgoing: Outgoing) => void;
  refuse: (outgoing: Outgoing, why: string) => void;
  /** Keeps listeners untold of what is added, which is kept on the device all the same, until the returned function is called. */
  hold: () => () => void;
  /** Tells of each write as it is made, held or not, until the returned function is called. */
  onAdded: (listener: (outgoing: Outgoing) => void) => () => void;
  /** In the order they were made. The same list until something changes. */
  waiting: () => readonly Outgoing[];
  subscribe: (listener: () => void) => () => void;
}

const PREFIX = 'swing.outbox.';

/**
 * Every write, kept one by one in synchronous storage from the tap until the server has confirmed it. A reload, a crash
 * or a flat battery a millisecond after the tap finds it there.
 */
export function openOutbox(storage: DeviceStorage): Outbox {
  let list: readonly Outgoing[] = read(storage);
  let sequence = list.reduce((most, outgoing) => Math.max(most, outgoing.sequence), 0);
  const listeners = new Set<() => void>();
  const senders = new Set<(outgoing: Outgoing) => void>();
  let holds = 0;
  let lastTold = list;
  const tell = () => {
    if (holds > 0 || lastTold === list) return;
    lastTold = list;
    listeners.forEach((listener) => listener());
  };
  const setWaiting = (next: readonly Outgoing[]) => {
    list = next;
    tell();
  };
  const keep = (outgoing: Outgoing) => storage.set(keyOf(outgoing), JSON.stringify(outgoing));

  return {
    add: (kind, body) => {
      sequence += 1;
      const outgoing = { sequence, version: WRITE_VERSION, kind, body };
      keep(outgoing);
      setWaiting([...list, outgoing]);
      senders.forEach((sender) => sender(outgoing));
      return outgoing;
    },
    remove: (outgoing) => {
      storage.remove(keyOf(outgoing));
      setWaiting(list.filter((each) => each.sequence !== outgoing.sequence));
    },
    refuse: (outgoing, why) => {
      const refused = { ...outgoing, refused: why };
      keep(refused);
      setWaiting(list.map((each) => (each.sequence === outgoing.sequence ? refused : each)));
    },
    hold: () => {
      holds += 1;
      let isHeld = true;
      return () => {
        if (!isHeld) return;
        isHeld = false;
        holds -= 1;
        tell();
      };
    },
    onAdded: (listener) => {
      senders.add(listener);
      return () => senders.delete(listener);
    },
    waiting: () => list,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}

function keyOf({ sequence, body }: Outgoing): string {
  return `${PREFIX}${String(sequence).padStart(12, '0')}.${body.id}`;
}

function read(storage: DeviceStorage): Outgoing[] {
  return storage
    .keys()
    .filter((key) => key.startsWith(PREFIX))
    .sort()
    .flatMap((key) => {
      try {
        return [upgraded(JSON.parse(storage.get(key) ?? '') as Outgoing)];
      } catch {
        return [];
      }
    });
}

function upgraded(outgoing: Outgoing): Outgoing {
  const { version = 1, kind, body } = outgoing;
  if (version >= WRITE_VERSION) return outgoing;
  return { ...outgoing, version: WRITE_VERSION, body: upgradedBody(kind, { ...body }, version) as unknown as typeof body };
}

export const outbox = openOutbox(deviceStorage);
