import { useQueryClient, type QueryCache } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { UnreachableError } from './api';

/** Whether something that is shown was asked for in vain, the last time: what stands there may not be all. */
export function useReadsFailing(): boolean {
  const cache = useQueryClient().getQueryCache();
  return useSyncExternalStore(
    (listener) => cache.subscribe(listener),
    () => isFailing(cache),
    () => false,
  );
}

function isFailing(cache: QueryCache): boolean {
  return cache
    .getAll()
    .some((query) => query.isActive() && query.state.status === 'error' && query.state.error instanceof UnreachableError);
}
