import { station, type StationId } from '@proper-swing/core';
import { memo } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { LINE, RADIUS } from '../design/tokens';
import { usePalette } from '../design/theme';
import { Words } from '../design/Words';
import type { GapLabel } from './DoorDrawing';
import { GapMark } from './marks';

export interface StationLabelProps {
  id: StationId;
  label: GapLabel | undefined;
  isActive: boolean;
  onPick?: (id: StationId) => void;
  /** Centre, px. */
  place: { x: number; y: number };
}

const WIDTH = 68;
const HEIGHT = 50;

/** The figure at one station of the drawing; tapping it makes it the one to read. */
export const StationLabel = memo(
  function StationLabel({ id, label, isActive, onPick, place }: StationLabelProps) {
    const palette = usePalette();
    const content = label && (
      <>
        <View style={styles.line}>
          {label.verdict && <GapMark verdict={label.verdict} size={14} />}
          <Words kind="title" tone={label.isPencil ? 'pencil' : 'ink'} style={label.isPencil && styles.pencil} testID={`gap-${id}`}>
            {label.main}
          </Words>
        </View>
        {label.sub !== undefined && (
          <Words kind="label" tone="pencil" style={styles.sub}>
            {label.sub}
          </Words>
        )}
      </>
    );
    const box = [
      styles.box,
      { left: place.x - WIDTH / 2, top: place.y - HEIGHT / 2 },
      isActive && { borderColor: palette.accent, backgroundColor: palette.slab },
    ];
    const spoken = `${station(id).title}: ${label?.spoken ?? 'nothing yet'}`;
    if (onPick === undefined) {
      return (
        <View style={box} role="img" aria-label={spoken}>
          {content}
        </View>
      );
    }
    return (
      <Pressable role="button" aria-label={spoken} aria-pressed={isActive} style={box} onPress={() => onPick(id)} testID={`station-${id}`}>
        {content}
      </Pressable>
    );
  },
  (a, b) =>
    a.isActive === b.isActive &&
    a.onPick === b.onPick &&
    a.place.x === b.place.x &&
    a.place.y === b.place.y &&
    a.label?.main === b.label?.main &&
    a.label?.sub === b.label?.sub &&
    a.label?.verdict === b.label?.verdict &&
    a.label?.spoken === b.label?.spoken,
);

const styles = StyleSheet.create({
  box: {
    position: 'absolute',
    width: WIDTH,
    height: HEIGHT,
    borderWidth: LINE.bold,
    borderColor: 'transparent',
    borderRadius: RADIUS.m,
    alignItems: 'center',
    justifyContent: 'center',
  },
  line: { flexDirection: 'row', alignItems: 'center', gap: 3 },
  pencil: { fontSize: 19, lineHeight: 22, fontStyle: 'italic' },
  sub: { fontSize: 16, lineHeight: 18 },
});
