import {
  MOST_DOORS_AT_HAND,
  RECORD_KINDS,
  type Call,
  type CallRecord,
  type CallSummary,
  type DoorHistory,
  type Page,
  type WorkingSet,
} from '@proper-swing/contract';
import type { DataSource } from 'typeorm';
import { writeCursor, type CallCursor } from './cursor';
import { idList, ONE_OF, readRow, readRows, rowsById, whereAll, type Condition } from './readRows';
import { IS_OPEN } from './tables';

/** Reads calls together with the door, the site and all that was written on them. */
export interface CallViews {
  /** Calls due between two moments, and those still open besides if asked for, by when they are due. */
  summaries: (options: {
    from?: string;
    to?: string;
    withOpen?: boolean;
    cursor?: CallCursor;
    limit: number;
  }) => Promise<Page<CallSummary>>;
  /** Calls of a site, newest first. */
  ofSite: (siteId: string, options: { cursor?: CallCursor; limit: number }) => Promise<Page<CallSummary>>;
  /** The doors of the calls due between two moments, or open from before, with their last calls; and every site. */
  workingSet: (options: { from?: string; to?: string }) => Promise<WorkingSet>;
  record: (callId: string) => Promise<CallRecord | undefined>;
  /** Calls of a door, newest first. */
  history: (doorId: string, options: { cursor?: CallCursor; limit: number }) => Promise<DoorHistory | undefined>;
}

/** The lists of a call's record whose entries name the call itself, and those that hang below another list. */
const LISTS = RECORD_KINDS.flatMap(({ kind, manner, inCall, parent }) =>
  manner === 'entry' && inCall !== undefined && parent !== undefined ? [{ kind, inCall, parent }] : [],
);

/**
 * Entries that stand: no later one of the same parent takes their place, and none has taken them back. The plus keeps SQLite from looking
 * through all entries of the parent, where few correct another at all.
 */
const STANDING = (name: string, parent: string) =>
  `${name}.withdrawn = 0 AND NOT EXISTS (SELECT 1 FROM "${name}" later WHERE later.supersedes = ${name}.id AND +later."${parent}" = ${name}."${parent}")`;

/** Sort before and after every instant that is written. */
const [FIRST_INSTANT, LAST_INSTANT] = ['0', '9'];

/** Of each door that is worked on so many calls are remembered, and no more are looked at. */
const LAST_CALLS = 4;
const MOST_OF_A_DOOR = 24;

/** Each part by its own index: SQLite uses none of some rows alone where there is an `OR`. */
export const DUE_OR_OPEN = `"id" IN (
  SELECT "id" FROM "call" WHERE "scheduledFor" >= ? AND "scheduledFor" < ? UNION ALL SELECT "id" FROM "call" WHERE ${IS_OPEN}
)`;

/** Doors with a call that is due between two moments, or was due before and is still open; and when the oldest of these is due. */
const WORKED_ON = `
  SELECT "doorId", MIN("scheduledFor") AS "due" FROM "call"
  WHERE "id" IN (
    SELECT "id" FROM "call" WHERE "scheduledFor" >= ? AND "scheduledFor" < ?
    UNION ALL SELECT "id" FROM "call" WHERE "scheduledFor" < ? AND ${IS_OPEN}
  )
  GROUP BY "doorId" ORDER BY "due", "doorId" LIMIT ?`;

/** The last calls of some doors, newest first. */
const LAST_OF_DOORS = `
  WHERE id IN (
    SELECT id FROM (SELECT id, ROW_NUMBER() OVER (PARTITION BY "doorId" ORDER BY "scheduledFor" DESC, id DESC) AS n FROM "call" WHERE "doorId" ${ONE_OF})
    WHERE n <= ?
  ) ORDER BY "scheduledFor" DESC, id DESC`;

/** An entry with the field that names its parent. */
type Entry = { id: string } & Record<string, unknown>;

const COUNTS = `
  SELECT c.id AS id,
    (SELECT COUNT(*) FROM "reading" reading JOIN "reading_set" s ON s.id = reading."setId"
      WHERE s."callId" = c.id AND ${STANDING('reading', 'setId')}) AS readingCount,
    (SELECT COUNT(*) FROM "adjustment" adjustment WHERE adjustment."callId" = c.id AND ${STANDING('adjustment', 'callId')}) AS adjustmentCount
  FROM "call" c WHERE c.id ${ONE_OF}`;

interface Counted {
  id: string;
  readingCount: number;
  adjustmentCount: number;
}

