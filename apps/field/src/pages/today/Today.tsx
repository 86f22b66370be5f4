import type { CallSummary } from '@proper-swing/contract';
import Ruler from 'lucide-react-native/icons/ruler';
import Search from 'lucide-react-native/icons/search';
import Settings from 'lucide-react-native/icons/settings';
import { format } from 'date-fns/format';
import { router } from 'expo-router';
import { lazy, Suspense, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { CallRow } from '../../day/CallRow';
import { dayBook, visitsOf, type DayBook } from '../../day/dayBook';
import { dayKey, daysFrom, dayWords, momentOf, timeOf, type DayKey } from '../../day/days';
import { bookBack, bookCall } from '../../day/writeCall';
import { Folded } from '../../design/Folded';
import { FormFault } from '../../design/Form';
import { Header } from '../../design/Header';
import { Notice } from '../../design/Notice';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { LINE, RADIUS, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { useScreen } from '../../design/useScreen';
import { Words } from '../../design/Words';
import { useCallSummaries } from '../../offline/lists';
import { useWorkingSet } from '../../offline/workingSet';
import { DayStrip, LATER, stripDays } from './DayStrip';
import { HowNotice } from './HowNotice';
import { InStepLine, noCallsWords } from './InStep';

/** Only where there is room to drag to. */
const DragArea = lazy(async () => ({ default: (await import('./DragArea')).DragArea }));

const FIND = 'Find a customer, a door, a call';
const toSearch = () => router.navigate('/search');

/** The day: what is to be done, when, and what comes next. */
export function Today() {
  const palette = usePalette();
  const { isWide, isFlat, width } = useScreen();
  const days = stripDays(width);
  const { items, inStep } = useCallSummaries();
  useWorkingSet();
  const now = new Date();
  const today = dayKey(now);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- anew when the day changes, not at every drawing
  const book = useMemo(() => dayBook(items, now, days), [items, today, days]);
  const [chosen, setChosen] = useState<DayKey>();
  const [moved, setMoved] = useState<{ summary: CallSummary; to: Date }>();
  const [fault, setFault] = useState<string>();
  const isInStrip = daysFrom(now, days).some((day) => dayKey(day) === chosen) || (chosen === LATER && book.later.length > 0);
  const shown = chosen !== undefined && isInStrip ? chosen : today;
  const find = (callId: string) => items.find(({ call }) => call.id === callId);

  const trying = (act: () => void) => {
    try {
      act();
      setFault(undefined);
    } catch {
      setFault('This device is full: it was not moved. Make room and try again.');
    }
  };
  const drop = (callId: string, day: DayKey) => {
    const summary = find(callId);
    const to = summary && momentOf(day, timeOf(summary.call.scheduledFor));
    if (summary === undefined || to === undefined || dayKey(summary.call.scheduledFor) === day) return;
    trying(() => {
      bookCall(summary.call, to);
      setMoved({ summary, to });
    });
  };
  const moveBack = () => {
    const current = moved && find(moved.summary.call.id)?.call;
    trying(() => {
      if (moved && current) bookBack(current, moved.summary.call);
      setMoved(undefined);
    });
  };

  const day = (
    <View style={styles.narrow}>
      {moved && (
        <Notice tone="ink" action={{ label: 'Move it back', onPress: moveBack, testID: 'move-back' }} testID="moved">
          {`${moved.summary.site.name}, ${moved.summary.door.title}: moved to ${dayWords(moved.to, now)}, ${timeOf(moved.to)}.`}
        </Notice>
      )}
      <FormFault says={fault} />
      <DayStrip book={book} now={now} days={days} chosen={shown} onChoose={setChosen} />
      <View style={isWide ? styles.wide : styles.narrow}>
        <View style={[styles.narrow, isWide && styles.column]}>
          {shown === LATER ? (
            book.later.map((key) => <DaySection key={key} book={book} day={key} now={now} />)
          ) : (
            <DaySection book={book} day={shown} now={now}>
              {shown === today && (book.openOn.get(today) ?? []).length === 0 && (
                <Words tone="pencil" testID="no-calls">
                  {noCallsWords(inStep, book.closedToday.length)}
                </Words>
              )}
            </DaySection>
          )}
          {shown === today && book.closedToday.length > 0 && (
            <Folded title={`Closed today: ${book.closedToday.length}`} testID="closed-today">
              {book.closedToday.map((summary) => (
                <CallRow key={summary.call.id} summary={summary} shows="time" />
              ))}
            </Folded>
          )}
          <InStepLine {...inStep} />
        </View>
        <View style={[styles.narrow, isWide && styles.column]}>
          {book.unsettled.length > 0 && (
            <Section title={`To be settled: ${book.unsettled.length}`}>
              {book.unsettled.map((summary) => (
                <CallRow key={summary.call.id} summary={summary} shows="day" />
              ))}
            </Section>
          )}
          {book.doneBefore.length > 0 && (
            <Folded title={`Done before: ${book.doneBefore.length}`} testID="done-before">
              {book.doneBefore.map((summary) => (
                <CallRow key={summary.call.id} summary={summary} shows="date" />
              ))}
            </Folded>
          )}
        </View>
      </View>
    </View>
  );

  return (
    <Page
      header={
        <Header
          title="Proper Swing"
          sub={format(now, 'EEE d MMMM')}
          right={
            <>
              {isFlat && (
                <Press kind="quiet" label={FIND} onPress={toSearch} style={styles.icon} testID="to-search">
                  <Search size={24} color={palette.ink} />
                </Press>
              )}
              <Press kind="quiet" label="The bench" onPress={() => router.navigate('/bench')} style={styles.icon} testID="to-bench">
                <Ruler size={24} color={palette.ink} />
              </Press>
              <Press kind="quiet" label="Settings" onPress={() => router.navigate('/settings')} style={styles.icon}>
                <Settings size={24} color={palette.ink} />
              </Press>
            </>
          }
        />
      }
      footer={<DayFooter next={book.next} now={now} />}
    >
      {!isFlat && <HowNotice />}
      {!isFlat && (
        <Press
          style={[styles.search, { backgroundColor: palette.slab, borderColor: palette.edge }]}
          label={FIND}
          onPress={toSearch}
          testID="to-search"
        >
          <Search size={22} color={palette.ink} />
          <Words tone="pencil">{FIND}</Words>
        </Press>
      )}
      {isWide ? (
        <Suspense fallback={day}>
          <DragArea onDrop={drop} nameOf={(id) => [find(id)?.site.name, find(id)?.door.title].join(', ')}>
            {day}
          </DragArea>
        </Suspense>
      ) : (
        day
      )}
    </Page>
  );
}

interface DaySectionProps {
  book: DayBook;
  day: DayKey;
  now: Date;
  children?: React.ReactNode;
}

/** The open calls of a day, those of one visit together. */
function DaySection({ book, day, now, children }: DaySectionProps) {
  const calls = book.openOn.get(day) ?? [];
  return (
    <Section title={dayWords(momentOf(day, '00:00') ?? now, now)}>
      {visitsOf(calls).map(({ key, calls: of }) =>
        of.map((summary, i) => (
          <CallRow
            key={`${key} ${summary.call.id}`}
            summary={summary}
            shows={i === 0 ? 'time' : 'nothing'}
            isBelowSite={i > 0}
            isNext={summary === book.next}
          />
        )),
      )}
      {children ?? (calls.length === 0 && <Words tone="pencil">Nothing is booked for this day.</Words>)}
    </Section>
  );
}

/** What is to be done next, under the thumb; a new call beside it. */
function DayFooter({ next, now }: { next: CallSummary | undefined; now: Date }) {
  const isToday = next !== undefined && dayKey(next.call.scheduledFor) <= dayKey(now);
  return (
    <View style={styles.footer}>
      <Press kind={isToday ? 'plain' : 'primary'} style={styles.key} onPress={() => router.navigate('/new')} testID="new-call">
        New call
      </Press>
      {isToday && (
        <Press
          kind="primary"
          style={styles.key}
          label={`Next: ${next.door.title}, ${next.site.name}`}
          onPress={() => router.navigate(`/call/${next.call.id}`)}
          testID="next-call"
        >
          {`Next: ${next.door.title}`}
        </Press>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: SPACE.xl },
  narrow: { gap: SPACE.l },
  column: { flex: 1, minWidth: 0 },
  icon: { paddingHorizontal: 0 },
  search: { maxWidth: '100%', justifyContent: 'flex-start', borderWidth: LINE.rule, borderRadius: RADIUS.s },
  footer: { flexDirection: 'row', gap: SPACE.s },
  key: { flex: 1 },
});
