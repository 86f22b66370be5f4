import { RECORD_KINDS, recordKind, type RecordKind } from './record/register';

export const API = '/api';

/** What an address takes in its query. */
export interface QueryField {
  says: string;
  is: 'text' | 'instant' | 'limit' | 'flag';
  /** The texts it may be. */
  of?: readonly string[];
}

/** An address of the API: Express answers it, the app calls it, and the API's description tells of it, all from here. */
export interface Route {
  method: 'get' | 'put' | 'post';
  /** Below the API's root; `:name` stands for a part of the address. */
  path: string;
  summary: string;
  query?: Readonly<Record<string, QueryField>>;
  /** What it is given, and what it answers, by the names of the description's schemas. */
  takes?: string;
  gives: string;
  /** What it may answer instead, beside what any address may. */
  problems?: readonly number[];
}

/** No page of a list is longer. */
export const LARGEST_PAGE = 200;

/** No more records are taken in one go. */
export const LARGEST_BATCH = 200;

/** No more records are asked for in one go. */
export const MOST_ASKED_FOR = 1000;

/** No more doors are told of in one working set: twice a full day. */
export const MOST_DOORS_AT_HAND = 120;

/** Header of each answer: since when the server is served, as an instant. */
export const SERVED_SINCE = 'X-Served-Since';

/** No more is found of each kind. */
export const MOST_FOUND = 20;

/** What lists of sites and doors are sorted by; with a minus before it, the other way round. */
export const LIST_ORDERS = ['name', 'calls', 'last', 'open'] as const;

const PAGED = {
  cursor: { is: 'text', says: 'Where the page before ended' },
  limit: { is: 'limit', says: `Items of a page, at most ${LARGEST_PAGE}` },
} as const;

const LISTED = {
  q: { is: 'text', says: 'Words that it is to hold, or how they begin' },
  sort: { is: 'text', says: 'What it is sorted by', of: LIST_ORDERS.flatMap((order) => [order, `-${order}`]) },
  ...PAGED,
} as const;

export const ROUTES = {
  health: { method: 'get', path: '/health', summary: 'Whether the server is up', gives: 'Health' },
  openApi: { method: 'get', path: '/openapi.json', summary: 'This description', gives: 'OpenApi' },
  callSummaries: {
    method: 'get',
    path: '/call-summaries',
    summary: 'Calls by when they are due, each with its door, its site and how much was written on it',
    query: {
      from: { is: 'instant', says: 'Due then or later' },
      to: { is: 'instant', says: 'Due before then' },
      open: { is: 'flag', says: 'yes: those still open besides, whenever they are due' },
      ...PAGED,
    },
    gives: 'CallSummaryPage',
    problems: [422],
  },
  callRecord: { method: 'get', path: '/calls/:id/record', summary: 'Everything written on a call', gives: 'CallRecord', problems: [404] },
  doorHistory: {
    method: 'get',
    path: '/doors/:id/history',
    summary: 'The calls of a door with their records, newest first',
    query: PAGED,
    gives: 'DoorHistory',
    problems: [404, 422],
  },
  workingSet: {
    method: 'get',
    path: '/working-set',
    summary: `What a device needs to go on without a network: the doors of the calls due between two moments, or open from before, each with its last calls and their records, at most ${MOST_DOORS_AT_HAND}; and every site`,
    query: { from: { is: 'instant', says: 'Due then or later, or still open' }, to: { is: 'instant', says: 'Due before then' } },
    gives: 'WorkingSet',
    problems: [422],
  },
  search: {
    method: 'get',
    path: '/search',
    summary: `Sites, doors, calls and notes that hold every word asked for, or one that begins with it; at most ${MOST_FOUND} of each, the newest first`,
    query: { q: { is: 'text', says: 'Words, or how they begin; without regard to capitals and accents' } },
    gives: 'SearchResults',
  },
  siteSummaries: {
    method: 'get',
    path: '/site-summaries',
    summary: 'Sites, each with how many doors and calls it has and when it was last called to',
    query: LISTED,
    gives: 'SiteSummaryPage',
    problems: [422],
  },
  doorSummaries: {
    method: 'get',
    path: '/door-summaries',
    summary: 'Doors, each with its site, how many calls it has and when it was last called to',
    query: LISTED,
    gives: 'DoorSummaryPage',
    problems: [422],
  },
  siteHistory: {
    method: 'get',
    path: '/sites/:id/history',
    summary: 'A site with its doors, and its calls, newest first',
    query: PAGED,
    gives: 'SiteHistory',
    problems: [404, 422],
  },
  recordBatch: {
    method: 'post',
    path: '/records',
    summary: `Write up to ${LARGEST_BATCH} records in one go, in their order; each is answered by itself as if it had been written alone`,
    takes: 'RecordBatch',
    gives: 'RecordBatchAnswers',
    problems: [413, 422, 507],
  },
  recordsMissing: {
    method: 'post',
    path: '/records/missing',
    summary: `Which of up to ${MOST_ASKED_FOR} records, or revisions of cards, are not here: after an older backup was put back`,
    takes: 'RecordsAskedFor',
    gives: 'RecordsMissing',
    problems: [413, 422],
  },
  engineList: { method: 'get', path: '/engine', summary: 'The functions of the engine', gives: 'EngineList' },
  engineDescribe: {
    method: 'get',
    path: '/engine/:name',
    summary: 'What a function of the engine takes and gives, with an example',
    gives: 'EngineDescription',
    problems: [404],
  },
  engineRun: {
    method: 'post',
    path: '/engine/:name',
    summary: 'Run a function of the engine',
    takes: 'EngineRequest',
    gives: 'EngineResult',
    problems: [404, 413, 422],
  },
} as const satisfies Record<string, Route>;

