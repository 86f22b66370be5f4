import { station, type StationId } from '@proper-swing/core';
import { memo } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { LINE, RADIUS } from '../design/tokens';
import { usePalette } from '../design/theme';
import { Words } from '../design/Words';
import type { GapLabel } from './DoorDrawing';
import { GapMark } from './marks';

/** Centre of a label, px. */
export interface LabelPlace {
  x: number;
  y: number;
}

const WIDTH = 68;
const HEIGHT = 50;

const boxAt = ({ x, y }: LabelPlace) => ({ left: x - WIDTH / 2, top: y - HEIGHT / 2 });

export interface StationTargetProps {
  id: StationId;
  isActive: boolean;
  onPick: (id: StationId) => void;
  x: number;
  y: number;
}

/**
 * What is tapped to read a station. It lies over the figure and is described by it, so that a new estimate need not draw
 * the target again.
 */
export const StationTarget = memo(function StationTarget({ id, isActive, onPick, x, y }: StationTargetProps) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={station(id).title}
      aria-describedby={figureId(id)}
      aria-pressed={isActive}
      onPress={() => onPick(id)}
      testID={`station-${id}`}
      style={[styles.box, boxAt({ x, y }), isActive && { borderColor: palette.accent }]}
    />
  );
});

export interface StationFigureProps {
  id: StationId;
  label: GapLabel;
  isActive: boolean;
  x: number;
  y: number;
}

/** The figure at one station of the drawing: ink or pencil, with its mark and its doubt. */
export const StationFigure = memo(
  function StationFigure({ id, label, isActive, x, y }: StationFigureProps) {
    const palette = usePalette();
    return (
      <View
        nativeID={figureId(id)}
        role="img"
        aria-label={`${station(id).title}: ${label.spoken}`}
        style={[styles.box, boxAt({ x, y }), isActive && { backgroundColor: palette.slab }]}
      >
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
      </View>
    );
  },
  (a, b) =>
    a.isActive === b.isActive &&
    a.x === b.x &&
    a.y === b.y &&
    a.label.main === b.label.main &&
    a.label.sub === b.label.sub &&
    a.label.verdict === b.label.verdict &&
    a.label.spoken === b.label.spoken,
);

const figureId = (id: StationId) => `figure-${id}`;

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
