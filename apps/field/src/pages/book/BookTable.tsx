import { createColumnHelper, flexRender, getCoreRowModel, useReactTable } from '@tanstack/react-table';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import type { BookRowsProps } from './BookRows';
import { firstSort, type BookColumn } from './bookColumns';

export interface BookTableProps<T> extends BookRowsProps<T> {
  label: string;
  leadsTo: (item: T) => string;
  /** As the server sorts. */
  sort: string;
  onSort: (sort: string) => void;
}

/** A list of the book as a table, sorted by a tap on the head of a column; the first cell of a row leads to its page. */
export function BookTable<T>({ label, columns, items, keyOf, onOpen, leadsTo, sort, onSort, testID }: BookTableProps<T>) {
  const palette = usePalette();
  const defined = useMemo(() => {
    const helper = createColumnHelper<T>();
    return columns.map((column) => helper.accessor(column.text, { id: column.id, header: column.title, meta: column }));
  }, [columns]);
  const data = useMemo(() => [...items], [items]);
  // eslint-disable-next-line react-hooks/incompatible-library -- drawn anew with its rows
  const table = useReactTable({ data, columns: defined, getRowId: keyOf, getCoreRowModel: getCoreRowModel(), manualSorting: true });
  return (
    <View role="table" aria-label={label}>
      {table.getHeaderGroups().map((group) => (
        <View key={group.id} role="row" style={[styles.row, { borderColor: palette.ink }]}>
          {group.headers.map((header) => {
            const column = header.column.columnDef.meta as BookColumn<T>;
            return (
              <View key={header.id} role="columnheader" style={place(column)} {...sorted(column, sort)}>
                {column.sort === undefined ? (
                  <Words kind="label" tone="pencil">
                    {column.title}
                  </Words>
                ) : (
                  <Press
                    kind="quiet"
                    style={[styles.head, column.isFigure && styles.headOfFigures]}
                    label={`Sort by ${column.title}`}
                    onPress={() => onSort(nextSort(column, sort))}
                    testID={`sort-${column.id}`}
                  >
                    {`${column.title}${markOf(column, sort)}`}
                  </Press>
                )}
              </View>
            );
          })}
        </View>
      ))}
      {table.getRowModel().rows.map((row) => (
        <View key={row.id} role="row" style={[styles.row, { borderColor: palette.rule }]} testID={`${testID}-${row.id}`}>
          {row.getVisibleCells().map((cell) => {
            const column = cell.column.columnDef.meta as BookColumn<T>;
            const text = flexRender(cell.column.columnDef.cell, cell.getContext());
            return (
              <View key={cell.id} role="cell" style={place(column)}>
                {column.isHead ? (
                  <Press kind="quiet" style={styles.lead} href={leadsTo(row.original)} onPress={() => onOpen(row.original)}>
                    <Words kind="strong" style={styles.link}>
                      {text}
                    </Words>
                  </Press>
                ) : (
                  <Words kind={column.isFigure ? 'title' : 'text'}>{text}</Words>
                )}
              </View>
            );
          })}
        </View>
      ))}
    </View>
  );
}

const place = ({ isFigure, id }: { isFigure?: boolean; id: string }) => [
  isFigure ? styles.figure : id === 'last' ? styles.date : styles.text,
];

const isBy = ({ sort }: BookColumn<never>, now: string) => sort !== undefined && now.replace(/^-/, '') === sort.by;

const markOf = (column: BookColumn<never>, now: string) => (isBy(column, now) ? (now.startsWith('-') ? ' ↓' : ' ↑') : '');

const sorted = (column: BookColumn<never>, now: string) =>
  isBy(column, now) ? { 'aria-sort': now.startsWith('-') ? ('descending' as const) : ('ascending' as const) } : {};

/** A second tap on the same head turns the order round. */
function nextSort(column: BookColumn<never>, now: string): string {
  if (column.sort === undefined) return now;
  if (!isBy(column, now)) return firstSort(column.sort);
  return now.startsWith('-') ? column.sort.by : `-${column.sort.by}`;
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', minHeight: 48, borderBottomWidth: LINE.hair, gap: SPACE.m },
  text: { flex: 1, minWidth: 0 },
  date: { width: 132 },
  figure: { width: 92, alignItems: 'flex-end' },
  head: { paddingHorizontal: 0, justifyContent: 'flex-start' },
  headOfFigures: { justifyContent: 'flex-end' },
  lead: { paddingHorizontal: 0, justifyContent: 'flex-start', borderWidth: 0 },
  link: { flex: 1, textDecorationLine: 'underline' },
});
