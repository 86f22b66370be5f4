import { problem } from '../http/problem';

/** Where a page of calls ended: they are listed by when they are due. */
export interface CallCursor {
  scheduledFor: string;
  id: string;
}

export function writeCursor({ scheduledFor, id }: CallCursor): string {
  return Buffer.from(JSON.stringify([scheduledFor, id])).toString('base64url');
}

/** A cursor as it came back. @throws HttpProblem 422 when it is not one of ours */
export function readCursor(text: string): CallCursor {
  try {
    const parsed: unknown = JSON.parse(Buffer.from(text, 'base64url').toString());
    const [scheduledFor, id] = Array.isArray(parsed) ? (parsed as unknown[]) : [];
    if (typeof scheduledFor === 'string' && typeof id === 'string') return { scheduledFor, id };
  } catch {
    // Told below: what cannot be read is not one of ours.
  }
  throw problem(422, 'A field is wrong', 'The cursor is not one of ours.', [{ field: 'cursor', message: 'not a cursor' }]);
}
