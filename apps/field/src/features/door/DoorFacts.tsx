import type { Door } from '@proper-swing/contract';
import { StyleSheet, View } from 'react-native';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useLengthWords } from '../../design/lengthWords';
import { HINGE_WORDS, SLAB_WORDS } from './doorWords';

/** What is known of a door, in two lines. */
export function DoorFacts({ door }: { door: Door }) {
  const { bare, withUnit } = useLengthWords();
  return (
    <View style={styles.facts}>
      <Words kind="title">{`${bare(door.slabWidthMm)} × ${bare(door.slabHeightMm)} × ${withUnit(door.thicknessMm)}`}</Words>
      <Words>{`${SLAB_WORDS[door.slabKind]}, ${door.hingeHeightsMm.length} ${HINGE_WORDS[door.hingeKind]}, hung on the ${door.hingesOn}${door.fireRated ? ', fire door' : ''}.`}</Words>
    </View>
  );
}

const styles = StyleSheet.create({ facts: { gap: SPACE.xs } });
