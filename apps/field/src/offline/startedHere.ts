import {
  emptyLists,
  type Call,
  type CallRecord,
  type CallSummary,
  type Door,
  type DoorHistory,
  type Page,
  type RecordBodies,
  type RecordKind,
  type Site,
} from '@proper-swing/contract';
import type { InfiniteData, QueryClient } from '@tanstack/react-query';
import { KEYS } from './keys';
import type { Outgoing } from './outbox';

/** A call that the server has not confirmed yet, or that only a list has told of so far. */
export function startedHere(client: QueryClient, waiting: readonly Outgoing[], callId: string): CallRecord | undefined {
  const summaries = listedCalls(client);
  const told = summaries.find(({ call }) => call.id === callId);
  const histories = keptHistories(client);
  const call = written<Call>(waiting, 'calls', callId) ?? told?.call;
  if (call === undefined) return undefined;
  const keptDoors = client.getQueriesData<Page<Door>>({ queryKey: KEYS.anyDoors }).flatMap(([, page]) => page?.items ?? []);
  const door =
    written<Door>(waiting, 'doors', call.doorId) ??
    told?.door ??
    summaries.find((summary) => summary.door.id === call.doorId)?.door ??
    keptDoors.find(({ id }) => id === call.doorId) ??
    histories.find((history) => history.door.id === call.doorId)?.door;
  if (door === undefined) return undefined;
  const keptSites = client.getQueryData<Page<Site>>(KEYS.sites)?.items ?? [];
  const site =
    written<Site>(waiting, 'sites', door.siteId) ??
    told?.site ??
    summaries.find((summary) => summary.site.id === door.siteId)?.site ??
    keptSites.find(({ id }) => id === door.siteId) ??
    histories.find((history) => history.site.id === door.siteId)?.site;
  if (site === undefined) return undefined;
  return { call, door, site, ...emptyLists() };
}

/** Every call that a list has told of. */
export function listedCalls(client: QueryClient): CallSummary[] {
  return client.getQueriesData<Page<CallSummary>>({ queryKey: KEYS.anySummaries }).flatMap(([, page]) => page?.items ?? []);
}

/** Every page of a door's history that is kept. */
export function keptHistories(client: QueryClient): DoorHistory[] {
  return client.getQueriesData<InfiniteData<DoorHistory>>({ queryKey: KEYS.anyDoorHistory }).flatMap(([, history]) => history?.pages ?? []);
}

/** Cards written in this visit, so that a new call finds its new door between being sent and being listed. */
const writtenNow = new Map<string, RecordBodies[RecordKind]>();

export function rememberCard(card: Extract<RecordBodies[RecordKind], { revision: number }>): void {
  writtenNow.set(card.id, card);
}

function written<T>(waiting: readonly Outgoing[], kind: RecordKind, id: string): T | undefined {
  const unsent = waiting.filter((outgoing) => outgoing.kind === kind && outgoing.body.id === id).pop()?.body;
  return (unsent ?? writtenNow.get(id)) as T | undefined;
}
