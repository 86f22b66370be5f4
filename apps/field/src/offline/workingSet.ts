import { PATHS, type CallRecord, type DoorHistory, type Page, type Site, type WorkingSet } from '@proper-swing/contract';
import { useQuery, useQueryClient, type InfiniteData, type QueryClient, type QueryKey } from '@tanstack/react-query';
import { addDays } from 'date-fns/addDays';
import { startOfDay } from 'date-fns/startOfDay';
import { callApi } from './api';
import { askedWhileWriting } from './confirmed';
import { KEYS } from './keys';

/** What is at hand is fetched anew when the list of calls is looked at after so long, ms. */
const GOOD_FOR_MS = 10 * 60 * 1000;
/** Today and tomorrow. */
const DAYS = 2;

/** Keeps on the device what the calls of today, tomorrow and those still open need, so that any of them opens without a network. */
export function useWorkingSet(): void {
  const client = useQueryClient();
  const today = startOfDay(new Date()).getTime();
  const from = new Date(today).toISOString();
  const to = addDays(today, DAYS).toISOString();
  useQuery({ queryKey: KEYS.workingSet(from, to), queryFn: () => fetchWorkingSet(client, from, to), staleTime: GOOD_FOR_MS });
}

/** @returns how many calls are at hand */
export async function fetchWorkingSet(
  client: QueryClient,
  from: string,
  to: string,
  fetchTold: typeof callApi<WorkingSet> = callApi,
): Promise<number> {
  const askedAt = Date.now();
  const { told, broughtUp } = await askedWhileWriting(() => fetchTold(`${PATHS.workingSet}?from=${from}&to=${to}`));
  /** What has been fetched by itself since then is newer. */
  const keep = <T>(queryKey: QueryKey, value: T) => {
    if ((client.getQueryState(queryKey)?.dataUpdatedAt ?? 0) < askedAt) client.setQueryData<T>(queryKey, value, { updatedAt: askedAt });
  };
  const histories = told.histories.map((history) => ({ ...history, calls: history.calls.map(broughtUp) }));
  for (const history of histories) {
    for (const record of history.calls) keep<CallRecord>(KEYS.callRecord(record.call.id), record);
    const key = KEYS.doorHistory(history.door.id);
    // Older visits that somebody has looked at stay.
    const isLonger = (client.getQueryData<InfiniteData<DoorHistory>>(key)?.pages.length ?? 0) > 1;
    if (!isLonger) keep<InfiniteData<DoorHistory>>(key, { pages: [history], pageParams: [''] });
  }
  keep<Page<Site>>(KEYS.sites, { items: told.sites, next: null });
  return histories.reduce((sum, { calls }) => sum + calls.length, 0);
}
