import type { DeviceStorage } from './storage';

/** A device's store in memory, to look into and to fill up. */
export function memoryStorage(): DeviceStorage & { kept: Map<string, string>; isFull: boolean } {
  const kept = new Map<string, string>();
  const storage = {
    kept,
    isFull: false,
    get: (key: string) => kept.get(key) ?? null,
    set: (key: string, value: string) => {
      if (storage.isFull) throw new Error('QuotaExceededError');
      kept.set(key, value);
    },
    remove: (key: string) => void kept.delete(key),
    keys: () => [...kept.keys()],
  };
  return storage;
}
