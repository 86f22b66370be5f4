import type { DoorSummary, LIST_ORDERS, Page, SiteSummary } from '@proper-swing/contract';
import type { DataSource } from 'typeorm';
import { rowsById, whereAll } from './readRows';
import { IS_OPEN } from './tables';
import { MATCHING, matchOf, type Searched } from './search';

export type ListOrder = (typeof LIST_ORDERS)[number];

/** How a list of sites or doors is asked for. */
export interface Listing {
  /** Words that each is to hold. */
  q: string;
  order: ListOrder;
  isDescending: boolean;
  /** How many went before. */
  after: number;
  limit: number;
}

/** Lists the sites and the doors of the book. */
export interface BookViews {
  sites: (listing: Listing) => Promise<Page<SiteSummary>>;
  doors: (listing: Listing) => Promise<Page<DoorSummary>>;
  /** Every door of a site. */
  doorsOf: (siteId: string) => Promise<DoorSummary[]>;
}

const VISITED = `COUNT(c."id") AS "callCount", COALESCE(SUM(${IS_OPEN}), 0) AS "openCount",
  MAX(CASE WHEN c."state" <> 'cancelled' THEN c."scheduledFor" END) AS "lastCall"`;

const SITES = `SELECT s."id" AS "id", s."name" COLLATE NOCASE AS "name", COUNT(DISTINCT d."id") AS "doorCount", ${VISITED}
  FROM "site" s LEFT JOIN "door" d ON d."siteId" = s."id" LEFT JOIN "call" c ON c."doorId" = d."id"`;

const DOORS = `SELECT d."id" AS "id", (s."name" || ' ' || d."title") COLLATE NOCASE AS "name", ${VISITED}
  FROM "door" d JOIN "site" s ON s."id" = d."siteId" LEFT JOIN "call" c ON c."doorId" = d."id"`;

const ORDERS: Readonly<Record<ListOrder, string>> = { name: '"name"', calls: '"callCount"', last: '"lastCall"', open: '"openCount"' };

interface Counted {
  id: string;
  callCount: number;
  openCount: number;
  lastCall: string | null;
}

export function bookViews({ manager }: DataSource): BookViews {
  /** One page of cards with what is counted of each. */
  const listed = async <T extends Counted>(
    { select, kind, id }: { select: string; kind: Searched; id: string },
    { q, order, isDescending, after, limit }: Listing,
  ): Promise<Page<T>> => {
    const match = matchOf(kind, q);
    const { where, values } = whereAll(match === undefined ? [] : [{ holds: `${id} IN (${MATCHING})`, values: [match] }]);
    const by = `${ORDERS[order]} ${isDescending ? 'DESC' : 'ASC'}, "name", ${id}`;
    const rows = await manager.query<T[]>(`${select} ${where} GROUP BY ${id} ORDER BY ${by} LIMIT ? OFFSET ?`, [
      ...values,
      limit + 1,
      after,
    ]);
    return { items: rows.slice(0, limit), next: rows.length > limit ? String(after + limit) : null };
  };

  const withDoors = async (rows: readonly Counted[]): Promise<DoorSummary[]> => {
    const doors = await rowsById(
      manager,
      'doors',
      rows.map(({ id }) => id),
    );
    const sites = await rowsById(
      manager,
      'sites',
      [...doors.values()].map(({ siteId }) => siteId),
    );
    return rows.flatMap(({ id, callCount, openCount, lastCall }) => {
      const door = doors.get(id);
      const site = sites.get(door?.siteId ?? '');
      return door === undefined || site === undefined ? [] : [{ door, site, callCount, openCount, lastCall }];
    });
  };

  const doorList = { select: DOORS, kind: 'doors', id: 'd."id"' } as const;
  return {
    sites: async (listing) => {
      const { items, next } = await listed<Counted & { doorCount: number }>({ select: SITES, kind: 'sites', id: 's."id"' }, listing);
      const sites = await rowsById(
        manager,
        'sites',
        items.map(({ id }) => id),
      );
      const told = items.flatMap(({ id, doorCount, callCount, openCount, lastCall }) => {
        const site = sites.get(id);
        return site === undefined ? [] : [{ site, doorCount, callCount, openCount, lastCall }];
      });
      return { items: told, next };
    },
    doors: async (listing) => {
      const { items, next } = await listed<Counted>(doorList, listing);
      return { items: await withDoors(items), next };
    },
    doorsOf: async (siteId) => {
      return withDoors(await manager.query<Counted[]>(`${DOORS} WHERE d."siteId" = ? GROUP BY d."id" ORDER BY "name"`, [siteId]));
    },
  };
}
