import { router } from 'expo-router';
import { lazy, Suspense, useState } from 'react';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { useScreen } from '../../design/useScreen';
import { Words } from '../../design/Words';
import type { BookList } from '../../offline/book';
import { BookRows } from './BookRows';
import { sortsOf, type BookColumn } from './bookColumns';
import type { BookTable as Table } from './BookTable';

/** A table is for a wide screen, and is fetched for it. */
const BookTable = lazy(async () => ({ default: (await import('./BookTable')).BookTable })) as unknown as typeof Table;

export interface BookPageProps<T> {
  title: string;
  columns: readonly BookColumn<T>[];
  useList: (q: string, sort: string) => BookList<T>;
  keyOf: (item: T) => string;
  /** The page of one of them. */
  leadsTo: (item: T) => string;
  testID: string;
}

/** A list of the book: filtered by words, sorted, a table where there is room. */
export function BookPage<T>({ title, columns, useList, keyOf, leadsTo, testID }: BookPageProps<T>) {
  const { isWide } = useScreen();
  const [q, setQ] = useState('');
  const [sort, setSort] = useState('name');
  const { items, state, fetchMore } = useList(q, sort);
  const open = (item: T) => router.navigate(leadsTo(item));
  return (
    <Page header={<Header title={title} onBack={() => router.navigate('/search')} backLabel="Back to Find" />}>
      <Field label="Only those with these words" value={q} onChange={setQ} testID="book-filter" />
      {!isWide && <Choice label="Sorted by" options={sortsOf(columns)} chosen={sort} onChoose={setSort} testID="book-sort" />}
      {state === 'failed' ? (
        <Words tone="tight" testID="book-failed">
          This list is not known: the server could not be asked. What is kept on this device is found by Find.
        </Words>
      ) : items.length === 0 ? (
        <Words tone="pencil">
          {state === 'asking' ? 'Fetching the list.' : q === '' ? 'There is none yet.' : 'None holds all these words.'}
        </Words>
      ) : isWide ? (
        <Suspense fallback={<Words tone="pencil">Fetching the table.</Words>}>
          <BookTable
            label={title}
            columns={columns}
            items={items}
            keyOf={keyOf}
            onOpen={open}
            leadsTo={leadsTo}
            sort={sort}
            onSort={setSort}
            testID={testID}
          />
        </Suspense>
      ) : (
        <BookRows columns={columns} items={items} keyOf={keyOf} onOpen={open} testID={testID} />
      )}
      {fetchMore && (
        <Press onPress={fetchMore} testID="book-more">
          Show more
        </Press>
      )}
    </Page>
  );
}
