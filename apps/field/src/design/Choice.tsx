import { useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { GROUP_KEYS } from './groupKeys';
import { SPACE } from './tokens';
import { Press } from './Press';
import { Words } from './Words';

export interface ChoiceProps<T extends string> {
  /** What is being chosen, for a screen reader. */
  label: string;
  options: readonly { id: T; label: string }[];
  chosen: T | undefined;
  onChoose: (id: T) => void;
  /** What is wrong with it, said beside it. */
  error?: string | undefined;
  testID?: string;
}

/** A few answers of which one holds, each a full target. */
export function Choice<T extends string>({ label, options, chosen, onChoose, error, testID }: ChoiceProps<T>) {
  const faultId = useId();
  const stop = Math.max(
    0,
    options.findIndex(({ id }) => id === chosen),
  );
  return (
    <View
      style={styles.row}
      role="radiogroup"
      aria-label={label}
      aria-invalid={error !== undefined}
      aria-describedby={error === undefined ? undefined : faultId}
      testID={testID}
      {...GROUP_KEYS}
    >
      {options.map((option, i) => (
        <Press
          key={option.id}
          role="radio"
          chosen={option.id === chosen}
          isStop={i === stop}
          onPress={() => onChoose(option.id)}
          label={option.label}
          testID={testID && `${testID}-${option.id}`}
        >
          {option.label}
        </Press>
      ))}
      {error !== undefined && (
        <Words tone="tight" id={faultId} style={styles.fault} testID={testID && `${testID}-fault`}>
          {error}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }, fault: { flexBasis: '100%' } });
