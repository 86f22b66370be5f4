import { deviceStorage } from './storage';

/**
 * Keeps what is being typed, so that a reload finds it. On a full device it is not kept and typing goes on: what is confirmed says
 * by itself when it cannot be kept.
 */
export function keepDraft(key: string, draft: unknown): void {
  try {
    deviceStorage.set(key, JSON.stringify(draft));
  } catch {
    deviceStorage.remove(key);
  }
}
