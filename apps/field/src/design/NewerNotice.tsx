import { useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import { hasNewer, onNewer, takeNewer } from '../offline/serviceWorker';
import { Press } from './Press';
import { usePalette } from './theme';
import { LINE, SPACE } from './tokens';
import { Words } from './Words';

/** Says that a newer program is here, and lets the person choose when to open it. */
export function NewerNotice() {
  const palette = usePalette();
  const isHere = useSyncExternalStore(onNewer, hasNewer, () => false);
  if (!isHere) return null;
  return (
    <View style={[styles.notice, { borderColor: palette.ink, backgroundColor: palette.sunk }]} role="status">
      <Words style={styles.words}>A newer version is here.</Words>
      <Press onPress={() => takeNewer()} testID="take-newer">
        Open it
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  notice: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, borderBottomWidth: LINE.rule, paddingHorizontal: SPACE.m },
  words: { flex: 1 },
});
