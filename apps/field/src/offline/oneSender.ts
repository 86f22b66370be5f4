/**
 * Does something in one tab of this device only: in another as soon as that one is closed. Where the browser has no locks, which it
 * gives to safe addresses alone, every tab does it; the server takes the same write twice without harm.
 *
 * @param start what to do, which returns what ends it
 * @returns what ends it, or no longer waits for its turn
 */
export function inOneTab(name: string, start: () => () => void): () => void {
  if (typeof navigator === 'undefined' || navigator.locks === undefined) return start();
  const waiting = new AbortController();
  let finish: () => void = () => waiting.abort();
  const untilFinished = () =>
    new Promise<void>((resolve) => {
      const end = start();
      finish = () => {
        end();
        resolve();
      };
    });
  // Given up while it waited.
  navigator.locks.request(name, { signal: waiting.signal }, untilFinished).catch(() => undefined);
  return () => finish();
}
