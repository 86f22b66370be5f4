import { callApi } from './api';

/** What an address answers a page at a time, for `useInfiniteQuery`: each page says where the next begins. */
export const paged = <T extends { next: string | null }>(path: string) => ({
  queryFn: ({ pageParam }: { pageParam: string }) => callApi<T>(withCursor(path, pageParam)),
  initialPageParam: '',
  getNextPageParam: (last: T) => last.next ?? undefined,
});

/** An address of a list from where the page before ended; without a cursor its first page. */
export function withCursor(path: string, cursor: string): string {
  return cursor === '' ? path : `${path}${path.includes('?') ? '&' : '?'}cursor=${encodeURIComponent(cursor)}`;
}
