import { v7 } from 'uuid';
import { deviceStorage } from './storage';

const KEY = 'swing.device';

/** A name of this device that no other has, made when it is first asked for. */
export function deviceId(): string {
  const kept = deviceStorage.get(KEY);
  if (kept !== null) return kept;
  const made = v7();
  try {
    deviceStorage.set(KEY, made);
  } catch {
    // A full device still has a name, if only until it is closed.
  }
  return made;
}
