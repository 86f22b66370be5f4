import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Press } from '../design/Press';
import { LINE, SPACE } from '../design/tokens';
import { usePalette } from '../design/theme';
import { Words } from '../design/Words';
import { MEANINGS } from './meanings';
import { TermDrawing } from './TermDrawing';
import type { TermId } from './terms';

/** What a word means and where it is on a door, under the sentence it was tapped in. */
export function TermSlip({ id, onClose }: { id: TermId; onClose: () => void }) {
  const palette = usePalette();
  const { title, says } = MEANINGS[id];
  return (
    <View
      style={[styles.slip, { borderColor: palette.rule, backgroundColor: palette.sunk }]}
      role="note"
      aria-label={title}
      testID={`term-${id}`}
    >
      <TermDrawing id={id} width={150} />
      <View style={styles.words}>
        <Words>
          <Words kind="strong">{`${title}. `}</Words>
          {says}
        </Words>
        <View style={styles.keys}>
          <Press onPress={onClose} testID="close-term">
            Close
          </Press>
          <Press kind="quiet" href="/words" onPress={() => router.push('/words')}>
            All words
          </Press>
        </View>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  slip: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m, borderWidth: LINE.hair, padding: SPACE.s, marginVertical: SPACE.xs },
  words: { flex: 1, minWidth: 150, gap: SPACE.xs },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
