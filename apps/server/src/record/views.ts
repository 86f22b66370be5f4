import type { SearchResults } from '@proper-swing/contract';
import type { DataSource } from 'typeorm';
import { bookViews, type BookViews } from './bookViews';
import { callViews, type CallViews } from './callViews';
import { searchFor } from './search';

/** All that is read together from more than one table. */
export interface Views extends CallViews, BookViews {
  search: (q: string) => Promise<SearchResults>;
}

export function viewsOf(source: DataSource): Views {
  return { ...callViews(source), ...bookViews(source), search: (q) => searchFor(source.manager, q) };
}
