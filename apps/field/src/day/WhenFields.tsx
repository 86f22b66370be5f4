import { format } from 'date-fns/format';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../design/Choice';
import { DateInput } from '../design/DateInput';
import { SPACE } from '../design/tokens';
import { dayKey, daysFrom, dayWords, type DayKey } from './days';

/** Days that are one tap away. */
const NEAR_DAYS = 6;

export interface WhenFieldsProps {
  day: DayKey;
  time: string;
  onDay: (day: DayKey) => void;
  onTime: (time: string) => void;
  error?: string | undefined;
}

/** A day and a time: the near days at a tap, any other by the calendar. */
export function WhenFields({ day, time, onDay, onTime, error }: WhenFieldsProps) {
  const [now] = useState(() => new Date());
  const near = daysFrom(now, NEAR_DAYS).map((each, i) => ({
    id: dayKey(each),
    label: i < 2 ? dayWords(each, now) : format(each, 'EEE d'),
  }));
  return (
    <View style={styles.fields}>
      <Choice label="Day" options={near} chosen={day} onChoose={onDay} testID="day" />
      <View style={styles.row}>
        <DateInput label="Date" kind="date" value={day} onChange={onDay} error={error} testID="date" />
        <DateInput label="Time" kind="time" value={time} onChange={onTime} testID="time" />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({ fields: { gap: SPACE.s }, row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m } });
