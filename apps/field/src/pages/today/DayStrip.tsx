import { format } from 'date-fns/format';
import { useContext } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { STRIP_DAYS, type DayBook } from '../../day/dayBook';
import { dayKey, daysFrom, type DayKey } from '../../day/days';
import { DragContext } from '../../day/dragContext';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';

/** What stands in place of a day for all that comes after those of the strip. */
export const LATER = 'later';

export interface DayStripProps {
  book: DayBook;
  now: Date;
  /** A day, or later. */
  chosen: DayKey;
  onChoose: (chosen: DayKey) => void;
}

/** The next days with how much there is to do on each; a call can be dropped on one. */
export function DayStrip({ book, now, chosen, onChoose }: DayStripProps) {
  const { Drop } = useContext(DragContext);
  const later = book.later.reduce((sum, key) => sum + (book.openOn.get(key)?.length ?? 0), 0);
  const key = (id: DayKey, title: string, spoken: string, count: number) => (
    <Press
      role="radio"
      chosen={id === chosen}
      label={`${spoken}: ${count} to do`}
      onPress={() => onChoose(id)}
      style={styles.day}
      testID={`day-${id}`}
    >
      <Words kind="label" tone={id === chosen ? 'paper' : 'ink'}>
        {title}
      </Words>
      <Words kind="title" tone={id === chosen ? 'paper' : count === 0 ? 'pencil' : 'ink'}>
        {count === 0 ? '–' : String(count)}
      </Words>
    </Press>
  );
  return (
    <ScrollView horizontal showsHorizontalScrollIndicator={false}>
      <View role="radiogroup" aria-label="Day" style={styles.row}>
        {daysFrom(now, STRIP_DAYS).map((day, i) => {
          const id = dayKey(day);
          return (
            <Drop key={id} day={id}>
              {key(id, i === 0 ? 'Today' : format(day, 'EEE d'), format(day, 'EEEE d MMMM'), book.openOn.get(id)?.length ?? 0)}
            </Drop>
          );
        })}
        {later > 0 && key(LATER, 'Later', 'Later', later)}
      </View>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: SPACE.xs },
  day: { flexDirection: 'column', gap: 0, minWidth: 64, paddingHorizontal: SPACE.s },
});
