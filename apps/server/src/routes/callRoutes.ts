import { Router, type Request } from 'express';
import { problem } from '../http/problem';
import { readCursor, type CallStore } from '../store/callStore';
import { readLimit } from './recordRoutes';

/** Calls with all that belongs to them. */
export function callRoutes(store: CallStore): Router {
  const router = Router();
  router.get('/call-summaries', async (request, response) => {
    const { cursor } = request.query;
    const after = typeof cursor === 'string' ? readCursor(cursor) : undefined;
    if (cursor !== undefined && after === undefined) {
      throw problem(422, 'A field is wrong', 'The cursor is not one of ours.', [{ field: 'cursor', message: 'not a cursor' }]);
    }
    const [from, to] = [readInstant(request, 'from'), readInstant(request, 'to')];
    response.json(
      await store.summaries({ limit: readLimit(request), ...(from && { from }), ...(to && { to }), ...(after && { cursor: after }) }),
    );
  });
  router.get('/calls/:id/record', async (request, response) => {
    const record = await store.record(request.params.id);
    if (record === undefined) throw problem(404, 'There is none', `There is no call ${request.params.id}.`);
    response.json(record);
  });
  router.get('/doors/:id/history', async (request, response) => {
    const history = await store.history(request.params.id);
    if (history === undefined) throw problem(404, 'There is none', `There is no door ${request.params.id}.`);
    response.json(history);
  });
  return router;
}

function readInstant(request: Request, field: string): string | undefined {
  const value = request.query[field];
  if (value === undefined) return undefined;
  if (typeof value === 'string' && !Number.isNaN(Date.parse(value))) return new Date(value).toISOString();
  throw problem(422, 'A field is wrong', `${field} must be an instant such as 2026-03-02T00:00:00Z.`, [
    { field, message: 'not an instant' },
  ]);
}
