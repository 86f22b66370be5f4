import { View } from 'react-native';
import { ListRow } from '../../design/ListRow';
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
  const head = columns.find(({ isHead }) => isHead);
  const texts = columns.filter((column) => column !== head && column.isFigure !== true && column.id !== 'last');
  const counts = columns.filter(({ isFigure, id }) => isFigure === true || id === 'last');
  return (
    <View>
      {items.map((item) => (
        <ListRow key={keyOf(item)} onPress={() => onOpen(item)} testID={`${testID}-${keyOf(item)}`}>
          <Words kind="title">{head?.text(item) ?? ''}</Words>
          {texts.map((column) => {
            const text = column.text(item);
            return text !== '' && <Words key={column.id}>{text}</Words>;
          })}
          <Words kind="label" tone="pencil">
            {counts.map(({ title, text }) => `${title} ${text(item)}`).join(' · ')}
          </Words>
        </ListRow>
      ))}
    </View>
  );
}
