import { RECORD_KINDS, type Call, type CallRecord, type CallSummary, type DoorHistory, type Page } from '@proper-swing/contract';
import { In, type DataSource, type ObjectLiteral } from 'typeorm';
import { writeCursor, type CallCursor } from './cursor';
import { table } from './tables';

/** Reads calls together with the door, the site and all that was written on them. */
export interface CallViews {
  /** Calls due between two moments, by when they are due. */
  summaries: (options: { from?: string; to?: string; cursor?: CallCursor; limit: number }) => Promise<Page<CallSummary>>;
  record: (callId: string) => Promise<CallRecord | undefined>;
  /** Calls of a door, newest first. */
  history: (doorId: string, options: { cursor?: CallCursor; limit: number }) => Promise<DoorHistory | undefined>;
}

/** The lists of a call's record whose entries name the call itself, and those that hang below another list. */
const LISTS = RECORD_KINDS.flatMap(({ kind, manner, inCall, parent }) =>
  manner === 'entry' && inCall !== undefined && parent !== undefined ? [{ kind, inCall, parent }] : [],
);

/** Entries that stand: no later one of the same parent takes their place, and none has taken them back. */
const STANDING = (name: string, parent: string) =>
  `${name}.withdrawn = 0 AND NOT EXISTS (SELECT 1 FROM "${name}" later WHERE later."${parent}" = ${name}."${parent}" AND later.supersedes = ${name}.id)`;

const COUNTS = `
  SELECT c.id AS id,
    (SELECT COUNT(*) FROM "reading" reading JOIN "reading_set" s ON s.id = reading."setId"
      WHERE s."callId" = c.id AND ${STANDING('reading', 'setId')}) AS readingCount,
    (SELECT COUNT(*) FROM "adjustment" adjustment WHERE adjustment."callId" = c.id AND ${STANDING('adjustment', 'callId')}) AS adjustmentCount
  FROM "call" c WHERE c.id IN `;

interface Counted {
  id: string;
  readingCount: number;
  adjustmentCount: number;
}

export function callViews(source: DataSource): CallViews {
  const { manager } = source;

  const cardsOf = async (calls: readonly Call[]) => {
    const doors = await manager.findBy(table('doors'), { id: In(calls.map(({ doorId }) => doorId)) });
    const sites = await manager.findBy(table('sites'), { id: In(doors.map(({ siteId }) => siteId)) });
    return calls.flatMap((call) => {
      const door = doors.find(({ id }) => id === call.doorId);
      const site = sites.find(({ id }) => id === door?.siteId);
      return door === undefined || site === undefined ? [] : [{ call, door, site }];
    });
  };

  /** All entries below the calls, list by list, parents before children. */
  const listsOf = async (callIds: readonly string[]) => {
    const idsOf = new Map<string, readonly string[]>([['calls', callIds]]);
    const lists: ((typeof LISTS)[number] & { entries: ObjectLiteral[] })[] = [];
    for (const list of LISTS) {
      const { kind, parent } = list;
      const entries = await manager.find<ObjectLiteral>(table(kind), {
        where: { [parent.field]: In([...(idsOf.get(parent.kind) ?? [])]) },
        order: { id: 'ASC' },
      });
      idsOf.set(
        kind,
        entries.map((entry) => entry['id'] as string),
      );
      lists.push({ ...list, entries });
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
        own.set(kind, new Set(mine.map((entry) => entry['id'] as unknown)));
        record[inCall] = mine;
      }
      return record as unknown as CallRecord;
    });
  };

  const countsOf = async (ids: readonly string[]): Promise<Map<string, Counted>> => {
    const rows = await manager.query<Counted[]>(`${COUNTS} (${ids.map(() => '?').join(', ')})`, [...ids]);
    return new Map(rows.map((row) => [row.id, row]));
  };

  /** Calls by when they are due, from where a page before ended. */
  const callsFrom = (order: 'ASC' | 'DESC', cursor?: CallCursor) => {
    const query = manager.createQueryBuilder(table('calls'), 'call').orderBy('call.scheduledFor', order).addOrderBy('call.id', order);
    const beyond = order === 'ASC' ? '>' : '<';
    if (cursor !== undefined) {
      query.where(`(call.scheduledFor ${beyond} :due OR (call.scheduledFor = :due AND call.id ${beyond} :id))`, {
        due: cursor.scheduledFor,
        id: cursor.id,
      });
    }
    return query;
  };

  return {
    summaries: async ({ from, to, cursor, limit }) => {
      const query = callsFrom('ASC', cursor).take(limit + 1);
      if (from !== undefined) query.andWhere('call.scheduledFor >= :from', { from });
      if (to !== undefined) query.andWhere('call.scheduledFor < :to', { to });
      const { items: calls, next } = pageOf(await query.getMany(), limit);
      const counts = await countsOf(calls.map(({ id }) => id));
      const items = (await cardsOf(calls)).map((cards) => {
        const { readingCount = 0, adjustmentCount = 0 } = counts.get(cards.call.id) ?? {};
        return { ...cards, readingCount, adjustmentCount };
      });
      return { items, next };
    },
    record: async (callId) => {
      const call = await manager.findOneBy(table('calls'), { id: callId });
      return call === null ? undefined : (await recordsOf([call]))[0];
    },
    history: async (doorId, { cursor, limit }) => {
      const door = await manager.findOneBy(table('doors'), { id: doorId });
      const site = door === null ? null : await manager.findOneBy(table('sites'), { id: door.siteId });
      if (door === null || site === null) return undefined;
      const query = callsFrom('DESC', cursor)
        .andWhere('call.doorId = :doorId', { doorId })
        .take(limit + 1);
      const { items: calls, next } = pageOf(await query.getMany(), limit);
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
