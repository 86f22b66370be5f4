import { LARGEST_BATCH, MOST_ASKED_FOR, recordKind, type RecordBatchAnswers, type RecordsMissing } from '@proper-swing/contract';
import type { Request } from 'express';
import { HttpProblem, problem, problemBody } from '../http/problem';
import { atRest, type AskedFor, type RecordStore, type Write, type Written } from '../record/recordStore';
import { checkedBody } from './recordHandlers';

/** Writes many records in one transaction: a device that was away all day is done in one go. */
export function batchHandler(store: RecordStore) {
  return async ({ body }: Request): Promise<RecordBatchAnswers> => {
    const checked = listIn(body, 'writes', LARGEST_BATCH).map(checkedWrite);
    const sound = checked.flatMap((each) => (each instanceof HttpProblem ? [] : [each]));
    const written = (await store.putEach(sound)).values();
    return { answers: checked.map((each) => (each instanceof HttpProblem ? refusal(each) : answerOf(each, written.next().value))) };
  };
}

type Answer = RecordBatchAnswers['answers'][number];

const refusal = (why: HttpProblem): Answer => ({ status: why.status, problem: problemBody(why) });

function answerOf({ kind, body }: Write, became: Written | HttpProblem | undefined): Answer {
  if (became instanceof HttpProblem) return refusal(became);
  return { status: became === 'created' ? 201 : 200, body: atRest(kind, body) };
}

/** Tells which of the records a device had confirmed are not here. */
export function missingHandler(store: RecordStore) {
  return async ({ body }: Request): Promise<RecordsMissing> => ({
    missing: await store.missing(listIn(body, 'of', MOST_ASKED_FOR).map(askedFor)),
  });
}

function askedFor(each: unknown): AskedFor {
  const { kind: name, id, revision } = (each ?? {}) as { kind?: unknown; id?: unknown; revision?: unknown };
  const kind = recordKind(String(name));
  if (kind === undefined || typeof id !== 'string') {
    throw problem(422, 'A field is wrong', 'of must name the kind and the id of each record.', [
      { field: 'of', message: 'must name kind and id' },
    ]);
  }
  return { kind, id, ...(typeof revision === 'number' && { revision }) };
}

function listIn(body: unknown, field: string, most: number): unknown[] {
  const list = (body as Record<string, unknown> | undefined)?.[field];
  if (Array.isArray(list) && list.length <= most) return list;
  throw problem(422, 'A field is wrong', `${field} must be a list of at most ${most} records.`, [
    { field, message: `must be a list of at most ${most}` },
  ]);
}

function checkedWrite(write: unknown): Write | HttpProblem {
  const { kind: name, body } = (write ?? {}) as { kind?: unknown; body?: unknown };
  const kind = recordKind(String(name));
  if (kind === undefined)
    return problem(422, 'A field is wrong', 'kind is no kind of record.', [{ field: 'kind', message: 'is no kind of record' }]);
  try {
    return { kind, body: checkedBody(kind, body) };
  } catch (error) {
    if (error instanceof HttpProblem) return error;
    throw error;
  }
}
