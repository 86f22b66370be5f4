import { StyleSheet, View } from 'react-native';
import { SPACE } from './tokens';
import { Press } from './Press';

export interface ChoiceProps<T extends string> {
  /** What is being chosen, for a screen reader. */
  label: string;
  options: readonly { id: T; label: string }[];
  chosen: T | undefined;
  onChoose: (id: T) => void;
  testID?: string;
}

/** A few answers of which one holds, each a full target. */
export function Choice<T extends string>({ label, options, chosen, onChoose, testID }: ChoiceProps<T>) {
  return (
    <View style={styles.row} role="radiogroup" aria-label={label} testID={testID}>
      {options.map((option) => (
        <Press
          key={option.id}
          role="radio"
          chosen={option.id === chosen}
          onPress={() => onChoose(option.id)}
          label={option.label}
          testID={testID && `${testID}-${option.id}`}
        >
          {option.label}
        </Press>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s } });
