import { addDays } from 'date-fns/addDays';
import { format } from 'date-fns/format';
import { isSameDay } from 'date-fns/isSameDay';
import { isSameYear } from 'date-fns/isSameYear';
import { isValid } from 'date-fns/isValid';
import { parse } from 'date-fns/parse';
import { startOfDay } from 'date-fns/startOfDay';

/** A day as forms keep it: `2026-12-01`. */
export type DayKey = string;

export const dayKey = (date: Date | string): DayKey => format(date, 'yyyy-MM-dd');

export const timeOf = (date: Date | string): string => format(date, 'HH:mm');

/** A day and a time of day as they stand in a form, in the time of this device; nothing when they are none. */
export function momentOf(day: DayKey, time: string): Date | undefined {
  const moment = parse(`${day} ${time}`, 'yyyy-MM-dd HH:mm', new Date(0));
  return isValid(moment) ? moment : undefined;
}

/** `Today`, `Tomorrow`, `Wed 2 December`, and the year where it is another. */
export function dayWords(date: Date | string, now: Date): string {
  const day = new Date(date);
  if (isSameDay(day, now)) return 'Today';
  if (isSameDay(day, addDays(now, 1))) return 'Tomorrow';
  if (isSameDay(day, addDays(now, -1))) return 'Yesterday';
  return format(day, isSameYear(day, now) ? 'EEE d MMMM' : 'EEE d MMMM yyyy');
}

/** Today and the days after it. */
export const daysFrom = (now: Date, count: number): Date[] => Array.from({ length: count }, (_, i) => addDays(startOfDay(now), i));
