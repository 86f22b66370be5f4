import type { QueryCache, QueryState } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { RefusedError } from './api';
import { queryClient } from './queryClient';

/** Whether something that is shown was asked for in vain, the last time: what stands there may not be all. */
export function useReadsFailing(): boolean {
  const cache = queryClient.getQueryCache();
  return useSyncExternalStore(
    // Of what is not shown nothing changes here: many answers may come at once.
    (listener) => cache.subscribe(({ query, type }) => (query.isActive() || type === 'observerRemoved') && listener()),
    () => isFailing(cache),
    () => false,
  );
}

const isFailing = (cache: QueryCache): boolean =>
  cache.getAll().some((query) => query.isActive() && !(query.state.error instanceof RefusedError) && hasFailedStill(query.state));

/** Whether something was asked for in vain, the last time: while it is asked for once more, it still has been. */
export function hasFailedStill({
  status,
  dataUpdatedAt,
  errorUpdateCount,
}: Pick<QueryState, 'status' | 'dataUpdatedAt' | 'errorUpdateCount'>): boolean {
  return status === 'error' || (dataUpdatedAt === 0 && errorUpdateCount > 0);
}