export function callViews(source: DataSource): CallViews {
  const { manager } = source;

  const cardsOf = async (calls: readonly Call[]) => {
    const doors = await rowsById(
      manager,
      'doors',
      calls.map(({ doorId }) => doorId),
    );
    const sites = await rowsById(
      manager,
      'sites',
      [...doors.values()].map(({ siteId }) => siteId),
    );
    return calls.flatMap((call) => {
      const door = doors.get(call.doorId);
      const site = sites.get(door?.siteId ?? '');
      return door === undefined || site === undefined ? [] : [{ call, door, site }];
    });
  };

  /** All entries below the calls, list by list, parents before children. */
  const listsOf = async (callIds: readonly string[]) => {
    const idsOf = new Map<string, readonly string[]>([['calls', callIds]]);
    const lists: ((typeof LISTS)[number] & { entries: Entry[] })[] = [];
    for (const list of LISTS) {
      const { kind, parent } = list;
      const entries = await readRows(manager, kind, `WHERE "${parent.field}" ${ONE_OF} ORDER BY "id"`, [
        idList(idsOf.get(parent.kind) ?? []),
      ]);
      idsOf.set(
        kind,
        entries.map(({ id }) => id),
      );
      lists.push({ ...list, entries: entries });
    }
    return lists;
  };

  const recordsOf = async (calls: readonly Call[]): Promise<CallRecord[]> => {
    const lists = await listsOf(calls.map(({ id }) => id));
    return (await cardsOf(calls)).map((cards) => {
      const own = new Map<string, ReadonlySet<unknown>>([['calls', new Set([cards.call.id])]]);
      const record: Record<string, unknown> = { ...cards };
      for (const { kind, inCall, parent, entries } of lists) {
        const mine = entries.filter((entry) => own.get(parent.kind)?.has(entry[parent.field]));
        own.set(kind, new Set(mine.map(({ id }) => id)));
        record[inCall] = mine;
      }
      return record as unknown as CallRecord;
    });
  };

  const countsOf = async (ids: readonly string[]): Promise<Map<string, Counted>> => {
    const rows = await manager.query<Counted[]>(COUNTS, [idList(ids)]);
    return new Map(rows.map((row) => [row.id, row]));
  };

  /** Calls for which all of this holds, by when they are due, from where a page before ended; one more than it is to hold. */
  const callsWhere = (order: 'ASC' | 'DESC', limit: number, given: readonly Condition[], cursor?: CallCursor) => {
    const asked = [...given];
    if (cursor !== undefined) {
      const { scheduledFor, id } = cursor;
      asked.push({ holds: `("scheduledFor", "id") ${order === 'ASC' ? '>' : '<'} (?, ?)`, values: [scheduledFor, id] });
    }
    const { where, values } = whereAll(asked);
    return readRows(manager, 'calls', `${where} ORDER BY "scheduledFor" ${order}, "id" ${order} LIMIT ?`, [...values, limit + 1]);
  };

  const summarised = async ({ items: calls, next }: Page<Call>): Promise<Page<CallSummary>> => {
    const counts = await countsOf(calls.map(({ id }) => id));
    const items = (await cardsOf(calls)).map((cards) => {
      const { readingCount = 0, adjustmentCount = 0 } = counts.get(cards.call.id) ?? {};
      return { ...cards, readingCount, adjustmentCount };
    });
    return { items, next };
  };

  return {
    summaries: async ({ from = FIRST_INSTANT, to = LAST_INSTANT, withOpen = false, cursor, limit }) => {
      const given = { holds: withOpen ? DUE_OR_OPEN : `("scheduledFor" >= ? AND "scheduledFor" < ?)`, values: [from, to] };
      return summarised(pageOf(await callsWhere('ASC', limit, [given], cursor), limit));
    },
    ofSite: async (siteId, { cursor, limit }) => {
      const given = { holds: `"doorId" IN (SELECT "id" FROM "door" WHERE "siteId" = ?)`, values: [siteId] };
      return summarised(pageOf(await callsWhere('DESC', limit, [given], cursor), limit));
    },
    workingSet: async ({ from = FIRST_INSTANT, to = LAST_INSTANT }) => {
      const workedOn = await manager.query<{ doorId: string; due: string }[]>(WORKED_ON, [from, to, from, MOST_DOORS_AT_HAND]);
      const lastCalls = await readRows(manager, 'calls', LAST_OF_DOORS, [idList(workedOn.map(({ doorId }) => doorId)), MOST_OF_A_DOOR]);
      // One that is still open may be older than the last few: all since then belong to it.
      const told = workedOn.map(({ doorId, due }) => {
        const own = lastCalls.filter((call) => call.doorId === doorId);
        return pageOf(own, Math.max(LAST_CALLS, own.filter(({ scheduledFor }) => scheduledFor >= due).length));
      });
      const records = new Map((await recordsOf(told.flatMap(({ items }) => items))).map((record) => [record.call.id, record]));
      const histories = told.flatMap(({ items, next }) => {
        const calls = items.flatMap(({ id }) => records.get(id) ?? []);
        return calls.slice(0, 1).map(({ door, site }) => ({ door, site, calls, next }));
      });
      return { histories, sites: await readRows(manager, 'sites', 'ORDER BY "id"', []) };
    },
    record: async (callId) => {
      const call = await readRow(manager, 'calls', callId);
      return call === undefined ? undefined : (await recordsOf([call]))[0];
    },
    history: async (doorId, { cursor, limit }) => {
      const door = await readRow(manager, 'doors', doorId);
      const site = door && (await readRow(manager, 'sites', door.siteId));
      if (door === undefined || site === undefined) return undefined;
      const { items: calls, next } = pageOf(await callsWhere('DESC', limit, [{ holds: '"doorId" = ?', values: [doorId] }], cursor), limit);
      return { door, site, calls: await recordsOf(calls), next };
    },
  };
}

/** A page of what was found, one more than it holds having been asked for. */
function pageOf(found: readonly Call[], limit: number): Page<Call> {
  const items = found.slice(0, limit);
  const last = items[items.length - 1];
  return { items, next: found.length > limit && last !== undefined ? writeCursor(last) : null };
}
