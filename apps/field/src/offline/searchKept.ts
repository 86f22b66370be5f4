import {
  isOpenState,
  standing,
  type CallRecord,
  type Door,
  type Page,
  type SearchHit,
  type Site,
  type SiteHistory,
} from '@proper-swing/contract';
import type { QueryClient } from '@tanstack/react-query';
import { KEYS } from './keys';
import type { Outgoing } from './outbox';
import { waitingOf } from './overlay';
import { keptHistories, listedCalls } from './startedHere';

/** Words as they are compared: without capitals and accents, parted by whatever is no letter or figure, as the server does. */
export function wordsOf(text: string): string[] {
  const plain = text
    .normalize('NFD')
    .replace(/\p{M}+/gu, '')
    .toLowerCase();
  return plain.match(/[\p{L}\p{N}]+/gu) ?? [];
}

/** Whether every word asked for begins one of those there are. */
export function holdsWords(asked: readonly string[], texts: readonly string[]): boolean {
  const there = wordsOf(texts.join(' '));
  return asked.length > 0 && asked.every((word) => there.some((each) => each.startsWith(word)));
}

/** The cards and notes that are kept on this device, or wait here, each in its newest revision, by their ids. */
export function keptCards(client: QueryClient, waiting: readonly Outgoing[]) {
  const summaries = listedCalls(client);
  const records = client.getQueriesData<CallRecord>({ queryKey: KEYS.anyCallRecord }).flatMap(([, record]) => record ?? []);
  const histories = keptHistories(client);
  const told = [...summaries, ...records, ...histories];
  return {
    sites: byId([
      ...(client.getQueryData<Page<Site>>(KEYS.sites)?.items ?? []),
      ...told.map(({ site }) => site),
      ...waitingOf(waiting, 'sites'),
    ]),
    doors: byId([...told.map(({ door }) => door), ...waitingOf(waiting, 'doors')]),
    calls: byId([
      ...[...summaries, ...records].map(({ call }) => call),
      ...histories.flatMap((history) => history.calls.map(({ call }) => call)),
      ...waitingOf(waiting, 'calls'),
    ]),
    notes: byId([
      ...records.flatMap((record) => standing(record.notes)),
      ...waitingOf(waiting, 'notes').map((note) => ({ revision: 1, ...note })),
    ]),
  };
}

/** What is kept here of a site and its visits, newest first, for when the server cannot tell; nothing where not even its card is. */
export function siteKept(client: QueryClient, waiting: readonly Outgoing[], siteId: string): SiteHistory | undefined {
  const { sites, doors, calls } = keptCards(client, waiting);
  const site = sites.get(siteId);
  if (site === undefined) return undefined;
  const own = [...doors.values()].filter((door) => door.siteId === siteId).sort((a, b) => a.title.localeCompare(b.title));
  const visits = [...calls.values()].sort((a, b) => b.scheduledFor.localeCompare(a.scheduledFor));
  const of = (door: Door) => visits.filter(({ doorId }) => doorId === door.id);
  return {
    site,
    doors: own.map((door) => ({
      ...{ door, site, callCount: of(door).length, openCount: of(door).filter(({ state }) => isOpenState(state)).length },
      lastCall: of(door).find(({ state }) => state !== 'cancelled')?.scheduledFor ?? null,
    })),
    calls: visits.flatMap((call) => {
      const door = own.find(({ id }) => id === call.doorId);
      return door === undefined ? [] : [{ call, door, site, readingCount: 0, adjustmentCount: 0 }];
    }),
    next: null,
  };
}

/** What is kept on this device or waits here and holds the words: the same as the server finds, of what is at hand. */
export function searchKept(client: QueryClient, waiting: readonly Outgoing[], q: string): SearchHit[] {
  const asked = wordsOf(q);
  const { sites, doors, calls, notes } = keptCards(client, waiting);
  const ofDoor = (doorId: string) => {
    const door = doors.get(doorId);
    const site = sites.get(door?.siteId ?? '');
    return door && site && { door, site };
  };
  const ofCall = (callId: string) => {
    const call = calls.get(callId);
    const cards = call && ofDoor(call.doorId);
    return cards && { ...cards, call };
  };
  return [
    ...[...sites.values()].flatMap((site): SearchHit[] =>
      holdsWords(asked, [site.name, site.address, site.contact, site.remarks]) ? [{ kind: 'sites', site }] : [],
    ),
    ...[...doors.keys()].flatMap((id): SearchHit[] => {
      const cards = ofDoor(id);
      return cards && holdsWords(asked, [cards.door.title, cards.site.name, cards.site.address]) ? [{ kind: 'doors', ...cards }] : [];
    }),
    ...[...calls.keys()].flatMap((id): SearchHit[] => {
      const cards = ofCall(id);
      return cards && holdsWords(asked, [cards.call.complaint, cards.call.leftBecause ?? '', cards.door.title, cards.site.name])
        ? [{ kind: 'calls', ...cards }]
        : [];
    }),
    ...[...notes.values()].flatMap((note): SearchHit[] => {
      const cards = ofCall(note.callId);
      return cards && holdsWords(asked, [note.text, cards.door.title, cards.site.name]) ? [{ kind: 'notes', ...cards, note }] : [];
    }),
  ];
}

/** One of each id: the newest revision, a later one before an earlier of the same. */
function byId<T extends { id: string; revision?: number }>(list: readonly T[]): Map<string, T> {
  const found = new Map<string, T>();
  for (const each of list) if ((each.revision ?? 1) >= (found.get(each.id)?.revision ?? 0)) found.set(each.id, each);
  return found;
}

/** The thing that was found, so that it is not told of twice. */
export const hitKey = ({ kind, site, door, call, note }: SearchHit): string =>
  `${kind} ${{ sites: site.id, doors: door?.id, calls: call?.id, notes: note?.id }[kind] ?? ''}`;
