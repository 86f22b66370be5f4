import type { RecordBodies, RecordKind } from '@proper-swing/contract';
import { deviceStorage, type DeviceStorage } from './storage';

/** A write on its way to the server. */
export interface Outgoing<K extends RecordKind = RecordKind> {
  /** Orders writes as they were made; parents go before children. */
  sequence: number;
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
  let holds = 0;
  let told = list;
  const tell = () => {
    if (holds > 0 || told === list) return;
    told = list;
    listeners.forEach((listener) => listener());
  };
  const become = (next: readonly Outgoing[]) => {
    list = next;
    tell();
  };
  const keep = (outgoing: Outgoing) => storage.set(keyOf(outgoing), JSON.stringify(outgoing));

  return {
    add: (kind, body) => {
      sequence += 1;
      const outgoing = { sequence, kind, body };
      keep(outgoing);
      become([...list, outgoing]);
      return outgoing;
    },
    remove: (outgoing) => {
      storage.remove(keyOf(outgoing));
      become(list.filter((each) => each.sequence !== outgoing.sequence));
    },
    refuse: (outgoing, why) => {
      const refused = { ...outgoing, refused: why };
      keep(refused);
      become(list.map((each) => (each.sequence === outgoing.sequence ? refused : each)));
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
        return [JSON.parse(storage.get(key) ?? '') as Outgoing];
      } catch {
        return [];
      }
    });
}

export const outbox = openOutbox(deviceStorage);
