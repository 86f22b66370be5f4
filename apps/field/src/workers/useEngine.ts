import type { Diagnosis, Plan, Observed } from '@proper-swing/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { ENGINE_KEY } from '../data/queryClient';
import { runInWorker } from './engine';

const KEEP_COMPUTED_MS = 60_000;

function useEngine<T>(name: string, request: unknown, enabled: boolean): T | undefined {
  const { data } = useQuery({
    queryKey: [ENGINE_KEY, name, request],
    queryFn: () => runInWorker<T>(name, request),
    networkMode: 'always',
    staleTime: Infinity,
    gcTime: KEEP_COMPUTED_MS,
    placeholderData: keepPreviousData,
    retry: false,
    enabled,
  });
  return data;
}

/** The diagnosis of what was observed; the last one stays until the next is there. */
export function useDiagnosis(observed: Observed | undefined): Diagnosis | undefined {
  return useEngine<Diagnosis>('hinged.diagnose', observed, observed !== undefined);
}

export function usePlan(observed: Observed | undefined): Plan | undefined {
  return useEngine<Plan>('hinged.plan', observed, observed !== undefined);
}
