import { problem, type HttpProblem } from '../http/httpProblem';

/** What SQLite says, and what that is to whoever writes. The first row whose codes fit holds. */
const FAULTS: readonly { codes: RegExp; status: 503 | 507; title: string; detail: string }[] = [
  {
    codes: /^SQLITE_FULL/,
    status: 507,
    title: 'No room left',
    detail: 'The disk of the server is full. Nothing of this write was kept; it is taken once there is room.',
  },
  {
    codes: /^SQLITE_(BUSY|LOCKED)/,
    status: 503,
    title: 'Busy',
    detail: 'Another program is writing to the database. Try again.',
  },
  {
    codes: /^SQLITE_(READONLY|PERM|CANTOPEN|AUTH)/,
    status: 503,
    title: 'Not to be written',
    detail: 'The server may not write its database. Nothing of this write was kept.',
  },
  {
    codes: /^SQLITE_(IOERR|CORRUPT|NOTADB|PROTOCOL|NOMEM)/,
    status: 503,
    title: 'The disk fails',
    detail: 'The disk of the server did not take it. Nothing of this write was kept.',
  },
];

/** What a failure of the database is in an answer; nothing where the database is not what failed. */
export function databaseProblem(error: unknown): HttpProblem | undefined {
  const code = codeOf(error);
  if (code === undefined) return isClosed(error) ? problem(503, 'Not open', 'The database is being opened again. Try again.') : undefined;
  const fault = FAULTS.find(({ codes }) => codes.test(code));
  return fault && problem(fault.status, fault.title, fault.detail);
}

export const isBusy = (error: unknown): boolean => /^SQLITE_(BUSY|LOCKED)/.test(codeOf(error) ?? '');

/** SQLite's own code, of its error or of one that wraps it. */
function codeOf(error: unknown): string | undefined {
  const { code, driverError } = (error ?? {}) as { code?: unknown; driverError?: unknown };
  if (typeof code === 'string' && code.startsWith('SQLITE_')) return code;
  return driverError === undefined ? undefined : codeOf(driverError);
}

/** A read that came while the connection was thrown away. */
const isClosed = (error: unknown): boolean =>
  error instanceof Error && /database connection is not open|Connection is not established|not initialized/i.test(error.message);
