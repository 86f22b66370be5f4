import type { Problem } from '@proper-swing/contract';
import type { ErrorRequestHandler } from 'express';
import { databaseProblem } from '../record/databaseProblem';
import { HttpProblem, problem } from './httpProblem';

export { HttpProblem, problem } from './httpProblem';

/** Turns whatever was thrown into problem JSON; what nobody foresaw is logged and told as 500 without its insides. */
export const answerProblems: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const known = asProblem(error);
  if (known === undefined && !response.destroyed) request.log.error({ err: error }, 'unforeseen error');
  // Whoever asked has left: nobody is told, and nothing is wrong.
  if (response.destroyed) return;
  const told = known ?? problem(500, 'Something broke on the server', 'Nothing that was confirmed is lost. Try again.');
  if (told.status === 503) response.setHeader('Retry-After', '2');
  response
    .status(told.status)
    .type('application/problem+json')
    .send(JSON.stringify({ ...problemBody(told), instance: request.originalUrl }));
};

/** What is wrong as it is told. */
export function problemBody({ status, title, detail, errors }: HttpProblem): Problem {
  return { type: 'about:blank', title, status, detail, ...(errors.length > 0 && { errors: [...errors] }) };
}

function asProblem(error: unknown): HttpProblem | undefined {
  if (error instanceof HttpProblem) return error;
  return fromBodyParser(error) ?? databaseProblem(error);
}

/** What express.json and the router throw, by their `type` or `status`. */
function fromBodyParser(error: unknown): HttpProblem | undefined {
  if (!(error instanceof Error) || !('status' in error) || typeof error.status !== 'number' || error.status >= 500) return undefined;
  const type = 'type' in error ? error.type : undefined;
  if (type === 'entity.too.large')
    return problem(413, 'Too large', 'The body is larger than this address takes.', [{ field: '(body)', message: 'too large' }]);
  if (type === 'entity.parse.failed')
    return problem(400, 'Not JSON', `The body is not JSON: ${error.message}`, [{ field: '(body)', message: error.message }]);
  return problem(error.status, 'Bad request', error.message, [{ field: '(request)', message: error.message }]);
}
