import { LARGEST_PAGE, LIST_ORDERS } from '@proper-swing/contract';
import type { Request } from 'express';
import type { Listing } from '../record/bookViews';
import { readCursor, type CallCursor } from '../record/cursor';
import { problem } from './problem';

const USUAL_PAGE = 50;

/** The `limit` of a list. @throws HttpProblem 422 when it is no whole number from 1 to the largest page */
export function readLimit({ query: { limit } }: Request): number {
  if (limit === undefined) return USUAL_PAGE;
  const value = Number(limit);
  if (Number.isInteger(value) && value >= 1 && value <= LARGEST_PAGE) return value;
  throw problem(422, 'A field is wrong', `limit must be a whole number from 1 to ${LARGEST_PAGE}.`, [
    { field: 'limit', message: `must be 1 to ${LARGEST_PAGE}` },
  ]);
}

/** A moment in the query; `undefined` when it is not there. @throws HttpProblem 422 when it is no moment */
export function readInstant({ query }: Request, field: string): string | undefined {
  const value = query[field];
  if (value === undefined) return undefined;
  if (typeof value === 'string' && !Number.isNaN(Date.parse(value))) return new Date(value).toISOString();
  throw problem(422, 'A field is wrong', `${field} must be an instant such as 2026-03-02T00:00:00Z.`, [
    { field, message: 'not an instant' },
  ]);
}

/** Where a page of calls before this one ended; `undefined` on the first. @throws HttpProblem 422 when it is not one of ours */
export function readCallCursor({ query: { cursor } }: Request): CallCursor | undefined {
  if (cursor === undefined) return undefined;
  return readCursor(typeof cursor === 'string' ? cursor : '');
}

/** A text in the query; `undefined` when it is not there, or not a text. */
export function readText({ query }: Request, field: string): string | undefined {
  const value = query[field];
  return typeof value === 'string' ? value : undefined;
}

/** Whether a flag of the query is up. @throws HttpProblem 422 when it is something else than yes */
export function readFlag({ query }: Request, field: string): boolean {
  const value = query[field];
  if (value === undefined) return false;
  if (value === 'yes') return true;
  throw problem(422, 'A field is wrong', `${field} must be yes, or left out.`, [{ field, message: 'must be yes' }]);
}

/** How many went before, where that is the cursor; 0 on the first page. @throws HttpProblem 422 when it is not one of ours */
export function readCountCursor(request: Request): number {
  const cursor = readText(request, 'cursor') ?? '0';
  if (/^\d{1,9}$/.test(cursor)) return Number(cursor);
  throw problem(422, 'A field is wrong', 'cursor is not one of ours.', [{ field: 'cursor', message: 'unknown' }]);
}

/** How a list of sites or doors is asked for. @throws HttpProblem 422 naming what is wrong */
export function readListing(request: Request): Listing {
  const sort = readText(request, 'sort') ?? 'name';
  const order = LIST_ORDERS.find((each) => each === sort.replace(/^-/, ''));
  if (order === undefined) {
    const message = `must be ${LIST_ORDERS.join(', ')}, or one of them with a minus before it`;
    throw problem(422, 'A field is wrong', `sort ${message}.`, [{ field: 'sort', message }]);
  }
  const after = readCountCursor(request);
  return { q: readText(request, 'q') ?? '', order, isDescending: sort.startsWith('-'), after, limit: readLimit(request) };
}

/** A part of the address. */
export function part({ params }: Request, name: string): string {
  const value = params[name];
  return typeof value === 'string' ? value : '';
}
