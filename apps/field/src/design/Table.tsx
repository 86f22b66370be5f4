import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { LINE, SPACE } from './tokens';
import { usePalette } from './theme';
import { Words, type WordsProps } from './Words';

export interface Column<Row> {
  /** Tells columns of one title apart. */
  id?: string;
  title: string;
  /** A second line of the heading. */
  under?: string;
  /** px; columns without a width share what is left. */
  width?: number;
  isRight?: boolean;
  /** Stays in sight when the others are scrolled sideways. */
  sticks?: boolean;
  kind?: WordsProps['kind'];
  tone?: WordsProps['tone'];
  /** Text is set in `kind` and `tone`; anything else stands as it is. */
  cell: (row: Row) => ReactNode;
}

export interface TableProps<Row> {
  /** What the table is of, for a screen reader. */
  label: string;
  columns: readonly Column<Row>[];
  rows: readonly Row[];
  keyOf: (row: Row) => string;
  /** Names a row for the tests. */
  rowTestID?: (row: Row) => string;
  isHeadless?: boolean;
}

/** Rows under a head, ruled. */
export function Table<Row>({ label, columns, rows, keyOf, rowTestID, isHeadless = false }: TableProps<Row>) {
  const palette = usePalette();
  const place = ({ width, isRight = false, sticks = false }: Column<Row>) => [
    width === undefined ? styles.rest : { width },
    isRight && styles.right,
    sticks && [styles.sticks, { backgroundColor: palette.paper }],
  ];
  return (
    <View role="table" aria-label={label} style={columns.some(({ width }) => width === undefined) && styles.held}>
      {!isHeadless && (
        <View role="row" style={[styles.row, { borderColor: palette.ink }]}>
          {columns.map((column) => (
            <View key={column.id ?? column.title} role="columnheader" style={place(column)}>
              <Words kind="label" tone="pencil">
                {column.title}
              </Words>
              {column.under !== undefined && (
                <Words kind="label" tone="pencil">
                  {column.under}
                </Words>
              )}
            </View>
          ))}
        </View>
      )}
      {rows.map((row) => (
        <View key={keyOf(row)} role="row" style={[styles.row, { borderColor: palette.rule }]} testID={rowTestID?.(row)}>
          {columns.map((column) => {
            const content = column.cell(row);
            return (
              <View key={column.id ?? column.title} role="cell" style={place(column)}>
                {typeof content === 'string' ? (
                  <Words kind={column.kind} tone={column.tone}>
                    {content}
                  </Words>
                ) : (
                  content
                )}
              </View>
            );
          })}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  // Names stand by their figures.
  held: { maxWidth: 640 },
  row: { flexDirection: 'row', alignItems: 'center', minHeight: 40, borderBottomWidth: LINE.hair, gap: SPACE.s },
  rest: { flex: 1, minWidth: 0 },
  right: { alignItems: 'flex-end' },
  sticks: { position: 'sticky' as 'relative', left: 0, zIndex: 1, alignSelf: 'stretch', justifyContent: 'center' },
});
