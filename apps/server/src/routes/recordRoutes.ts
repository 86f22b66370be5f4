import { check, RECORD_KINDS, type RecordBodies, type RecordKind, type RecordKindEntry } from '@proper-swing/contract';
import { Router, type Request } from 'express';
import type { Schema } from 'yup';
import { problem } from '../http/problem';
import type { RecordStore } from '../store/recordStore';

/** PUT, GET and list for every kind of record. */
export function recordRoutes(store: RecordStore): Router {
  const router = Router();
  for (const kind of RECORD_KINDS) {
    router.put(`/${kind.kind}/:id`, async (request, response) => {
      const body = checkedBody(kind, request);
      const written = await store.put(kind, body);
      response.status(written === 'created' ? 201 : 200).json(await store.get(kind.kind, body.id));
    });
    router.get(`/${kind.kind}/:id`, async (request, response) => {
      const found = await store.get(kind.kind, request.params.id);
      if (found === undefined) throw problem(404, 'There is none', `There is no ${kind.title.toLowerCase()} ${request.params.id}.`);
      response.json(found);
    });
    router.get(`/${kind.kind}`, async (request, response) => {
      const { cursor } = request.query;
      const parentId = kind.parent === undefined ? undefined : request.query[kind.parent.field];
      response.json(
        await store.list(kind, {
          limit: readLimit(request),
          ...(typeof cursor === 'string' && { cursor }),
          ...(typeof parentId === 'string' && { parentId }),
        }),
      );
    });
  }
  return router;
}

function checkedBody(kind: RecordKindEntry, request: Request): RecordBodies[RecordKind] {
  const checked = check(kind.schema as Schema<RecordBodies[RecordKind]>, request.body);
  if (!checked.ok) {
    throw problem(422, 'A field is wrong', checked.errors.map(({ message }) => message).join('; '), checked.errors);
  }
  if (checked.value.id !== request.params['id']) {
    throw problem(422, 'A field is wrong', 'The id in the body is not the one in the address.', [
      { field: 'id', message: 'must be the id in the address' },
    ]);
  }
  return checked.value;
}

const LARGEST_PAGE = 200;
const USUAL_PAGE = 50;

/** The `limit` of a list. @throws HttpProblem 422 when it is no whole number from 1 to 200 */
export function readLimit(request: Request): number {
  const { limit } = request.query;
  if (limit === undefined) return USUAL_PAGE;
  const value = Number(limit);
  if (Number.isInteger(value) && value >= 1 && value <= LARGEST_PAGE) return value;
  throw problem(422, 'A field is wrong', `limit must be a whole number from 1 to ${LARGEST_PAGE}.`, [
    { field: 'limit', message: `must be 1 to ${LARGEST_PAGE}` },
  ]);
}
