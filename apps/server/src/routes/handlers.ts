import type { Health, RouteId } from '@proper-swing/contract';
import { describeEngine, ENGINE, engineFunction, runEngine } from '@proper-swing/contract/engine';
import { openApiDocument } from '@proper-swing/contract/openApi';
import type { Request } from 'express';
import { problem, type HttpProblem } from '../http/problem';
import { readCallCursor, readInstant, readLimit } from '../http/query';
import type { CallViews } from '../record/callViews';

/** Answers a request, or throws what is wrong with it. */
export type Handler = (request: Request) => unknown;

/** What the server tells of itself. */
export interface ServerState {
  version: string;
  /** Why no write is taken; nothing while they are. */
  fault: () => Promise<HttpProblem | undefined>;
}

/** What answers each route that is not about records to be written. */
export function handlers(
  views: CallViews,
  { version, fault }: ServerState,
): Readonly<Record<Exclude<RouteId, 'recordBatch' | 'recordsMissing'>, Handler>> {
  return {
    health: async (): Promise<Health> => {
      const reason = await fault();
      if (reason !== undefined) throw reason;
      return { status: 'ok', version };
    },
    openApi: () => openApiDocument(version),
    callSummaries: (request) => {
      const [from, to, cursor] = [readInstant(request, 'from'), readInstant(request, 'to'), readCallCursor(request)];
      return views.summaries({ limit: readLimit(request), ...(from && { from }), ...(to && { to }), ...(cursor && { cursor }) });
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
    engineList: () => ENGINE.map(({ name, title }) => ({ name, title })),
    engineDescribe: (request) => describeEngine(named(request)),
    engineRun: (request) => runEngine(named(request), request.body),
  };
}

/** A part of the address. */
export function part({ params }: Request, name: string): string {
  const value = params[name];
  return typeof value === 'string' ? value : '';
}

function none(detail: string): never {
  throw problem(404, 'There is none', detail);
}

function named(request: Request) {
  const name = part(request, 'name');
  const found = engineFunction(name);
  if (found === undefined) {
    throw problem(404, 'There is none', `The engine has no function ${name}.`, [{ field: 'name', message: 'unknown function' }]);
  }
  return found;
}
