import type { SlidingDoorCard } from '@proper-swing/contract';
import { StyleSheet, View } from 'react-native';
import { useLengthWords } from '../../design/lengthWords';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { FRAME_WORDS, PANEL_WORDS, SCREW_WORDS } from './panelWords';

/** What is known of a sliding door, in a few lines. */
export function PanelFacts({ door: { make } }: { door: Pick<SlidingDoorCard, 'make'> }) {
  const { bare, withUnit } = useLengthWords();
  const { panelKind, panelWidthMm, panelHeightMm, frame, closesTo, panels, slides, glassMm, screwsAt, liftsBy } = make;
  const which = panels == null ? '' : ` Panel ${slides ?? '?'} of ${panels}.`;
  const glass = glassMm == null ? '' : ` Glass ${withUnit(glassMm)} in all.`;
  const screws = [...(screwsAt == null ? [] : [SCREW_WORDS[screwsAt]]), ...(liftsBy == null ? [] : [`${liftsBy} lifts`])];
  return (
    <View style={styles.facts}>
      <Words kind="title">{`${bare(panelWidthMm)} × ${withUnit(panelHeightMm)}`}</Words>
      <Words>{`${PANEL_WORDS[panelKind]}, ${FRAME_WORDS[frame]}, closes to the ${closesTo}.${which}${glass}`}</Words>
      {screws.length > 0 && <Words>{`Screws ${screws.join('; ')}.`}</Words>}
    </View>
  );
}

const styles = StyleSheet.create({ facts: { gap: SPACE.xs } });
