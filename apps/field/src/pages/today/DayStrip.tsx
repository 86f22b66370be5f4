import { format } from 'date-fns/format';
import { useContext } from 'react';
import { StyleSheet, View } from 'react-native';
import type { DayBook } from '../../day/dayBook';
import { dayKey, daysFrom, type DayKey } from '../../day/days';
import { DragContext } from '../../day/dragContext';
import { Press } from '../../design/Press';
import { GROUP_KEYS } from '../../design/groupKeys';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';

const DAY_WIDTH = 56;
const MOST_DAYS = 7;

/** So many days stand side by side on a page of a width, and *Later* beside them, px. */
export function stripDays(width: number): number {
  return Math.min(MOST_DAYS, Math.floor((width - 2 * SPACE.l + SPACE.xs) / (DAY_WIDTH + SPACE.xs)) - 1);
}

/** What stands in place of a day for all that comes after those of the strip. */
export const LATER = 'later';

export interface DayStripProps {
  book: DayBook;
  now: Date;
  /** How many days it shows. */
  days: number;
  /** A day, or later. */
  chosen: DayKey;
  onChoose: (chosen: DayKey) => void;
}

/** The next days with how much there is to do on each; a call can be dropped on one. */
export function DayStrip({ book, now, days, chosen, onChoose }: DayStripProps) {
  const { Drop } = useContext(DragContext);
  const later = book.later.reduce((sum, key) => sum + (book.openOn.get(key)?.length ?? 0), 0);
  const key = (id: DayKey, title: string, spoken: string, count: number) => (
    <Press
      role="radio"
      chosen={id === chosen}
      isStop={id === chosen}
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
    <View role="radiogroup" aria-label="Day" style={styles.row} {...GROUP_KEYS}>
      {daysFrom(now, days).map((day, i) => {
        const id = dayKey(day);
        return (
          <Drop key={id} day={id}>
            {key(id, i === 0 ? 'Today' : format(day, 'EEE d'), format(day, 'EEEE d MMMM'), book.openOn.get(id)?.length ?? 0)}
          </Drop>
        );
      })}
      {later > 0 && key(LATER, 'Later', 'Later', later)}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: SPACE.xs },
  day: { flexDirection: 'column', gap: 0, width: DAY_WIDTH, paddingHorizontal: 2 },
});
