import type { PropsWithChildren } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from './Press';
import { usePalette } from './theme';
import { LINE, SPACE } from './tokens';

export interface ListRowProps {
  /** What a screen reader says; the words in it unless said. */
  label?: string;
  onPress: () => void;
  testID: string;
}

/** A line of a list that opens at a tap, ruled off from the next. */
export function ListRow({ children, ...press }: PropsWithChildren<ListRowProps>) {
  const palette = usePalette();
  return (
    <Press kind="quiet" style={[styles.row, { borderColor: palette.rule }]} {...press}>
      <View style={styles.words}>{children}</View>
    </Press>
  );
}

const styles = StyleSheet.create({
  row: {
    justifyContent: 'flex-start',
    borderWidth: 0,
    borderBottomWidth: LINE.hair,
    borderRadius: 0,
    paddingHorizontal: 0,
    paddingVertical: SPACE.s,
  },
  words: { flex: 1, minWidth: 0 },
});
