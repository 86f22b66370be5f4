import { onlineManager } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { outbox, type Outgoing } from './outbox';

/** What is laid over the kept answers, in the order it was made: writes not yet confirmed, and those just confirmed. */
export function useLaidOver(): readonly Outgoing[] {
  return useSyncExternalStore(outbox.subscribe, outbox.laidOver, outbox.laidOver);
}

/** Writes not yet confirmed, in the order they were made. */
export function useOutbox(): readonly Outgoing[] {
  return useSyncExternalStore(outbox.subscribe, outbox.waiting, outbox.waiting);
}

/** Whether the server can be reached, as far as is known. */
export function useReachable(): boolean {
  return useSyncExternalStore(
    (listener) => onlineManager.subscribe(listener),
    () => onlineManager.isOnline(),
    () => true,
  );
}
