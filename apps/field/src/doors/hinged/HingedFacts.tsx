import type { HingedDoorCard } from '@proper-swing/contract';
import { StyleSheet, View } from 'react-native';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useLengthWords } from '../../design/lengthWords';
import { HINGE_WORDS, SLAB_WORDS } from './doorWords';

/** What is known of a door, in two lines. */
export function HingedFacts({ door: { make } }: { door: Pick<HingedDoorCard, 'make'> }) {
  const { bare, withUnit } = useLengthWords();
  return (
    <View style={styles.facts}>
      <Words kind="title">{`${bare(make.slabWidthMm)} × ${bare(make.slabHeightMm)} × ${withUnit(make.thicknessMm)}`}</Words>
      <Words>{`${SLAB_WORDS[make.slabKind]}, ${make.hingeHeightsMm.length} ${HINGE_WORDS[make.hingeKind]}, hung on the ${make.hingesOn}${make.fireRated ? ', fire door' : ''}.`}</Words>
    </View>
  );
}

const styles = StyleSheet.create({ facts: { gap: SPACE.xs } });
