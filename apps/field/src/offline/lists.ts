import {
  LARGEST_PAGE,
  PATHS,
  type CallRecord,
  type CallSummary,
  type Door,
  type DoorHistory,
  type Page,
  type Site,
} from '@proper-swing/contract';
import { keepPreviousData, useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/react-query';
import { addDays } from 'date-fns/addDays';
import { startOfDay } from 'date-fns/startOfDay';
import { useMemo } from 'react';
import { callApi } from './api';
import { historyWith, summariesWith, waitingOf, withWaiting } from './overlay';
import { KEYS } from './keys';
import { paged, withCursor } from './paged';
import { startedHere } from './startedHere';
import { useLaidOver, useReachable } from './useOutbox';
import { hasFailedStill } from './useReadsFailing';

/** A list that could not be had is asked for again after this, ms. */
const FAILED_AGAIN_MS = 5000;

/** A server that fails is asked again; one that is gone is waited for. */
const ASKED_AGAIN = {
  refetchInterval: ({ state: { status } }: { state: { status: string } }) => (status === 'error' ? FAILED_AGAIN_MS : false),
} as const;
const DAYS_BACK = 21;
const DAYS_AHEAD = 21;

/** How far a list of the server's is to be believed. */
export interface InStep {
  /** When it was last fetched; nothing when it never was. */
  at?: Date;
  /** Fetched now or as new as can be; being asked for; or the server could not be asked. */
  state: 'here' | 'asking' | 'failed';
}

/** Calls from three weeks ago to three weeks ahead and every one still open, with those not yet confirmed. */
export function useCallSummaries(): { items: CallSummary[]; inStep: InStep } {
  const waiting = useLaidOver();
  const today = startOfDay(new Date()).getTime();
  const from = addDays(today, -DAYS_BACK).toISOString();
  const to = addDays(today, DAYS_AHEAD).toISOString();
  const isReachable = useReachable();
  const { data, isPaused, status, dataUpdatedAt, errorUpdateCount } = useQuery({
    queryKey: KEYS.summaries(from, to),
    queryFn: () => everyPage<CallSummary>(`${PATHS.callSummaries}?from=${from}&to=${to}&open=yes`),
    placeholderData: keepPreviousData,
    refetchOnMount: 'always',
    ...ASKED_AGAIN,
  });
  const client = useQueryClient();
  const items = useMemo(() => {
    const told = data?.items ?? [];
    const unlisted = new Set(waitingOf(waiting, 'calls').map(({ id }) => id));
    for (const { call } of told) unlisted.delete(call.id);
    // Begun here, maybe on a door that no list of calls tells of.
    const begun = [...unlisted].flatMap((id) => {
      const record = startedHere(client, waiting, id);
      return record === undefined ? [] : [{ ...cardsOf(record), readingCount: 0, adjustmentCount: 0 }];
    });
    return summariesWith([...told, ...begun], waiting);
  }, [client, data, waiting]);
  const failed = isPaused || !isReachable || hasFailedStill({ status, dataUpdatedAt, errorUpdateCount });
  const state = failed ? 'failed' : data === undefined ? 'asking' : 'here';
  return { items, inStep: { state, ...(dataUpdatedAt > 0 && { at: new Date(dataUpdatedAt) }) } };
}

const cardsOf = ({ call, door, site }: CallRecord) => ({ call, door, site });

export function useSites(): Site[] {
  const waiting = useLaidOver();
  const { data } = useQuery({ queryKey: KEYS.sites, queryFn: () => everyPage<Site>(PATHS.list('sites')), ...ASKED_AGAIN });
  return useMemo(() => withWaiting(data?.items ?? [], waitingOf(waiting, 'sites')), [data, waiting]);
}

export function useDoors(siteId: string | undefined): Door[] {
  const waiting = useLaidOver();
  const { data } = useQuery({
    queryKey: KEYS.doors(siteId ?? ''),
    queryFn: () => everyPage<Door>(`${PATHS.list('doors')}?siteId=${siteId ?? ''}`),
    ...ASKED_AGAIN,
    enabled: siteId !== undefined,
  });
  return useMemo(() => {
    const mine = waitingOf(waiting, 'doors').filter((door) => door.siteId === siteId);
    return withWaiting(siteId === undefined ? [] : (data?.items ?? []), mine);
  }, [data, siteId, waiting]);
}

export interface DoorHistoryState {
  history: DoorHistory | undefined;
  isLoading: boolean;
  /** Fetches older calls; absent when all are here. */
  fetchOlder?: () => void;
}

/** The calls of a door as the server has them and as they wait here, newest first, a page at a time. */
export function useDoorHistory(doorId: string): DoorHistoryState {
  const waiting = useLaidOver();
  const { data, isLoading, hasNextPage, fetchNextPage } = useInfiniteQuery({
    queryKey: KEYS.doorHistory(doorId),
    ...paged<DoorHistory>(PATHS.doorHistory(doorId)),
  });
  const history = useMemo(() => {
    const [first] = data?.pages ?? [];
    const told = first && { ...first, calls: data?.pages.flatMap(({ calls }) => calls) ?? [] };
    return told && historyWith(told, waiting);
  }, [data, waiting]);
  return { history, isLoading, ...(hasNextPage && { fetchOlder: () => void fetchNextPage() }) };
}

async function everyPage<T>(path: string): Promise<Page<T>> {
  const items: T[] = [];
  const joint = path.includes('?') ? '&' : '?';
  let next: string | null = '';
  do {
    const page: Page<T> = await callApi<Page<T>>(withCursor(`${path}${joint}limit=${LARGEST_PAGE}`, next));
    items.push(...page.items);
    next = page.next;
  } while (next !== null);
  return { items, next };
}
