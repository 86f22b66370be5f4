import type { CallSummary } from '@proper-swing/contract';
import { format } from 'date-fns/format';
import { isToday } from 'date-fns/isToday';
import { isBefore } from 'date-fns/isBefore';
import { startOfDay } from 'date-fns/startOfDay';
import Ruler from 'lucide-react-native/icons/ruler';
import Settings from 'lucide-react-native/icons/settings';
import { router } from 'expo-router';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { useCallSummaries, type InStep } from '../../offline/lists';
import { useWorkingSet } from '../../offline/workingSet';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { LINE, SPACE, WIDE_FROM } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';

/** Today's calls first, what comes, and what was. */
export function Today() {
  const palette = usePalette();
  const { width } = useWindowDimensions();
  const { items, inStep } = useCallSummaries();
  useWorkingSet();
  const day = startOfDay(new Date());
  const dueOrder = [...items].sort((a, b) => a.call.scheduledFor.localeCompare(b.call.scheduledFor));
  const today = dueOrder.filter(({ call }) => isToday(call.scheduledFor));
  const earlier = dueOrder.filter(({ call }) => isBefore(call.scheduledFor, day));
  const overdue = earlier.filter(({ call }) => call.state === 'open');
  const done = earlier.filter(({ call }) => call.state === 'done').reverse();
  const coming = dueOrder.filter(({ call }) => !isToday(call.scheduledFor) && !isBefore(call.scheduledFor, day));
  const isWide = width >= WIDE_FROM;
  const next = today.find(({ call }) => call.state === 'open');

  return (
    <Page
      header={
        <Header
          title="Proper Swing"
          sub={format(new Date(), 'EEE d MMMM')}
          right={
            <>
              <Press kind="quiet" label="The bench" onPress={() => router.navigate('/bench')} testID="to-bench">
                <Ruler size={24} color={palette.ink} />
              </Press>
              <Press kind="quiet" label="Settings" onPress={() => router.navigate('/settings')}>
                <Settings size={24} color={palette.ink} />
              </Press>
            </>
          }
        />
      }
      footer={
        <Press kind="primary" onPress={() => router.navigate('/new')} testID="new-call">
          New call
        </Press>
      }
    >
      <View style={isWide ? styles.wide : styles.narrow}>
        <View style={[styles.narrow, isWide && styles.column]}>
          <Section title="Today">
            {today.map((summary) => (
              <CallLine key={summary.call.id} summary={summary} pattern="HH:mm" isNext={summary === next} />
            ))}
            {today.length === 0 && (
              <Words tone="pencil" testID="no-calls">
                {noCallsWords(inStep)}
              </Words>
            )}
            <InStepLine {...inStep} />
          </Section>
          {overdue.length > 0 && <CallList title="Still open from before" items={overdue} />}
        </View>
        <View style={[styles.narrow, isWide && styles.column]}>
          {coming.length > 0 && <CallList title="Coming" items={coming} />}
          {done.length > 0 && <CallList title="Done" items={done} />}
        </View>
      </View>
    </Page>
  );
}

/** None, not known and not yet known are three things. */
function noCallsWords({ state, at }: InStep): string {
  if (at !== undefined)
    return state === 'here' ? 'No calls today. Begin one with New call.' : `No calls today, as far as was known ${onceWords(at)}.`;
  return state === 'asking'
    ? 'Fetching the calls.'
    : 'The calls of today are not known: the server could not be asked. They come as soon as it answers.';
}

/** When the list was last fetched. */
function InStepLine({ state, at }: InStep) {
  if (at === undefined) return null;
  return (
    <Words kind="small" tone={state === 'failed' ? 'tight' : 'pencil'} testID="in-step">
      {state === 'failed' ? `Not in step with the server since ${onceWords(at)}.` : `In step with the server, ${onceWords(at)}.`}
    </Words>
  );
}

const onceWords = (at: Date) => format(at, isToday(at) ? 'HH:mm' : 'EEE d MMMM, HH:mm');

function CallList({ title, items }: { title: string; items: readonly CallSummary[] }) {
  return (
    <Section title={title}>
      {items.map((summary) => (
        <CallLine key={summary.call.id} summary={summary} pattern="EEE d" isNext={false} />
      ))}
    </Section>
  );
}

function CallLine({
  summary: { call, door, site, readingCount, adjustmentCount },
  pattern,
  isNext,
}: {
  summary: CallSummary;
  pattern: string;
  isNext: boolean;
}) {
  const palette = usePalette();
  return (
    <Press
      kind="quiet"
      style={[styles.line, { borderColor: palette.rule, borderLeftColor: isNext ? palette.accent : 'transparent' }]}
      label={`${site.name}, ${door.title}, ${format(call.scheduledFor, 'd MMMM HH:mm')}`}
      onPress={() => router.navigate(`/call/${call.id}`)}
      testID={`call-${call.id}`}
    >
      <Words kind="title" style={styles.time} tone={call.state === 'done' ? 'pencil' : 'ink'}>
        {format(call.scheduledFor, pattern)}
      </Words>
      <View style={styles.words}>
        <Words kind="title" lines={2}>
          {site.name}
        </Words>
        <Words lines={1}>{door.title}</Words>
        {call.complaint !== '' && (
          <Words kind="small" tone="pencil" lines={2}>
            {call.complaint}
          </Words>
        )}
      </View>
      <Words kind="label" tone="pencil" style={styles.state}>
        {stateWords(call.state, readingCount, adjustmentCount)}
      </Words>
    </Press>
  );
}

function stateWords(state: 'open' | 'done', readings: number, steps: number): string {
  if (state === 'done') return '✓ done';
  if (steps > 0) return `${steps} steps`;
  return readings > 0 ? `${readings} read` : 'to do';
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: SPACE.xl },
  narrow: { gap: SPACE.l },
  column: { flex: 1, minWidth: 0 },
  line: {
    justifyContent: 'flex-start',
    alignItems: 'center',
    borderWidth: 0,
    borderBottomWidth: LINE.hair,
    borderLeftWidth: 5,
    borderRadius: 0,
    paddingHorizontal: SPACE.s,
    paddingVertical: SPACE.s,
  },
  time: { width: 58 },
  words: { flex: 1, minWidth: 0 },
  state: { width: 62, textAlign: 'right' },
});
