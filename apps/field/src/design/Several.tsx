import { StyleSheet, View } from 'react-native';
import { SPACE } from './tokens';
import { Press } from './Press';
import { Words } from './Words';

export interface SeveralProps<T extends string | number> {
  /** What is being chosen, for a screen reader. */
  label: string;
  options: readonly { id: T; label: string }[];
  chosen: readonly T[];
  onChange: (chosen: T[]) => void;
  /** What is wrong with it, said beside it. */
  error?: string | undefined;
  testID: string;
}

/** Answers of which several may hold; a second tap takes one back. */
export function Several<T extends string | number>({ label, options, chosen, onChange, error, testID }: SeveralProps<T>) {
  return (
    <View style={styles.row} role="group" aria-label={label} testID={testID}>
      {options.map(({ id, label: says }) => {
        const isChosen = chosen.includes(id);
        return (
          <Press
            key={id}
            chosen={isChosen}
            label={says}
            onPress={() => onChange(isChosen ? chosen.filter((each) => each !== id) : [...chosen, id])}
            testID={`${testID}-${id}`}
          >
            {says}
          </Press>
        );
      })}
      {error !== undefined && (
        <Words tone="tight" style={styles.fault} testID={`${testID}-fault`}>
          {error}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }, fault: { flexBasis: '100%' } });
