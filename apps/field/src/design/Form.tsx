import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from './Press';
import { SPACE } from './tokens';
import { Words } from './Words';

/** Fields side by side, two to a line where there is room. */
export function Form({ children }: { children: ReactNode }) {
  return <View style={styles.form}>{children}</View>;
}

/** The place of one field in a form: half a line, a third, or a whole one. */
export function FormCell({ takes = 'half', children }: { takes?: 'half' | 'third' | 'whole'; children: ReactNode }) {
  return <View style={styles[takes]}>{children}</View>;
}

/** What is wrong and belongs to no one field. */
export function FormFault({ says, testID }: { says: string | undefined; testID?: string }) {
  return says === undefined ? null : (
    <Words tone="tight" testID={testID}>
      {says}
    </Words>
  );
}

export interface FormKeysProps {
  onLeave: () => void;
  onKeep: () => void;
  testID: string;
}

export interface FormFooterProps {
  onLeave: () => void;
  leaveID: string;
  keeps: string;
  onKeep: () => void;
  keepID: string;
}

/** At the foot of a page that is a form: leave it, or keep it under the thumb. */
export function FormFooter({ onLeave, leaveID, keeps, onKeep, keepID }: FormFooterProps) {
  return (
    <View style={styles.keys}>
      <Press onPress={onLeave} testID={leaveID}>
        Leave it
      </Press>
      <Press kind="primary" style={styles.key} onPress={onKeep} testID={keepID}>
        {keeps}
      </Press>
    </View>
  );
}

/** Leaves a form as it was, or keeps it. */
export function FormKeys({ onLeave, onKeep, testID }: FormKeysProps) {
  return (
    <View style={styles.keys}>
      <Press kind="quiet" onPress={onLeave} style={styles.key}>
        Leave as it was
      </Press>
      <Press onPress={onKeep} style={styles.key} testID={testID}>
        Keep
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  form: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: SPACE.m },
  half: { flexBasis: '45%', flexGrow: 1, minWidth: 120, maxWidth: '48.5%' },
  third: { flexBasis: '28%', flexGrow: 1, minWidth: 0, alignSelf: 'flex-start' },
  whole: { flexBasis: '100%', gap: SPACE.xs },
  keys: { flexDirection: 'row', gap: SPACE.s },
  key: { flex: 1 },
});
