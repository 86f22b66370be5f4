import type { RecordBodies, RecordKind, RecordKindEntry } from '@proper-swing/contract';
import { check, recordSchema } from '@proper-swing/contract/schemas';
import type { Request, Response } from 'express';
import { problem } from '../http/problem';
import { part, readCountCursor, readLimit, readText } from '../http/query';
import { atRest, type RecordStore } from '../record/recordStore';

/** What answers the routes of one kind of record. */
export function recordHandlers(store: RecordStore, kind: RecordKindEntry) {
  return {
    read: async (request: Request) => {
      const id = part(request, 'id');
      const found = await store.get(kind.kind, id);
      if (found === undefined) throw problem(404, 'There is none', `There is no ${kind.title.toLowerCase()} ${id}.`);
      return found;
    },
    revisions: async (request: Request) => {
      const id = part(request, 'id');
      const after = readCountCursor(request);
      const page = await store.revisions(kind.kind, id, { after, limit: readLimit(request) });
      if (page.items.length === 0 && after === 0) throw problem(404, 'There is none', `There is no ${kind.title.toLowerCase()} ${id}.`);
      return page;
    },
    write: async (request: Request, response: Response) => {
      const body = checkedBody(kind, request.body);
      if (body.id !== part(request, 'id')) {
        throw problem(422, 'A field is wrong', 'The id in the body is not the one in the address.', [
          { field: 'id', message: 'must be the id in the address' },
        ]);
      }
      const written = await store.put(kind, body);
      response.status(written === 'created' ? 201 : 200);
      // What was confirmed, not what has become of it since.
      return atRest(kind, body);
    },
    list: (request: Request) => {
      const cursor = readText(request, 'cursor');
      const parentId = kind.parent && readText(request, kind.parent.field);
      return store.list(kind, {
        limit: readLimit(request),
        ...(cursor !== undefined && { cursor }),
        ...(parentId !== undefined && { parentId }),
      });
    },
  };
}

/** A body that is right in itself. @throws HttpProblem 422 naming every field that is not */
export function checkedBody({ kind }: RecordKindEntry, body: unknown): RecordBodies[RecordKind] {
  const checked = check(recordSchema(kind), body);
  if (checked.ok) return checked.value;
  throw problem(422, 'A field is wrong', checked.errors.map(({ message }) => message).join('; '), checked.errors);
}
