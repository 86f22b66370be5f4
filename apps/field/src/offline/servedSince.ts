import { deviceStorage } from './storage';

const KEY = 'swing.served';

let last: string | undefined;
const listeners = new Set<(since: string) => void>();

/** Whether the server was started anew since this device last came to terms with it: it may be another program, on an older record. */
const isServedAnew = (since: string): boolean => {
  const known = deviceStorage.get(KEY);
  return known !== null && known !== since;
};

/** Each answer of the server tells since when it is served. */
export function noteServedSince(since: string | null): void {
  if (since === null || since === last) return;
  last = since;
  if (deviceStorage.get(KEY) === null) cameToTerms(since);
  else if (isServedAnew(since)) listeners.forEach((tell) => tell(since));
}

/** What could not be settled is tried with the next answer. */
export function tellAgain(): void {
  last = undefined;
}

/** What this device had to settle with the server as it is now served is settled. */
export function cameToTerms(since: string): void {
  try {
    deviceStorage.set(KEY, since);
  } catch {
    // On a full device it is settled once more at the next start.
  }
}

/** Tells when the server is found to be served anew, until the returned function is called. */
export function onServedAnew(listener: (since: string) => void): () => void {
  listeners.add(listener);
  if (last !== undefined && isServedAnew(last)) listener(last);
  return () => listeners.delete(listener);
}
