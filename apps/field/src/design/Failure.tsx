import { StyleSheet, View } from 'react-native';
import { Press } from './Press';
import { SPACE } from './tokens';
import { Words } from './Words';

export interface FailureProps {
  title: string;
  /** What happened to what was written, and what to do. */
  says: string;
  onward: string;
  onOnward: () => void;
}

/** Something broke: what, what it means, and the way on. */
export function Failure({ title, says, onward, onOnward }: FailureProps) {
  return (
    <View style={styles.failure} role="alert">
      <Words kind="title" heading={1}>
        {title}
      </Words>
      <Words>{says}</Words>
      <Press kind="primary" onPress={onOnward} testID="onward">
        {onward}
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({ failure: { padding: SPACE.l, gap: SPACE.m, maxWidth: 560, width: '100%', alignSelf: 'center' } });
