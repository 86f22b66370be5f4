import type { Health, RouteId, Site, SiteHistory } from '@proper-swing/contract';
import { ENGINE, engineFunction } from '@proper-swing/contract/engine';
import { openApiDocument, type OpenApi } from '@proper-swing/contract/openApi';
import type { Request, Response } from 'express';
import type { EngineThreads } from '../engineRuns/engineThreads';
import { JsonText } from '../http/jsonText';
import { problem, type HttpProblem } from '../http/problem';
import { part, readCallCursor, readFlag, readInstant, readLimit, readListing, readText } from '../http/query';
import type { Views } from '../record/views';
import type { RecordStore } from '../record/recordStore';
import { batchHandler, missingHandler } from './batchHandler';

/** Answers a request, or throws what is wrong with it. */
export type Handler = (request: Request, response: Response) => unknown;

/** What the server tells of itself. */
export interface ServerState {
  version: string;
  /** Why no write is taken; nothing while they are. */
  fault: () => Promise<HttpProblem | undefined>;
  engine: EngineThreads;
}

/** What answers each route that is not about one kind of record. */
export function handlers(store: RecordStore, views: Views, { version, fault, engine }: ServerState): Readonly<Record<RouteId, Handler>> {
  const described = new Map<string, Promise<string>>();
  const describe = (name: string): Promise<string> => {
    const known = described.get(name) ?? engine.answer({ does: 'describe', name });
    described.set(name, known);
    known.catch(() => described.delete(name));
    return known;
  };
  let openApi: OpenApi | undefined;
  return {
    health: async (): Promise<Health> => {
      const reason = await fault();
      if (reason !== undefined) throw reason;
      return { status: 'ok', version };
    },
    openApi: () => (openApi ??= openApiDocument(version)),
    callSummaries: (request) => {
      const [from, to, cursor] = [readInstant(request, 'from'), readInstant(request, 'to'), readCallCursor(request)];
      const options = { limit: readLimit(request), withOpen: readFlag(request, 'open') };
      return views.summaries({ ...options, ...(from && { from }), ...(to && { to }), ...(cursor && { cursor }) });
    },
    callRecord: async (request) => {
      const id = part(request, 'id');
      return (await views.record(id)) ?? none(`There is no call ${id}.`);
    },
    doorHistory: async (request) => {
      const id = part(request, 'id');
      const cursor = readCallCursor(request);
      return (await views.history(id, { limit: readLimit(request), ...(cursor && { cursor }) })) ?? none(`There is no door ${id}.`);
    },
    workingSet: (request) => {
      const [from, to] = [readInstant(request, 'from'), readInstant(request, 'to')];
      return views.workingSet({ ...(from && { from }), ...(to && { to }) });
    },
    search: (request) => views.search(readText(request, 'q') ?? ''),
    siteSummaries: (request) => views.sites(readListing(request)),
    doorSummaries: (request) => views.doors(readListing(request)),
    siteHistory: async (request): Promise<SiteHistory> => {
      const id = part(request, 'id');
      const cursor = readCallCursor(request);
      const site = (await store.get('sites', id)) as Site | undefined;
      if (site === undefined) return none(`There is no site ${id}.`);
      const { items: calls, next } = await views.ofSite(id, { limit: readLimit(request), ...(cursor && { cursor }) });
      return { site, doors: await views.doorsOf(id), calls, next };
    },
    recordBatch: batchHandler(store),
    recordsMissing: missingHandler(store),
    engineList: () => ENGINE.map(({ name, title }) => ({ name, title })),
    engineDescribe: async (request) => new JsonText(await describe(named(request))),
    engineRun: async (request, response) => {
      const task = { does: 'run', name: named(request), input: request.body as unknown } as const;
      return new JsonText(await engine.answer(task, whenLeft(response)));
    },
  };
}

function none(detail: string): never {
  throw problem(404, 'There is none', detail);
}

/** Ends what is computed for a client that has left. */
function whenLeft(response: Response): AbortSignal {
  const left = new AbortController();
  response.once('close', () => {
    if (!response.writableFinished) left.abort();
  });
  return left.signal;
}

function named(request: Request): string {
  const name = part(request, 'name');
  if (engineFunction(name) === undefined) {
    throw problem(404, 'There is none', `The engine has no function ${name}.`, [{ field: 'name', message: 'unknown function' }]);
  }
  return name;
}
