import { RECORD_KINDS, recordRoutes, ROUTES, type Route } from '@proper-swing/contract';
import express, { Router, type Request, type Response } from 'express';
import { JsonText } from '../http/jsonText';
import { onlyWellFormed } from '../http/wellFormed';
import type { Views } from '../record/views';
import type { RecordStore } from '../record/recordStore';
import { handlers, type ServerState } from './handlers';
import { recordHandlers } from './recordHandlers';

/** Far more than a walk-round or an engine request needs. */
const LARGEST_BODY = '256kb';

type Answering = (request: Request, response: Response) => unknown;

/** Every route of the table with what answers it; a route without an answer does not compile. */
export function apiRouter(store: RecordStore, views: Views, server: ServerState): Router {
  const router = Router();
  const reading = [express.json({ limit: LARGEST_BODY }), onlyWellFormed];
  const answer = ({ method, path, takes }: Route, answering: Answering) =>
    router[method](path, takes === undefined ? [] : reading, async (request: Request, response: Response) => {
      const body = await answering(request, response);
      if (body instanceof JsonText) response.type('json').send(body.text);
      else response.json(body);
    });
  const own = handlers(store, views, server);
  for (const id of Object.keys(ROUTES) as (keyof typeof ROUTES)[]) answer(ROUTES[id], own[id]);
  for (const kind of RECORD_KINDS) {
    const routes = recordRoutes(kind.kind);
    const answers = recordHandlers(store, kind);
    for (const id of ['read', 'write', 'list'] as const) answer(routes[id], answers[id]);
    if (routes.revisions !== undefined) answer(routes.revisions, answers.revisions);
  }
  return router;
}
