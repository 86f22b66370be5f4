import { PATHS, type CallSummary, type Door, type DoorHistory, type Page, type Site } from '@proper-swing/contract';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { addDays } from 'date-fns/addDays';
import { startOfDay } from 'date-fns/startOfDay';
import { useMemo } from 'react';
import { callApi } from './api';
import { KEYS } from './keys';
import { useOutbox } from './useOutbox';

const DAYS_BACK = 21;
const DAYS_AHEAD = 21;
const LARGEST_PAGE = 200;

/** Calls from three weeks ago to three weeks ahead, with those not yet confirmed. */
export function useCallSummaries(): { items: CallSummary[]; isLoading: boolean } {
  const waiting = useOutbox();
  const today = startOfDay(new Date()).getTime();
  const from = addDays(today, -DAYS_BACK).toISOString();
  const to = addDays(today, DAYS_AHEAD).toISOString();
  const { data, isLoading } = useQuery({
    queryKey: KEYS.summaries(from, to),
    queryFn: () => everyPage<CallSummary>(`${PATHS.callSummaries}?from=${from}&to=${to}`),
    placeholderData: keepPreviousData,
    refetchOnMount: 'always',
  });
  const items = useMemo(() => {
    const told = data?.items ?? [];
    const doors = [...told.map(({ door }) => door), ...waiting.flatMap((w) => (w.kind === 'doors' ? [w.body as Door] : []))];
    const sites = [...told.map(({ site }) => site), ...waiting.flatMap((w) => (w.kind === 'sites' ? [w.body as Site] : []))];
    return waiting.reduce((list, { kind, body }) => {
      if (kind !== 'calls') return list;
      const call = body as CallSummary['call'];
      const there = list.find((summary) => summary.call.id === call.id);
      if (there) return list.map((summary) => (summary === there && call.revision > there.call.revision ? { ...there, call } : summary));
      const door = doors.find(({ id }) => id === call.doorId);
      const site = sites.find(({ id }) => id === door?.siteId);
      return door && site ? [...list, { call, door, site, readingCount: 0, adjustmentCount: 0 }] : list;
    }, told);
  }, [data, waiting]);
  return { items, isLoading };
}

export function useSites(): Site[] {
  const waiting = useOutbox();
  const { data } = useQuery({ queryKey: KEYS.sites, queryFn: () => everyPage<Site>(PATHS.list('sites')) });
  return useMemo(
    () =>
      withWaiting(
        data?.items ?? [],
        waiting.flatMap((w) => (w.kind === 'sites' ? [w.body as Site] : [])),
      ),
    [data, waiting],
  );
}

export function useDoors(siteId: string | undefined): Door[] {
  const waiting = useOutbox();
  const { data } = useQuery({
    queryKey: KEYS.doors(siteId ?? ''),
    queryFn: () => everyPage<Door>(`${PATHS.list('doors')}?siteId=${siteId ?? ''}`),
    enabled: siteId !== undefined,
  });
  return useMemo(() => {
    const mine = waiting.flatMap((w) => (w.kind === 'doors' ? [w.body as Door] : [])).filter((door) => door.siteId === siteId);
    return withWaiting(siteId === undefined ? [] : (data?.items ?? []), mine);
  }, [data, siteId, waiting]);
}

export function useDoorHistory(doorId: string): { history: DoorHistory | undefined; isLoading: boolean } {
  const { data, isLoading } = useQuery({
    queryKey: KEYS.doorHistory(doorId),
    queryFn: () => callApi<DoorHistory>(PATHS.doorHistory(doorId)),
  });
  return { history: data, isLoading };
}

function withWaiting<T extends { id: string }>(kept: readonly T[], waiting: readonly T[]): T[] {
  return [...kept.filter(({ id }) => !waiting.some((w) => w.id === id)), ...waiting];
}

async function everyPage<T>(path: string): Promise<Page<T>> {
  const items: T[] = [];
  const joint = path.includes('?') ? '&' : '?';
  let next: string | null = null;
  do {
    const cursor: string = next === null ? '' : `&cursor=${encodeURIComponent(next)}`;
    const page: Page<T> = await callApi<Page<T>>(`${path}${joint}limit=${LARGEST_PAGE}${cursor}`);
    items.push(...page.items);
    next = page.next;
  } while (next !== null);
  return { items, next };
}
