import { router, useLocalSearchParams } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { CallRow } from '../../day/CallRow';
import { ContactLines } from '../../day/ContactLines';
import { goBack } from '../../design/goBack';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { useScreen } from '../../design/useScreen';
import { Words } from '../../design/Words';
import { useSiteHistory } from '../../offline/book';
import { BookRows } from './BookRows';
import { DOOR_COLUMNS } from './bookColumns';

/** A site: where it is, whom to ask, its doors and every visit. */
export function SitePage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { isWide } = useScreen();
  const { history, isAsking, isKeptOnly, fetchOlder } = useSiteHistory(id);
  const header = <Header title={history?.site.name ?? 'Site'} onBack={goBack} />;
  if (history === undefined) {
    return (
      <Page header={header}>
        <Words tone="pencil">
          {isAsking ? 'Fetching the site.' : 'This site is not kept on this device, and the server cannot be reached or does not know it.'}
        </Words>
      </Page>
    );
  }
  const { site, doors, calls } = history;
  return (
    <Page
      header={header}
      footer={
        <Press kind="primary" onPress={() => router.navigate(`/new?siteId=${site.id}`)} testID="new-call-here">
          New call here
        </Press>
      }
    >
      {isKeptOnly && (
        <Words tone="tight" testID="kept-only">
          Only what is kept on this device: the server cannot be reached. There may be more doors and visits.
        </Words>
      )}
      <View style={isWide ? styles.wide : styles.narrow}>
        <View style={[styles.narrow, isWide && styles.column]}>
          <Section title="Where and whom to ask">
            <ContactLines site={site} />
          </Section>
          <Section title={`Doors: ${doors.length}`}>
            <BookRows
              columns={OF_A_SITE}
              items={doors}
              keyOf={({ door }) => door.id}
              onOpen={({ door }) => router.navigate(`/door/${door.id}`)}
              testID="door"
            />
          </Section>
        </View>
        <View style={[styles.narrow, isWide && styles.column]}>
          <Section title="Visits">
            {calls.map((summary) => (
              <CallRow key={summary.call.id} summary={summary} shows="date" isBelowSite />
            ))}
            {calls.length === 0 && <Words tone="pencil">Nobody has been called here yet.</Words>}
            {fetchOlder && (
              <Press onPress={fetchOlder} testID="older-calls">
                Show older visits
              </Press>
            )}
          </Section>
        </View>
      </View>
    </Page>
  );
}

/** Its own name stands above already. */
const OF_A_SITE = DOOR_COLUMNS.filter(({ id }) => id !== 'site');

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: SPACE.xl },
  narrow: { gap: SPACE.l },
  column: { flex: 1, minWidth: 0 },
});
