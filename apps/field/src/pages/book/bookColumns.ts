import type { DoorSummary, SiteSummary } from '@proper-swing/contract';
import { format } from 'date-fns/format';

/** A column of a list of the book. */
export interface BookColumn<T> {
  id: string;
  title: string;
  /** What the server sorts by it, and how it is first sorted; nothing where it is not sorted by. */
  sort?: { by: 'name' | 'calls' | 'last' | 'open'; first: 'up' | 'down' };
  isFigure?: boolean;
  /** Stands first and large in a row of a telephone. */
  isHead?: boolean;
  text: (item: T) => string;
}

const dateWords = (at: string | null) => (at === null ? 'never' : format(at, 'd MMM yyyy'));

const NAME = { by: 'name', first: 'up' } as const;

const visited = <T extends { callCount: number; openCount: number; lastCall: string | null }>(): BookColumn<T>[] => [
  { id: 'last', title: 'Latest call', sort: { by: 'last', first: 'down' }, text: ({ lastCall }) => dateWords(lastCall) },
  { id: 'calls', title: 'Calls', sort: { by: 'calls', first: 'down' }, isFigure: true, text: ({ callCount }) => String(callCount) },
  { id: 'open', title: 'Open', sort: { by: 'open', first: 'down' }, isFigure: true, text: ({ openCount }) => String(openCount) },
];

export const SITE_COLUMNS: readonly BookColumn<SiteSummary>[] = [
  { id: 'site', title: 'Site', sort: NAME, isHead: true, text: ({ site }) => site.name },
  { id: 'address', title: 'Address', text: ({ site }) => site.address },
  { id: 'contact', title: 'Whom to ask', text: ({ site }) => site.contact },
  { id: 'doors', title: 'Doors', isFigure: true, text: ({ doorCount }) => String(doorCount) },
  ...visited<SiteSummary>(),
];

export const DOOR_COLUMNS: readonly BookColumn<DoorSummary>[] = [
  { id: 'door', title: 'Door', isHead: true, text: ({ door }) => door.title },
  { id: 'site', title: 'Site', sort: NAME, text: ({ site }) => site.name },
  ...visited<DoorSummary>(),
];

/** The order that a column is sorted in first, as the server takes it. */
export const firstSort = ({ by, first }: NonNullable<BookColumn<never>['sort']>): string => (first === 'down' ? `-${by}` : by);

/** What a list can be sorted by, for a screen without heads of columns. */
export const sortsOf = <T>(columns: readonly BookColumn<T>[]): { id: string; label: string }[] =>
  columns.flatMap(({ title, sort }) => (sort === undefined ? [] : [{ id: firstSort(sort), label: title }]));
