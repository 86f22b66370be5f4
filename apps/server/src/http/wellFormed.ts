import type { RequestHandler } from 'express';
import { problem } from './problem';

/** No request of this API holds lists and groups in each other nearly as deep. */
const DEEPEST = 24;

/** One half of a pair that stands for one character, without the other. */
const HALF_A_CHARACTER = /\p{Surrogate}/u;

/** Refuses, before anything looks closer, a body nested so deep that looking would end the program, and text that is none. */
export const onlyWellFormed: RequestHandler = (request, _response, next) => {
  const waiting: { value: unknown; at: string; depth: number }[] = [{ value: request.body, at: '', depth: 0 }];
  for (let each = waiting.pop(); each !== undefined; each = waiting.pop()) {
    const { value, at, depth } = each;
    if (typeof value === 'string' && HALF_A_CHARACTER.test(value)) throw wrong(at, 'holds half a character');
    if (typeof value !== 'object' || value === null) continue;
    if (depth >= DEEPEST) throw wrong(at, `is nested deeper than ${DEEPEST}`);
    for (const [key, held] of Object.entries(value)) {
      if (HALF_A_CHARACTER.test(key)) throw wrong(at, 'has a name that holds half a character');
      waiting.push({ value: held, at: at === '' ? key : `${at}.${key}`, depth: depth + 1 });
    }
  }
  next();
};

function wrong(at: string, message: string) {
  // The whole way down would be as long as the body.
  const field = at === '' ? '(body)' : at.slice(0, 80);
  return problem(422, 'A field is wrong', `${field} ${message}.`, [{ field, message }]);
}
