import { MOST_FOUND, SEARCHED, type SearchHit, type SearchResults } from '@proper-swing/contract';
import type { EntityManager } from 'typeorm';
import { rowsById } from './readRows';

export type Searched = SearchHit['kind'];

/** No more words are looked for, and no more of each. */
const MOST_WORDS = 8;
const LONGEST_WORD = 40;

/**
 * What SQLite's full-text search is asked: every word, or one that begins with it. Whatever is no letter or figure parts words, so that nothing
 * that is typed is an operator.
 *
 * @returns nothing where there is no word to look for
 */
export function matchOf(kind: Searched, q: string): string | undefined {
  const words = q.match(/[\p{L}\p{N}\p{M}]+/gu)?.slice(0, MOST_WORDS) ?? [];
  if (words.length === 0) return undefined;
  return [`kind : ${kind}`, ...words.map((word) => `words : "${word.slice(0, LONGEST_WORD)}" *`)].join(' AND ');
}

/** In SQL: the ids of what matches. */
export const MATCHING = `SELECT "id" FROM "search_doc" WHERE "n" IN (SELECT rowid FROM "search_words" WHERE "search_words" MATCH ?)`;

const NEWEST_MATCHING = `
  SELECT doc."id" FROM (SELECT rowid AS n FROM "search_words" WHERE "search_words" MATCH ? ORDER BY rowid DESC LIMIT ?) found
  JOIN "search_doc" doc ON doc."n" = found.n ORDER BY found.n DESC`;

/** What holds all the words, of each kind the newest, with the cards it belongs to. */
export async function searchFor(manager: EntityManager, q: string): Promise<SearchResults> {
  const [siteIds, doorIds, callIds, noteIds] = await Promise.all(SEARCHED.map((kind) => newest(manager, kind, q)));
  const notes = await rowsById(manager, 'notes', noteIds ?? []);
  const calls = await rowsById(manager, 'calls', [...(callIds ?? []), ...[...notes.values()].map(({ callId }) => callId)]);
  const doors = await rowsById(manager, 'doors', [...(doorIds ?? []), ...[...calls.values()].map(({ doorId }) => doorId)]);
  const sites = await rowsById(manager, 'sites', [...(siteIds ?? []), ...[...doors.values()].map(({ siteId }) => siteId)]);

  type Ways = Pick<SearchHit, 'kind' | 'call' | 'note'>;
  const ofSite = (id: string | undefined, hit: Ways & Pick<SearchHit, 'door'>): SearchHit[] => {
    const site = sites.get(id ?? '');
    return site === undefined ? [] : [{ ...hit, site }];
  };
  const ofDoor = (id: string | undefined, hit: Ways): SearchHit[] => {
    const door = doors.get(id ?? '');
    return door === undefined ? [] : ofSite(door.siteId, { ...hit, door });
  };
  const ofCall = (id: string | undefined, hit: Ways): SearchHit[] => {
    const call = calls.get(id ?? '');
    return call === undefined ? [] : ofDoor(call.doorId, { ...hit, call });
  };
  const hits = [
    ...(siteIds ?? []).flatMap((id) => ofSite(id, { kind: 'sites' })),
    ...(doorIds ?? []).flatMap((id) => ofDoor(id, { kind: 'doors' })),
    ...(callIds ?? []).flatMap((id) => ofCall(id, { kind: 'calls' })),
    ...(noteIds ?? []).flatMap((id) => {
      const note = notes.get(id);
      return note === undefined ? [] : ofCall(note.callId, { kind: 'notes', note });
    }),
  ];
  return { hits };
}

async function newest(manager: EntityManager, kind: Searched, q: string): Promise<string[]> {
  const match = matchOf(kind, q);
  if (match === undefined) return [];
  return (await manager.query<{ id: string }[]>(NEWEST_MATCHING, [match, MOST_FOUND])).map(({ id }) => id);
}
