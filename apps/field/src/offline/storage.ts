import { announcer } from './announcer';

/** The device's small synchronous store; memory where there is none, as in unit tests of other platforms. */
export interface DeviceStorage {
  get: (key: string) => string | null;
  /** @throws when the device is full; the caller must say so. */
  set: (key: string, value: string) => void;
  remove: (key: string) => void;
  keys: () => string[];
}

export const deviceStorage: DeviceStorage = watched(typeof localStorage === 'undefined' ? inMemory() : inBrowser(localStorage));

let isFull = false;
const changes = announcer();

/** Whether the last thing that was to be kept found no room. */
export const isDeviceFull = (): boolean => isFull;

export const onDeviceFull = changes.listen;

/** Whoever writes, and whatever they make of it that there is no room: the person is told. */
export function watched(storage: DeviceStorage): DeviceStorage {
  const note = (next: boolean) => {
    if (isFull === next) return;
    isFull = next;
    changes.tell();
  };
  return {
    ...storage,
    set: (key, value) => {
      try {
        storage.set(key, value);
      } catch (error) {
        note(true);
        throw error;
      }
      note(false);
    },
  };
}

/**
 * Tells what another tab has changed: the key, or nothing where everything was thrown away.
 *
 * @returns what stops telling
 */
export function watchOtherTabs(tell: (key: string | undefined) => void): () => void {
  if (typeof window === 'undefined' || typeof window.addEventListener !== 'function') return () => undefined;
  const changed = ({ key, storageArea }: StorageEvent) => {
    if (storageArea === null || storageArea === localStorage) tell(key ?? undefined);
  };
  window.addEventListener('storage', changed);
  return () => window.removeEventListener('storage', changed);
}

/** Asks the device not to make room by throwing away what has not been sent. */
export function askToPersist(): void {
  if (typeof navigator === 'undefined' || navigator.storage?.persist === undefined) return;
  navigator.storage.persist().catch(() => undefined);
}

/** What is kept under a key, read as JSON; nothing where nothing is kept or it is broken. */
export function keptJson(key: string): unknown {
  try {
    return JSON.parse(deviceStorage.get(key) ?? '');
  } catch {
    return undefined;
  }
}

function inBrowser(storage: Storage): DeviceStorage {
  return {
    get: (key) => storage.getItem(key),
    set: (key, value) => storage.setItem(key, value),
    remove: (key) => storage.removeItem(key),
    keys: () => Array.from({ length: storage.length }, (_, i) => storage.key(i)).flatMap((key) => key ?? []),
  };
}

function inMemory(): DeviceStorage {
  const kept = new Map<string, string>();
  return {
    get: (key) => kept.get(key) ?? null,
    set: (key, value) => void kept.set(key, value),
    remove: (key) => void kept.delete(key),
    keys: () => [...kept.keys()],
  };
}
