import type { RecordBodies, RecordKind, RecordKindEntry } from '@proper-swing/contract';
import { check, recordSchema } from '@proper-swing/contract/schemas';
import type { Request, Response } from 'express';
import { problem } from '../http/problem';
import { readLimit, readText } from '../http/query';
import type { RecordStore } from '../record/recordStore';
import { part } from './handlers';

/** What answers the routes of one kind of record. */
export function recordHandlers(store: RecordStore, kind: RecordKindEntry) {
  return {
    read: async (request: Request) => {
      const id = part(request, 'id');
      const found = await store.get(kind.kind, id);
      if (found === undefined) throw problem(404, 'There is none', `There is no ${kind.title.toLowerCase()} ${id}.`);
      return found;
    },
    write: async (request: Request, response: Response) => {
      const body = checkedBody(kind, request);
      const written = await store.put(kind, body);
      response.status(written === 'created' ? 201 : 200);
      return store.get(kind.kind, body.id);
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

function checkedBody({ kind }: RecordKindEntry, request: Request): RecordBodies[RecordKind] {
  const checked = check(recordSchema(kind), request.body);
  if (!checked.ok) {
    throw problem(422, 'A field is wrong', checked.errors.map(({ message }) => message).join('; '), checked.errors);
  }
  if (checked.value.id !== part(request, 'id')) {
    throw problem(422, 'A field is wrong', 'The id in the body is not the one in the address.', [
      { field: 'id', message: 'must be the id in the address' },
    ]);
  }
  return checked.value;
}
