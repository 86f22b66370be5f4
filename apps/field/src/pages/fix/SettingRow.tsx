import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';

export interface SettingRowProps {
  title: string;
  value: string;
  hint: string;
  onStep: (by: 1 | -1) => void;
  testID: string;
}

/** One thing that can be set, a step less or more. */
export function SettingRow({ title, value, hint, onStep, testID }: SettingRowProps) {
  return (
    <View style={styles.row} role="group" aria-label={title}>
      <View style={styles.words}>
        <Words kind="strong">{`${title.charAt(0).toUpperCase()}${title.slice(1)}`}</Words>
        <Words kind="label" tone="pencil">
          {hint}
        </Words>
      </View>
      <Press kind="key" label={`Less: ${title}`} onPress={() => onStep(-1)} testID={`${testID}-less`}>
        −
      </Press>
      <Words kind="title" style={styles.value} testID={`${testID}-value`}>
        {value}
      </Words>
      <Press kind="key" label={`More: ${title}`} onPress={() => onStep(1)} testID={`${testID}-more`}>
        +
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  words: { flex: 1, minWidth: 0 },
  value: { width: 84, textAlign: 'center' },
});
