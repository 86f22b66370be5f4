import { workGroup, type ActionId } from '@proper-swing/core/doors';
import { deviceStorage, keptJson } from '../../offline/storage';

const KEY = 'swing.recentWork';
const MOST_KEPT = 4;

/** What was written down last on this device, newest first. */
export function recentWork(): ActionId[] {
  const kept = keptJson(KEY);
  return Array.isArray(kept) ? (kept as ActionId[]).filter((id) => workGroup(id) !== undefined).slice(0, MOST_KEPT) : [];
}

/** Puts a piece of work first. A full device remembers nothing of it, and nobody is told: it is a convenience. */
export function rememberWork(id: ActionId): void {
  try {
    deviceStorage.set(KEY, JSON.stringify([id, ...recentWork().filter((each) => each !== id)].slice(0, MOST_KEPT)));
  } catch {
    deviceStorage.remove(KEY);
  }
}
