import {
  mergeRecord,
  type CallRecord,
  type CallSummary,
  type Door,
  type DoorHistory,
  type Page,
  type RecordKind,
  type Site,
} from '@proper-swing/contract';
import type { InfiniteData, QueryClient } from '@tanstack/react-query';
import { KEYS } from './keys';
import type { Outgoing } from './outbox';
import { historyWith, summariesWith, withWaiting } from './overlay';
import { startedHere } from './startedHere';

/** Lists that tell of a kind of card, which are fetched anew when one is confirmed. */
const LISTS = [KEYS.anySummaries, KEYS.sites, KEYS.anyDoors, KEYS.anyDoorHistory, KEYS.anySiteHistory, KEYS.anyBook];
const LISTED: ReadonlySet<RecordKind> = new Set(['calls', 'doors', 'sites']);

/** Puts what the server confirmed into the answers kept here, so that nothing flickers, or is missing without a network, until they are fetched again. */
export function absorb(client: QueryClient, laidOver: readonly Outgoing[], outgoing: Outgoing): void {
  const { kind, body } = outgoing;
  if (kind === 'calls' && client.getQueryData(KEYS.callRecord(body.id)) === undefined) {
    client.setQueryData(KEYS.callRecord(body.id), startedHere(client, laidOver, body.id));
  }
  client.setQueriesData<CallRecord>({ queryKey: KEYS.anyCallRecord }, (record) => record && mergeRecord(record, kind, body));
  if (!LISTED.has(kind)) return;
  absorbInLists(client, laidOver, outgoing);
  for (const queryKey of LISTS) void client.invalidateQueries({ queryKey });
}

function absorbInLists(client: QueryClient, laidOver: readonly Outgoing[], outgoing: Outgoing): void {
  const { kind, body } = outgoing;
  const withNewer = <T extends { id: string; revision: number }>(page: Page<T> | undefined) =>
    page && isNewer(page.items, body as T) ? { ...page, items: withWaiting(page.items, [body as T]) } : page;
  if (kind === 'sites') client.setQueryData<Page<Site>>(KEYS.sites, withNewer);
  if (kind === 'doors') client.setQueryData<Page<Door>>(KEYS.doors((body as Door).siteId), withNewer);
  if (kind === 'calls') {
    // It is listed with the cards it names, which may wait as well.
    const cards = laidOver.filter((each) => each.kind === 'sites' || each.kind === 'doors');
    client.setQueriesData<Page<CallSummary>>(
      { queryKey: KEYS.anySummaries },
      (page) => page && { ...page, items: summariesWith(page.items, [...cards, outgoing]) },
    );
  }
  client.setQueriesData<InfiniteData<DoorHistory>>(
    { queryKey: KEYS.anyDoorHistory },
    (history) => history && { ...history, pages: history.pages.map((page, at) => (at === 0 ? historyWith(page, [outgoing]) : page)) },
  );
}

const isNewer = <T extends { id: string; revision: number }>(items: readonly T[], card: T): boolean =>
  (items.find(({ id }) => id === card.id)?.revision ?? 0) < card.revision;
