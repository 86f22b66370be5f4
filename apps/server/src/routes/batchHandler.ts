import { LARGEST_BATCH, recordKind, type RecordBatchAnswers } from '@proper-swing/contract';
import type { Request } from 'express';
import { HttpProblem, problem, problemBody } from '../http/problem';
import { atRest, type RecordStore, type Write, type Written } from '../record/recordStore';
import { checkedBody } from './recordHandlers';

/** Writes many records in one transaction: a device that was away all day is done in one go. */
export function batchHandler(store: RecordStore) {
  return async ({ body }: Request): Promise<RecordBatchAnswers> => {
    const checked = writesOf(body).map(checkedWrite);
    const sound = checked.flatMap((each) => (each instanceof HttpProblem ? [] : [each]));
    const written = new Map((await store.putEach(sound)).map((became, at) => [sound[at], became]));
    return { answers: checked.map((each) => answerOf(each, each instanceof HttpProblem ? each : written.get(each))) };
  };
}

type Answer = RecordBatchAnswers['answers'][number];

function answerOf(write: Write | HttpProblem, became: Written | HttpProblem | undefined): Answer {
  if (write instanceof HttpProblem) return { status: write.status, problem: problemBody(write) };
  if (became instanceof HttpProblem) return answerOf(became, became);
  return { status: became === 'created' ? 201 : 200, body: atRest(write.kind, write.body) };
}

function writesOf(body: unknown): unknown[] {
  const { writes } = (body ?? {}) as { writes?: unknown };
  if (Array.isArray(writes) && writes.length <= LARGEST_BATCH) return writes;
  throw problem(422, 'A field is wrong', `writes must be a list of at most ${LARGEST_BATCH} records.`, [
    { field: 'writes', message: `must be a list of at most ${LARGEST_BATCH}` },
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
