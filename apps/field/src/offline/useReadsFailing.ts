import type { QueryCache, QueryState } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { RefusedError } from './api';
import { queryClient } from './queryClient';

/** Whether something that is shown was asked for in vain, the last time: what stands there may not be all. */
export function useReadsFailing(): boolean {
  const cache = queryClient.getQueryCache();
  return useSyncExternalStore(
    (listener) => cache.subscribe(listener),
    () => isFailing(cache),
    () => false,
  );
}

const isFailing = (cache: QueryCache): boolean => cache.getAll().some((query) => query.isActive() && hasFailed(query.state));

/** While it is asked for once more, what failed has failed still. */
function hasFailed({ status, error, dataUpdatedAt, errorUpdateCount }: QueryState): boolean {
  if (error instanceof RefusedError) return false;
  return status === 'error' || (dataUpdatedAt === 0 && errorUpdateCount > 0);
}
