/** Tells listeners of something, each until it no longer wants to hear. */
export interface Announcer<T extends unknown[]> {
  tell: (...what: T) => void;
  /** @returns what ends it */
  listen: (listener: (...what: T) => void) => () => void;
}

export function announcer<T extends unknown[] = []>(): Announcer<T> {
  const listeners = new Set<(...what: T) => void>();
  return {
    tell: (...what) => listeners.forEach((listener) => listener(...what)),
    listen: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}
