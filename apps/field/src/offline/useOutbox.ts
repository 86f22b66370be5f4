import { onlineManager } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { outbox, type Outgoing } from './outbox';

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
