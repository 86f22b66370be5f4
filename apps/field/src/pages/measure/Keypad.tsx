import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import type { KeypadKey } from './keypadKeys';

export interface KeypadProps {
  keys: readonly (readonly KeypadKey[])[];
  onKey: (key: KeypadKey) => void;
}

/** The app's own keypad: large keys, the trade's own figures, no system keyboard over the drawing. */
export const Keypad = memo(function Keypad({ keys, onKey }: KeypadProps) {
  const palette = usePalette();
  return (
    <View style={[styles.pad, { backgroundColor: palette.sunk }]} role="group" aria-label="Keypad">
      {keys.map((row) => (
        <View key={row.map(({ id }) => id).join()} style={styles.row}>
          {row.map((key) => {
            const isNext = key.id === 'next';
            const isWord = key.does === 'act' && !isNext;
            return (
              <Press
                key={key.id}
                kind={isNext ? 'primary' : 'key'}
                onPress={() => onKey(key)}
                label={key.label}
                style={styles.key}
                testID={`key-${key.label}`}
              >
                <Words kind={isWord || isNext ? 'label' : 'figure'} tone={isNext ? 'onAccent' : 'ink'} style={styles.words}>
                  {key.label}
                </Words>
              </Press>
            );
          })}
        </View>
      ))}
    </View>
  );
});

const styles = StyleSheet.create({
  pad: { padding: SPACE.s, gap: 6 },
  row: { flexDirection: 'row', gap: 6 },
  key: { flex: 1, minHeight: 50, paddingHorizontal: 2 },
  words: { textAlign: 'center' },
});
