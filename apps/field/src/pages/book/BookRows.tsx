import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import type { BookColumn } from './bookColumns';

export interface BookRowsProps<T> {
  columns: readonly BookColumn<T>[];
  items: readonly T[];
  keyOf: (item: T) => string;
  onOpen: (item: T) => void;
  testID: string;
}

/** A list of the book on a telephone: its head large, what else there is in a line below. */
export function BookRows<T>({ columns, items, keyOf, onOpen, testID }: BookRowsProps<T>) {
  const palette = usePalette();
  const head = columns.find(({ isHead }) => isHead);
  const texts = columns.filter((column) => column !== head && column.isFigure !== true && column.id !== 'last');
  const counts = columns.filter(({ isFigure, id }) => isFigure === true || id === 'last');
  return (
    <View>
      {items.map((item) => (
        <Press
          key={keyOf(item)}
          kind="quiet"
          style={[styles.row, { borderColor: palette.rule }]}
          onPress={() => onOpen(item)}
          testID={`${testID}-${keyOf(item)}`}
        >
          <View style={styles.words}>
            <Words kind="title">{head?.text(item) ?? ''}</Words>
            {texts.map((column) => {
              const text = column.text(item);
              return text !== '' && <Words key={column.id}>{text}</Words>;
            })}
            <Words kind="label" tone="pencil">
              {counts.map(({ title, text }) => `${title} ${text(item)}`).join(' · ')}
            </Words>
          </View>
        </Press>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    justifyContent: 'flex-start',
    borderWidth: 0,
    borderBottomWidth: LINE.hair,
    borderRadius: 0,
    paddingHorizontal: 0,
    paddingVertical: SPACE.s,
  },
  words: { flex: 1, minWidth: 0 },
});
