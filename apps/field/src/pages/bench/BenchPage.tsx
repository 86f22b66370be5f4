import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { onBench, onShelf } from '../../sheets/register';
import { inAddress } from '../../call/stages';

const SESSION = {
  name: 'multipoint',
  title: 'Multipoint door, turn by turn',
  about: 'Height, sideways, keeps: how far each screw goes, from what the last turn did.',
};

const TAKE_DOWN = {
  name: 'take-down',
  title: 'Take down, put back',
  about: 'A panel out and in again, a step at a time, each with its caution.',
};

const PARTS = [
  { title: 'Doors on hinges', sheets: [SESSION, ...onBench('hinged')] },
  { title: 'Sliding doors', sheets: [...onBench('sliding'), TAKE_DOWN] },
  { title: 'Fitting and trimming', sheets: onBench('every') },
  { title: 'Jambs, hinges, timber, drying', sheets: onShelf('jambs') },
];

/** Every calculation that can be used without a customer. */
export function BenchPage() {
  const palette = usePalette();
  return (
    <Page
      header={<Header title="The bench" sub="Without a customer" onBack={() => router.navigate('/')} backLabel="Back to today's calls" />}
    >
      {PARTS.map(({ title: part, sheets }) => (
        <View key={part} style={styles.list}>
          <Words kind="label" heading={2} tone="pencil" style={styles.part}>
            {part}
          </Words>
          {sheets.map(({ name, title, about }) => (
            <Press
              key={name}
              kind="quiet"
              style={[styles.row, { borderColor: palette.rule }]}
              label={title}
              onPress={() => router.navigate(`/bench/${inAddress(name)}`)}
              testID={`bench-${name}`}
            >
              <View style={styles.words}>
                <Words kind="title">{title}</Words>
                <Words tone="pencil">{about}</Words>
              </View>
              <Words kind="title" tone="pencil">
                ›
              </Words>
            </Press>
          ))}
        </View>
      ))}
    </Page>
  );
}

const styles = StyleSheet.create({
  list: { maxWidth: 760 },
  part: { paddingTop: SPACE.s },
  row: { justifyContent: 'flex-start', borderWidth: 0, borderBottomWidth: LINE.hair, borderRadius: 0, paddingVertical: SPACE.m },
  words: { flex: 1, minWidth: 0 },
});
