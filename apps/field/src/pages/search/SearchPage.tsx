import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Header } from '../../design/Header';
import { Field } from '../../design/Field';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useSearch, type Found } from '../../offline/book';
import { wordsOf } from '../../offline/searchKept';
import { Hits } from './Hits';

/** One field over customers, doors, complaints and notes. */
export function SearchPage() {
  const [q, setQ] = useState('');
  const found = useSearch(q);
  const isAsked = wordsOf(q).length > 0;
  return (
    <Page
      header={<Header title="Find" onBack={() => router.navigate('/')} backLabel="Back to today's calls" />}
      footer={
        <View style={styles.row}>
          <Press style={styles.key} onPress={() => router.navigate('/sites')} testID="all-sites">
            All sites
          </Press>
          <Press style={styles.key} onPress={() => router.navigate('/doors')} testID="all-doors">
            All doors
          </Press>
        </View>
      }
    >
      <Field label="Customer, address, telephone, door, complaint or note" value={q} onChange={setQ} begins testID="search" />
      {isAsked ? (
        <>
          <Words tone={found.from === 'device' ? 'tight' : 'pencil'} kind="small" testID="found-from">
            {fromWords(found)}
          </Words>
          <Hits hits={found.hits} />
        </>
      ) : (
        <Words tone="pencil">The beginnings of words are enough: “kit rub” finds what rubs in a kitchen.</Words>
      )}
    </Page>
  );
}

/** Nothing found, not yet known, and not asked everywhere are three things. */
function fromWords({ from, hits }: Found): string {
  if (from === 'asking') return 'Looking on this device; the server is being asked.';
  if (from === 'device') return 'Only what is kept on this device was looked through: the server cannot be reached.';
  return hits.length === 0 ? 'Nothing holds all these words.' : 'The newest of each.';
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s }, key: { flex: 1 } });
