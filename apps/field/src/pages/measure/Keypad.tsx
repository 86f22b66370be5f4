import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { useScreen } from '../../design/useScreen';
import { Words } from '../../design/Words';
import type { KeypadKey } from './keypadKeys';

export interface KeypadProps {
  keys: readonly (readonly KeypadKey[])[];
  onKey: (key: KeypadKey) => void;
  /** Keys that are held down. */
  held?: KeypadKey['id'] | undefined;
}

/** The app's own keypad: large keys, the trade's own figures, no system keyboard over the drawing. */
export const Keypad = memo(function Keypad({ keys, onKey, held }: KeypadProps) {
  const palette = usePalette();
  const { isLow } = useScreen();
  return (
    <View style={[styles.pad, isLow && styles.lowPad, { backgroundColor: palette.sunk }]} role="group" aria-label="Keypad">
      {keys.map((row) => (
        <View key={row.map(({ id }) => id).join()} style={[styles.row, isLow && styles.lowRow]}>
          {row.map((key) => {
            const isNext = key.id === 'next';
            const isWord = !isNext && WORDED.includes(key.does);
            return (
              <Press
                key={key.id}
                kind={isNext ? 'primary' : 'key'}
                onPress={() => onKey(key)}
                label={key.label}
                {...(key.id === 'sixtyFourth' && { chosen: held === key.id })}
                style={[styles.key, key.isWide && styles.wideKey, isLow && styles.lowKey]}
                testID={`key-${key.label}`}
              >
                <Words
                  kind={isWord || isNext ? 'label' : 'figure'}
                  tone={isNext ? 'onAccent' : held === key.id ? 'paper' : 'ink'}
                  style={[styles.words, isLow && !isWord && !isNext && styles.lowFigure]}
                >
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

const WORDED: readonly KeypadKey['does'][] = ['act', 'pad'];

const styles = StyleSheet.create({
  pad: { padding: SPACE.s, gap: 4 },
  row: { flexDirection: 'row', gap: 6 },
  key: { flex: 1, minHeight: 50, paddingHorizontal: 2 },
  wideKey: { flex: 2, flexBasis: 6 },
  lowPad: { paddingVertical: 3, paddingHorizontal: SPACE.xs },
  lowRow: { gap: 4 },
  lowKey: { minHeight: 44, paddingVertical: 0 },
  lowFigure: { fontSize: 22, lineHeight: 26 },
  words: { textAlign: 'center' },
});
