import type { Health, RouteId } from '@proper-swing/contract';
import { describeEngine, ENGINE, engineFunction, runEngine } from '@proper-swing/contract/engine';
import { openApiDocument } from '@proper-swing/contract/openApi';
import type { Request } from 'express';
import { problem } from '../http/problem';
import { readCallCursor, readInstant, readLimit } from '../http/query';
import type { CallViews } from '../record/callViews';

/** Answers a request, or throws what is wrong with it. */
export type Handler = (request: Request) => unknown;

/** What answers each route that is not about one kind of record. */
export function handlers(views: CallViews, version: string): Readonly<Record<RouteId, Handler>> {
  return {
    health: (): Health => ({ status: 'ok', version }),
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
