import {
  correctionFrom,
  engineRequest,
  type Correction,
  type Diagnosis,
  type EngineQuestion,
  type Estimate,
  type NextBest,
  type Observed,
} from '@proper-swing/core/doors';
import { keepPreviousData, queryOptions, skipToken, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { ENGINE_KEY } from '../offline/queryClient';
import type { CheckedAnswer } from './checkedAnswer';
import { runChecked, runInSteps, runInWorker } from './engine';

const KEEP_COMPUTED_MS = 60_000;

/**
 * One run of an engine function, as a query: the same request is not computed twice. The request stands in the key as
 * text, written once: sorting and hashing a whole walk-round at every look into the cache would be felt.
 */
function engineQuery<T>(name: string, request: unknown) {
  return queryOptions({
    queryKey: [ENGINE_KEY, name, JSON.stringify(request)],
    queryFn: () => runInWorker<T>(name, request),
    networkMode: 'always',
    staleTime: Infinity,
    gcTime: KEEP_COMPUTED_MS,
    retry: false,
  });
}

/** The answer of a calculation to what was typed; the last one stays until the next is there, and is told by `isLast`. Nothing is asked without a request. */
export function useSheetAnswer(name: string, request: object | undefined): { answer: CheckedAnswer | undefined; isLast: boolean } {
  const text = request === undefined ? undefined : JSON.stringify(request);
  const { data, isPlaceholderData } = useQuery({
    queryKey: [ENGINE_KEY, 'checked', name, text],
    queryFn: text === undefined ? skipToken : () => runChecked(name, JSON.parse(text)),
    networkMode: 'always',
    staleTime: Infinity,
    gcTime: KEEP_COMPUTED_MS,
    retry: false,
    placeholderData: keepPreviousData,
  });
  return { answer: data, isLast: isPlaceholderData };
}

/** What a function of the engine answers of a door, whatever its kind. */
function askedOf<T>(question: EngineQuestion, observed: Observed) {
  const { name, request } = engineRequest(observed, question);
  return engineQuery<T>(name, request);
}

const diagnosisQuery = (observed: Observed) => askedOf<Diagnosis>('diagnose', observed);

const estimateQuery = (observed: Observed) => askedOf<Estimate>('estimate', observed);

/** The estimate of what was observed; the last one stays until the next is there. */
export function useEstimate(observed: Observed): Estimate | undefined {
  const query = useMemo(() => estimateQuery(observed), [observed]);
  return useQuery({ ...query, placeholderData: keepPreviousData }).data;
}

/** The diagnosis of what was observed; the last one stays until the next is there. */
export function useDiagnosis(observed: Observed): Diagnosis | undefined {
  const query = useMemo(() => diagnosisQuery(observed), [observed]);
  return useQuery({ ...query, placeholderData: keepPreviousData }).data;
}

/** Begins an estimate that `useEstimate` is about to ask for; resolves when it is there, or when there will be none. */
export async function computeEstimate(client: QueryClient, observed: Observed): Promise<void> {
  await client.query(estimateQuery(observed)).catch(() => undefined);
}

/** What to read next, once the diagnosis is on the screen; the last advice stays until the next is there. */
export function useNextBest(observed: Observed): NextBest | undefined {
  const query = useMemo(() => askedOf<NextBest>('next', observed), [observed]);
  return useQuery({ ...query, placeholderData: keepPreviousData }).data;
}

/** A plan that is being searched, or is there. */
export interface Planning {
  /** The last one stays until the next is there. */
  correction: Correction | undefined;
  /** It is one to begin with, and may change: not all ways have been tried. */
  isFirst: boolean;
  /** Share of the search that is done, 0 to 1, while one is under way. */
  progress: number | undefined;
  /** The search was stopped before it gave a plan for what is known now. */
  isStopped: boolean;
  /** What went wrong in the search, where it ended by itself without a plan. */
  fault: string | undefined;
  stop: () => void;
  again: () => void;
}

/** A plan before all of it is worked out. */
interface PlanSoFar {
  correction: Correction;
  /** Nothing of its work changes any more. */
  stands: boolean;
}

/** The correction for what was observed. Left behind by a new reading, a search stops. */
export function usePlan(observed: Observed): Planning {
  const client = useQueryClient();
  const [query, progressKey, soFarKey] = useMemo(() => {
    const { name, request } = engineRequest(observed, 'plan');
    const of = engineQuery<Correction>(name, request);
    const progressOf = [...of.queryKey, 'progress'];
    const soFarOf = [...of.queryKey, 'so far'];
    return [
      {
        ...of,
        queryFn: ({ signal }: { signal: AbortSignal }) =>
          runInSteps<unknown>(
            name,
            request,
            signal,
            (share) => client.setQueryData(progressOf, share),
            (told, stands) => client.setQueryData(soFarOf, { correction: correctionFrom(observed.door, told), stands }),
          ).then((told) => correctionFrom(observed.door, told)),
      },
      progressOf,
      soFarOf,
    ] as const;
  }, [observed, client]);
  const { data, error, isFetching, isPlaceholderData, refetch } = useQuery({ ...query, placeholderData: keepPreviousData });
  const { data: progress = 0 } = useQuery<number>({ queryKey: progressKey, queryFn: skipToken, gcTime: KEEP_COMPUTED_MS });
  const { data: soFar } = useQuery<PlanSoFar>({ queryKey: soFarKey, queryFn: skipToken, gcTime: KEEP_COMPUTED_MS });
  // The last plan is of a door that was known less well; what there is so far is of this.
  const isSoFar = soFar !== undefined && (data === undefined || isPlaceholderData);
  return {
    correction: isSoFar ? soFar.correction : data,
    isFirst: isSoFar && !soFar.stands,
    progress: isFetching ? progress : undefined,
    isStopped: !isFetching && error === null && (data === undefined || isPlaceholderData) && soFar?.stands !== true,
    fault: isFetching ? undefined : error?.message,
    stop: () => void client.cancelQueries({ queryKey: query.queryKey, exact: true }),
    again: () => void refetch(),
  };
}
