import type { CallSummary } from '@proper-swing/contract';
import { format } from 'date-fns/format';
import CalendarClock from 'lucide-react-native/icons/calendar-clock';
import { router } from 'expo-router';
import { memo, useContext } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../design/Press';
import { pluralOf } from '../design/plural';
import { LINE, SPACE } from '../design/tokens';
import { usePalette } from '../design/theme';
import { Words } from '../design/Words';
import { isFitting, JOB_WORDS, jobOf } from '../call/stages';
import { isOpen, stateWords, wantsAnotherDay } from './callMoves';
import { timeOf } from './days';
import { DragContext } from './dragContext';

export interface CallRowProps {
  summary: CallSummary;
  /** What stands before it: the time of its day, its day, or nothing below another of the same visit. */
  shows: 'time' | 'day' | 'date' | 'nothing';
  isNext?: boolean;
  /** The site is named already. */
  isBelowSite?: boolean;
}

/** A call in a list: opens at a tap; the key behind it leads to when it is and how it stands. */
export const CallRow = memo(function CallRow({ summary, shows, isNext = false, isBelowSite = false }: CallRowProps) {
  const palette = usePalette();
  const { Grip } = useContext(DragContext);
  const { call, door, site } = summary;
  const when = {
    time: timeOf(call.scheduledFor),
    day: format(call.scheduledFor, 'd MMM'),
    date: format(call.scheduledFor, 'd MMM yyyy'),
    nothing: '',
  };
  return (
    <View style={[styles.row, { borderColor: palette.rule, borderLeftColor: isNext ? palette.accent : 'transparent' }]}>
      <Press
        kind="quiet"
        style={styles.line}
        label={`${site.name}, ${door.title}, ${format(call.scheduledFor, 'd MMMM HH:mm')}, ${stateWords(call.state)}`}
        onPress={() => router.navigate(`/call/${call.id}`)}
        testID={`call-${call.id}`}
      >
        <Words kind="title" style={shows === 'date' ? styles.date : styles.time} tone={isOpen(call) ? 'ink' : 'pencil'}>
          {when[shows]}
        </Words>
        <View style={styles.words}>
          {!isBelowSite && (
            <Words kind="title" lines={2}>
              {site.name}
            </Words>
          )}
          <Words kind={isBelowSite ? 'strong' : 'text'}>{door.title}</Words>
          {isFitting(call) && <Words kind="small">{JOB_WORDS[jobOf(call)]}</Words>}
          {call.complaint !== '' && (
            <Words kind="small" tone="pencil" lines={2}>
              {call.complaint}
            </Words>
          )}
          <Words kind="label" tone={wantsAnotherDay(call) ? 'tight' : 'pencil'} testID={`state-${call.id}`}>
            {standsWords(summary)}
          </Words>
        </View>
      </Press>
      <Press
        kind="quiet"
        style={styles.visit}
        label={`${door.title}, ${site.name}: when and how`}
        onPress={() => router.navigate(`/call/${call.id}/visit`)}
        testID={`visit-${call.id}`}
      >
        <CalendarClock size={24} color={palette.ink} />
      </Press>
      {isOpen(call) && <Grip callId={call.id} label={`${door.title}, ${site.name}: move to a day`} />}
    </View>
  );
});

/** How it stands, and how far it is. */
function standsWords({ call, readingCount, adjustmentCount }: CallSummary): string {
  const reason = call.leftBecause && call.state !== 'done' ? `: ${call.leftBecause}` : '';
  const stands = `${stateWords(call.state)}${reason}`;
  if (!isOpen(call)) return stands;
  const steps = `${adjustmentCount} ${pluralOf(adjustmentCount, { one: 'step', other: 'steps' })}`;
  const far = [readingCount > 0 && `${readingCount} read`, adjustmentCount > 0 && steps].filter(Boolean);
  return [stands, ...far].join(' · ');
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'stretch', borderBottomWidth: LINE.hair, borderLeftWidth: 5 },
  line: {
    flex: 1,
    minWidth: 0,
    justifyContent: 'flex-start',
    alignItems: 'flex-start',
    borderWidth: 0,
    paddingHorizontal: SPACE.s,
    paddingVertical: SPACE.s,
  },
  time: { width: 62 },
  date: { width: 116 },
  words: { flex: 1, minWidth: 0 },
  visit: { paddingHorizontal: 0 },
});
