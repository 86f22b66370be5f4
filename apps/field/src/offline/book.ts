import {
  PATHS,
  SEARCHED,
  type DoorSummary,
  type Page,
  type SearchHit,
  type SearchResults,
  type SiteHistory,
  type SiteSummary,
} from '@proper-swing/contract';
import { keepPreviousData, useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { callApi } from './api';
import { KEYS } from './keys';
import { paged } from './paged';
import { hitKey, searchKept, siteKept, wordsOf } from './searchKept';
import { useLaidOver, useReachable } from './useOutbox';

export interface Found {
  hits: SearchHit[];
  /** Asked everywhere; the server is still being asked; or only this device could be asked. */
  from: 'everywhere' | 'asking' | 'device';
}

/** What holds every word: found on this device at once, and by the server as soon as it answers. */
export function useSearch(q: string): Found {
  const client = useQueryClient();
  const waiting = useLaidOver();
  const isReachable = useReachable();
  const sought = wordsOf(q).join(' ');
  const { data, isError, isPlaceholderData } = useQuery({
    queryKey: KEYS.search(sought),
    queryFn: () => callApi<SearchResults>(`${PATHS.search}?q=${encodeURIComponent(sought)}`),
    enabled: sought !== '',
    placeholderData: keepPreviousData,
    retry: false,
  });
  const kept = useMemo(() => searchKept(client, waiting, sought), [client, waiting, sought]);
  const isTold = data !== undefined && !isPlaceholderData && !isError;
  const hits = useMemo(() => {
    const told = isTold ? data.hits : [];
    const known = new Set(kept.map(hitKey));
    // What is kept here may be newer than what the server tells.
    return sortedHits([...kept, ...told.filter((hit) => !known.has(hitKey(hit)))]);
  }, [data, isTold, kept]);
  return { hits, from: isTold ? 'everywhere' : isError || !isReachable ? 'device' : 'asking' };
}

/** Sites, doors, calls, notes; calls the last first. */
const sortedHits = (hits: readonly SearchHit[]): SearchHit[] =>
  [...hits].sort(
    (a, b) =>
      SEARCHED.indexOf(a.kind) - SEARCHED.indexOf(b.kind) ||
      (b.call?.scheduledFor ?? '').localeCompare(a.call?.scheduledFor ?? '') ||
      a.site.name.localeCompare(b.site.name),
  );

export interface BookList<T> {
  items: T[];
  state: 'here' | 'asking' | 'failed';
  fetchMore?: () => void;
}

/** A list of the book, a page at a time, sorted and filtered by the server. */
function useBookList<T>(of: 'sites' | 'doors', path: string, q: string, sort: string): BookList<T> {
  const { data, isError, isPaused, hasNextPage, fetchNextPage } = useInfiniteQuery({
    queryKey: KEYS.book(of, q, sort),
    ...paged<Page<T>>(`${path}?q=${encodeURIComponent(q)}&sort=${sort}`),
    placeholderData: keepPreviousData,
  });
  const items = useMemo(() => data?.pages.flatMap((page) => page.items) ?? [], [data]);
  const state = isError || (isPaused && data === undefined) ? 'failed' : data === undefined ? 'asking' : 'here';
  return { items, state, ...(hasNextPage && { fetchMore: () => void fetchNextPage() }) };
}

export const useSiteList = (q: string, sort: string) => useBookList<SiteSummary>('sites', PATHS.siteSummaries, q, sort);
export const useDoorList = (q: string, sort: string) => useBookList<DoorSummary>('doors', PATHS.doorSummaries, q, sort);

export interface SiteHistoryState {
  history: SiteHistory | undefined;
  isAsking: boolean;
  /** The server has not told: it is what is kept on this device alone. */
  isKeptOnly: boolean;
  fetchOlder?: () => void;
}

/** A site with its doors, and its calls a page at a time. */
export function useSiteHistory(siteId: string): SiteHistoryState {
  const { data, isLoading, isPaused, hasNextPage, fetchNextPage } = useInfiniteQuery({
    queryKey: KEYS.siteHistory(siteId),
    ...paged<SiteHistory>(PATHS.siteHistory(siteId)),
  });
  const client = useQueryClient();
  const waiting = useLaidOver();
  const told = useMemo(() => {
    const [first] = data?.pages ?? [];
    return first && { ...first, calls: data?.pages.flatMap(({ calls }) => calls) ?? [] };
  }, [data]);
  const isAsking = isLoading && !isPaused;
  const history = useMemo(
    () => told ?? (isAsking ? undefined : siteKept(client, waiting, siteId)),
    [told, isAsking, client, waiting, siteId],
  );
  return {
    history,
    isAsking,
    isKeptOnly: told === undefined && history !== undefined,
    ...(hasNextPage && { fetchOlder: () => void fetchNextPage() }),
  };
}
