import type { RecordBodies, RecordKind } from '@proper-swing/contract';
import { v7 } from 'uuid';
import { announcer } from './announcer';
import { deviceStorage, watchOtherTabs, type DeviceStorage } from './storage';
import { upgradedBody, WRITE_VERSION } from './upgradeWrites';

/** A write on its way to the server. */
export interface Outgoing<K extends RecordKind = RecordKind> {
  /** Tells it from any other, of this tab or of another. */
  mark: string;
  /** Orders writes as they were made; parents go before children. */
  sequence: number;
  /** Form of the body; absent before forms were counted. */
  version?: number;
  kind: K;
  body: RecordBodies[K];
  /** Why the server will not take it; absent while it is only waiting. */
  refused?: string;
  /** With which status the server refused it. */
  status?: number;
  /** When the server had confirmed it, ms; it stays until the answers kept on this device hold it too. */
  confirmed?: number;
}

export interface Outbox {
  /** Keeps a write on the device, durably, before this returns. @throws when the device is full */
  add: <K extends RecordKind>(kind: K, body: RecordBodies[K]) => Outgoing<K>;
  remove: (outgoing: Outgoing) => void;
  refuse: (outgoing: Outgoing, why: string, status?: number) => void;
  /** Lets what was refused be sent once more. */
  sendAgain: (outgoing: Outgoing) => void;
  /** The server has it: no longer waiting, and still laid over the kept answers. */
  confirm: (outgoing: Outgoing) => void;
  /** What was confirmed and is still laid over. */
  confirmed: () => readonly Outgoing[];
  /** Keeps listeners untold of what is added, which is kept on the device all the same, until the returned function is called. */
  hold: () => () => void;
  /** Tells of each write that is to be sent, held or not, whichever tab made it, until the returned function is called. */
  onAdded: (listener: (outgoing: Outgoing) => void) => () => void;
  /** Tells of each write that another tab has sent and the server confirmed, until the returned function is called. */
  onConfirmedElsewhere: (listener: (outgoing: Outgoing) => void) => () => void;
  /** What the server has not confirmed, in the order it was made. The same list until something changes. */
  waiting: () => readonly Outgoing[];
  /** What is laid over the kept answers: what waits, and what was confirmed and is not in them yet. The same list until something changes. */
  laidOver: () => readonly Outgoing[];
  subscribe: (listener: () => void) => () => void;
}

const PREFIX = 'swing.outbox.';

/** So many confirmed writes stay at most, where the answers cannot be kept. */
const MOST_CONFIRMED = 500;

/**
 * Every write, kept one by one in synchronous storage from the tap until the server has confirmed it and the kept answers hold it. A
 * reload, a crash or a flat battery a millisecond after the tap finds it there. Other tabs of the device see and change the same list.
 */
export function openOutbox(storage: DeviceStorage, watchTabs: typeof watchOtherTabs = () => () => undefined): Outbox {
  let all: readonly Outgoing[] = read(storage);
  let waiting = unconfirmed(all);
  const changes = announcer();
  const toSend = announcer<[Outgoing]>();
  const confirmedElsewhere = announcer<[Outgoing]>();
  let holds = 0;
  let lastTold = all;
  const tell = () => {
    if (holds > 0 || lastTold === all) return;
    lastTold = all;
    changes.tell();
  };
  const setAll = (next: readonly Outgoing[]) => {
    all = next;
    waiting = unconfirmed(all);
    tell();
  };
  const keep = (outgoing: Outgoing) => storage.set(keyOf(outgoing), JSON.stringify(outgoing));
  const change = (outgoing: Outgoing) => setAll(all.map((each) => (each.mark === outgoing.mark ? outgoing : each)));
  const drop = ({ mark }: Pick<Outgoing, 'mark'>) => {
    if (all.some((each) => each.mark === mark)) setAll(all.filter((each) => each.mark !== mark));
  };
  const remove = (outgoing: Outgoing) => {
    storage.remove(keyOf(outgoing));
    drop(outgoing);
  };
  const confirmed = () => all.filter((each) => each.confirmed !== undefined);

  watchTabs((key) => {
    if (key !== undefined && !key.startsWith(PREFIX)) return;
    const before = new Map(all.map((each) => [each.mark, each]));
    if (key === undefined) setAll(read(storage).map((each) => before.get(each.mark) ?? each));
    else {
      const outgoing = readOne(storage, key);
      if (outgoing === undefined) drop({ mark: key.slice(PREFIX.length) });
      else if (before.has(outgoing.mark)) change(outgoing);
      else setAll([...all, outgoing].sort(inOrder));
    }
    for (const each of all) {
      const earlier = before.get(each.mark);
      if (each === earlier) continue;
      if (each.confirmed !== undefined) confirmedElsewhere.tell(each);
      else if (each.refused === undefined) toSend.tell(each);
    }
  });

  return {
    add: (kind, body) => {
      const sequence = (all.at(-1)?.sequence ?? 0) + 1;
      const outgoing = { mark: `${String(sequence).padStart(12, '0')}.${v7()}`, sequence, version: WRITE_VERSION, kind, body };
      keep(outgoing);
      setAll([...all, outgoing]);
      toSend.tell(outgoing);
      return outgoing;
    },
    remove,
    refuse: (outgoing, why, status) => {
      const refused = { ...outgoing, refused: why, ...(status !== undefined && { status }) };
      keep(refused);
      change(refused);
    },
    sendAgain: ({ refused: _, status: __, ...outgoing }) => {
      keep(outgoing);
      change(outgoing);
      toSend.tell(outgoing);
    },
    confirm: (outgoing) => {
      const held: Outgoing = { ...outgoing, confirmed: Date.now() };
      try {
        keep(held);
        change(held);
      } catch {
        // A full device: sent again it would be confirmed again, but room is worth more.
        remove(outgoing);
      }
      confirmed().slice(0, -MOST_CONFIRMED).forEach(remove);
    },
    confirmed,
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
    onAdded: toSend.listen,
    onConfirmedElsewhere: confirmedElsewhere.listen,
    waiting: () => waiting,
    laidOver: () => all,
    subscribe: changes.listen,
  };
}

const unconfirmed = (all: readonly Outgoing[]): readonly Outgoing[] => all.filter(({ confirmed }) => confirmed === undefined);

const keyOf = ({ mark }: Outgoing): string => `${PREFIX}${mark}`;

/** Two tabs may count alike: what was marked first goes first. */
export const inOrder = (a: Pick<Outgoing, 'mark' | 'sequence'>, b: Pick<Outgoing, 'mark' | 'sequence'>): number =>
  a.sequence - b.sequence || (a.mark < b.mark ? -1 : 1);

function read(storage: DeviceStorage): Outgoing[] {
  return storage
    .keys()
    .filter((key) => key.startsWith(PREFIX))
    .flatMap((key) => readOne(storage, key) ?? [])
    .sort(inOrder);
}

function readOne(storage: DeviceStorage, key: string): Outgoing | undefined {
  try {
    return upgraded({ ...(JSON.parse(storage.get(key) ?? '') as Outgoing), mark: key.slice(PREFIX.length) });
  } catch {
    return undefined;
  }
}

function upgraded(outgoing: Outgoing): Outgoing {
  const { version = 1, kind, body } = outgoing;
  if (version >= WRITE_VERSION) return outgoing;
  return { ...outgoing, version: WRITE_VERSION, body: upgradedBody(kind, { ...body }, version) as unknown as typeof body };
}

export const outbox = openOutbox(deviceStorage, watchOtherTabs);