export type RouteId = keyof typeof ROUTES;

/** The addresses of one kind of record; only a card has revisions. */
export function recordRoutes(kind: RecordKind): Record<'read' | 'write' | 'list', Route> & { revisions?: Route } {
  const entry = recordKind(kind);
  if (entry === undefined) throw new RangeError(`There is no kind of record "${kind}".`);
  const { title, manner, parent } = entry;
  return {
    read: { method: 'get', path: `/${kind}/:id`, summary: `Read: ${title}`, gives: kind, problems: [404] },
    write: {
      method: 'put',
      path: `/${kind}/:id`,
      summary: manner === 'card' ? `Write or correct: ${title}` : `Write once: ${title}. The same again is harmless.`,
      takes: kind,
      gives: kind,
      problems: [409, 413, 422, 507],
    },
    list: {
      method: 'get',
      path: `/${kind}`,
      summary: `List: ${title}`,
      query: { ...PAGED, ...(parent && { [parent.field]: { is: 'text', says: `Only those of this ${parent.kind}` } as const }) },
      gives: `${kind}Page`,
      problems: [422],
    },
    ...(manner === 'card' && {
      revisions: {
        method: 'get',
        path: `/${kind}/:id/revisions`,
        summary: `Every revision as it was written, oldest first: ${title}`,
        query: PAGED,
        gives: `${kind}Page`,
        problems: [404, 422],
      },
    }),
  };
}

/** Every address there is. */
export function everyRoute(): Route[] {
  return [...Object.values<Route>(ROUTES), ...RECORD_KINDS.flatMap(({ kind }) => Object.values(recordRoutes(kind)))];
}

/** The address of a route with its parts filled in. @throws RangeError when a part is missing */
export function pathOf({ path }: Pick<Route, 'path'>, parts: Readonly<Record<string, string>> = {}): string {
  return `${API}${path.replace(/:(\w+)/g, (_, name: string) => {
    const part = parts[name];
    if (part === undefined) throw new RangeError(`${path} needs its ${name}.`);
    return encodeURIComponent(part);
  })}`;
}
