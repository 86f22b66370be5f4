import { announcer } from './announcer';
import { deviceStorage, type DeviceStorage } from './storage';

const KEY = 'swing.served';

/** Since when the server is served, and whether this device has come to terms with it as it is now: it may be another program, on an older record. */
export interface ServedSince {
  /** Each answer of the server tells it; one that is no answer of the server does not. */
  note: (since: string | null) => void;
  /** What this device had to settle with the server as it is now served is settled. */
  settled: (since: string) => void;
  /** What could not be settled is tried with the next answer. */
  tellAgain: () => void;
  /** Tells when the server is found to be served anew, until the returned function is called. */
  onAnew: (listener: (since: string) => void) => () => void;
}

export function openServedSince(storage: DeviceStorage): ServedSince {
  let last: string | undefined;
  const anew = announcer<[string]>();
  const isAnew = (since: string) => storage.get(KEY) !== since;
  const settled = (since: string) => {
    try {
      storage.set(KEY, since);
    } catch {
      // On a full device it is settled once more at the next start.
    }
  };
  return {
    note: (since) => {
      if (since === null || since === last) return;
      last = since;
      if (storage.get(KEY) === null) settled(since);
      else if (isAnew(since)) anew.tell(since);
    },
    settled,
    tellAgain: () => {
      last = undefined;
    },
    onAnew: (listener) => {
      if (last !== undefined && isAnew(last)) listener(last);
      return anew.listen(listener);
    },
  };
}

export const servedSince = openServedSince(deviceStorage);
