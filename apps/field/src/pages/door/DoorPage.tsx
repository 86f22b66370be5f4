import type { CallRecord, Door } from '@proper-swing/contract';
import { standing } from '@proper-swing/contract';
import { station, type StationId } from '@proper-swing/core/doors';
import { format } from 'date-fns/format';
import { router, useLocalSearchParams } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { stateWords } from '../../day/callMoves';
import { useDoorHistory } from '../../offline/lists';
import { goBack } from '../../design/goBack';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { pluralOf } from '../../design/plural';
import { Section } from '../../design/Section';
import { Table, type Column } from '../../design/Table';
import { SPACE } from '../../design/tokens';
import { useScreen } from '../../design/useScreen';
import { Words } from '../../design/Words';
import { useLengthWords } from '../../design/lengthWords';
import { handbookOf } from '../../record/door';
import { readingWords } from '../../record/readingWords';
import { DoorFacts } from '../../doors/DoorFacts';
import { DoorCourseSection } from './DoorCourse';
import { visitGaps, type VisitGaps } from './visitGaps';
import { VisitDrawing } from './VisitDrawing';
import { VisitLines } from './VisitLines';

/** The memory of a door: every earlier call with its readings side by side, so that what has moved can be seen. */
export function DoorPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { isWide } = useScreen();
  const { history, isLoading, fetchOlder } = useDoorHistory(id);
  const header = <Header title={history?.door.title ?? 'Door'} sub={history?.site.name} onBack={goBack} />;
  if (history === undefined) {
    return (
      <Page header={header}>
        {
          <Words tone="pencil">
            {isLoading ? 'Fetching the door.' : 'This door is not kept on this device and the server cannot be reached.'}
          </Words>
        }
      </Page>
    );
  }
  const { door, calls } = history;
  const [latest] = calls;
  const visits = visitGaps(calls);
  return (
    <Page
      header={header}
      footer={
        <Press kind="primary" onPress={() => router.navigate(`/new?siteId=${door.siteId}&doorId=${door.id}`)} testID="new-call-here">
          New call on this door
        </Press>
      }
    >
      <Section title="The door">
        <DoorFacts door={door} />
        {latest !== undefined && (
          <Press onPress={() => router.navigate(`/call/${latest.call.id}/card`)} testID="to-card">
            Put the card right
          </Press>
        )}
      </Section>
      <Section title="Gaps as left, visit by visit">
        <View style={isWide ? styles.beside : styles.below}>
          <VisitDrawing door={door} visits={visits} />
          <VisitTable door={door} visits={visits} />
        </View>
        <VisitLines door={door} visits={visits} />
      </Section>
      <DoorCourseSection door={door} calls={calls} />
      <Section title="Calls">
        {calls.map((record) => (
          <Press key={record.call.id} kind="plain" style={styles.call} onPress={() => router.navigate(`/call/${record.call.id}`)}>
            <View style={styles.words}>
              <Words kind="title">{format(record.call.scheduledFor, 'd MMM yyyy')}</Words>
              <Words tone="pencil">{`${(record.call.complaint || 'No complaint noted').replace(/[.\s]+$/, '')}. ${stepsLogged(record)}`}</Words>
              {standing(record.worksheets)
                .filter(({ says }) => says !== '')
                .map(({ id, says }) => (
                  <Words key={id}>{says}</Words>
                ))}
            </View>
            <Words kind="label">{stateWords(record.call.state)}</Words>
          </Press>
        ))}
        {fetchOlder && (
          <Press onPress={fetchOlder} testID="older-calls">
            Show older calls
          </Press>
        )}
      </Section>
    </Page>
  );
}

function stepsLogged({ adjustments }: CallRecord): string {
  const { length } = standing(adjustments);
  return `${length} ${pluralOf(length, { one: 'step', other: 'steps' })} logged.`;
}

function VisitTable({ door, visits }: { door: Door; visits: readonly VisitGaps[] }) {
  const words = useLengthWords();
  if (visits.length === 0) return <Words tone="pencil">Nobody has measured this door yet. The first walk-round will stand here.</Words>;
  return (
    <ScrollView horizontal tabIndex={0}>
      <Table
        label={`Gaps visit by visit, ${words.unit}`}
        columns={[
          { title: `Gap, ${words.unit}`, width: 148, kind: 'label', sticks: true, cell: (id) => station(id).title },
          ...visits.map(({ record, readings, isLeft }): Column<StationId> => ({
            id: record.call.id,
            title: format(record.call.scheduledFor, 'd MMM'),
            under: `${format(record.call.scheduledFor, 'yyyy')} ${isLeft ? 'left' : 'found'}`,
            width: 92,
            kind: 'title',
            cell: (id) => readingWords(readings.get(id), words),
          })),
        ]}
        rows={handbookOf(door).walk}
        keyOf={(id) => id}
      />
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', alignItems: 'flex-start', gap: SPACE.xl },
  below: { gap: SPACE.m },
  call: { maxWidth: '100%', justifyContent: 'flex-start', alignItems: 'center', paddingVertical: SPACE.s },
  words: { flex: 1 },
});
