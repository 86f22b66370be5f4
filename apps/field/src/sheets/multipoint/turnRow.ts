import { StyleSheet } from 'react-native';
import { SPACE } from '../../design/tokens';

/** A line with what to turn and the keys that correct it. */
export const turnRow = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  words: { flex: 1, minWidth: 0 },
});
