import { View, StyleSheet } from 'react-native';
import type { ReactNode } from 'react';
import { Press } from './Press';
import { SPACE } from './tokens';
import { Words } from './Words';

export interface StepperProps {
  /** What is stepped, for the keys' names: `Less: bottom hinge`. */
  label: string;
  /** Names of the keys where less and more do not say it. */
  less?: string;
  more?: string;
  /** The figure between the keys; left out where the words beside them hold it. */
  value?: string;
  onStep: (by: 1 | -1) => void;
  /** Names the row, the keys `…-less` and `…-more`, the figure `…-value`. */
  testID: string;
  /** What stands before the keys. */
  children?: ReactNode;
}

/** A figure with a key for a step less and one for a step more. */
export function Stepper({ label, less = `Less: ${label}`, more = `More: ${label}`, value, onStep, testID, children }: StepperProps) {
  return (
    <View style={styles.row} role="group" aria-label={label} testID={testID}>
      {children !== undefined && <View style={styles.words}>{children}</View>}
      <Press kind="key" label={less} onPress={() => onStep(-1)} testID={`${testID}-less`}>
        −
      </Press>
      {value !== undefined && (
        <Words kind="title" style={styles.value} testID={`${testID}-value`}>
          {value}
        </Words>
      )}
      <Press kind="key" label={more} onPress={() => onStep(1)} testID={`${testID}-more`}>
        +
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  words: { flex: 1, minWidth: 0 },
  value: { minWidth: 72, textAlign: 'center' },
});
