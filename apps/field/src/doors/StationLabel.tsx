import { station, type StationId } from '@proper-swing/core/doors';
import { Fragment, memo } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { LINE, RADIUS } from '../design/tokens';
import { themed } from '../design/theme';
import { Words } from '../design/Words';
import type { DrawingProps } from './drawingProps';
import type { GapLabel } from './gapLabel';
import { GapMark } from '../design/drawing/marks';

/** Centre of a label, px. */
export interface LabelPlace {
  x: number;
  y: number;
  /** On a low drawing there is room for one line: the doubt is only spoken. */
  isLow: boolean;
}

/** Room for a column of figures beside a drawing, px. */
export const SIDE_PX = 70;
/** Lower than this there is no room for the doubt under each figure, px. */
export const LOW_BELOW_PX = 300;
/** Figures along head and foot stand at least so far apart, px. */
export const FIGURES_APART_PX = 72;

const WIDTH = 68;
const LINE_HEIGHT = 20;

/** How high a label is, px: of one line on a low drawing, of two on others. */
export const labelHeight = (isLow: boolean) => (isLow ? 44 : 50);

const boxAt = ({ x, y, isLow }: LabelPlace) => ({ left: x - WIDTH / 2, top: y - labelHeight(isLow) / 2, height: labelHeight(isLow) });

/** So that lines of text stand in the middle of their box. */
const linesIn = (isLow: boolean, lines: number) => ({ paddingTop: (labelHeight(isLow) - lines * LINE_HEIGHT) / 2 });
interface StationTargetProps extends LabelPlace {
  id: StationId;
  onPick: (id: StationId) => void;
}

/**
 * What is tapped to read a station. It lies over the figure and is described by it, so that neither a new estimate nor the
 * next station draws the target again.
 */
const StationTarget = memo(function StationTarget({ id, onPick, x, y, isLow }: StationTargetProps) {
  return (
    <Pressable
      role="button"
      aria-label={station(id).title}
      aria-describedby={figureId(id)}
      onPress={() => onPick(id)}
      testID={`station-${id}`}
      style={[styles.box, boxAt({ x, y, isLow })]}
    />
  );
});

interface StationFigureProps extends LabelPlace {
  id: StationId;
  label: GapLabel;
  isActive: boolean;
}

/** The figure at one station of the drawing: ink or pencil, with its mark and its doubt; ringed while it is being read. */
const StationFigure = memo(
  function StationFigure({ id, label: { main, sub: doubt, isPencil, verdict, spoken }, isActive, x, y, isLow }: StationFigureProps) {
    const sub = isLow ? undefined : doubt;
    const active = useActive();
    const heard = `${station(id).title}: ${spoken}${isActive ? ', being read' : ''}`;
    const place = boxAt({ x, y, isLow });
    const lines = sub === undefined ? main : `${main}\n${sub}`;
    // Most figures are such, and all change with every reading: one element each.
    if (!isActive && isPencil && verdict === undefined) {
      return (
        <Words
          kind="label"
          tone="pencil"
          id={figureId(id)}
          spoken={heard}
          testID={`gap-${id}`}
          style={[styles.pencil, styles.bare, linesIn(isLow, sub === undefined ? 1 : 2), place]}
        >
          {lines}
        </Words>
      );
    }
    return (
      <View nativeID={figureId(id)} role="img" aria-label={heard} style={[styles.box, place, isActive && active.ring]}>
        <View style={styles.line}>
          {verdict && <GapMark verdict={verdict} size={14} />}
          <Words
            kind={isPencil ? 'label' : 'title'}
            tone={isPencil ? 'pencil' : 'ink'}
            style={isPencil && styles.pencil}
            testID={`gap-${id}`}
          >
            {main}
          </Words>
        </View>
        {sub !== undefined && (
          <Words kind="label" tone="pencil" style={styles.sub}>
            {sub}
          </Words>
        )}
      </View>
    );
  },
  (a, b) =>
    a.isActive === b.isActive &&
    a.isLow === b.isLow &&
    a.x === b.x &&
    a.y === b.y &&
    a.label.main === b.label.main &&
    a.label.sub === b.label.sub &&
    a.label.verdict === b.label.verdict &&
    a.label.spoken === b.label.spoken,
);

export interface StationLabelsProps extends Pick<DrawingProps, 'labels' | 'active' | 'onPick'> {
  /** Where each stands, px. */
  places: readonly { id: StationId; x: number; y: number }[];
  isLow: boolean;
}

/** The figures round a drawing, each with what is tapped to read it. */
export function StationLabels({ places, labels, active, onPick, isLow }: StationLabelsProps) {
  return places.map(({ id, x, y }) => {
    const label = labels.get(id);
    return (
      <Fragment key={id}>
        {label && <StationFigure id={id} label={label} isActive={id === active} isLow={isLow} x={x} y={y} />}
        {onPick && <StationTarget id={id} onPick={onPick} isLow={isLow} x={x} y={y} />}
      </Fragment>
    );
  });
}

const figureId = (id: StationId) => `figure-${id}`;

const useActive = themed((palette) => StyleSheet.create({ ring: { borderColor: palette.accent, backgroundColor: palette.slab } }));

const styles = StyleSheet.create({
  box: {
    position: 'absolute',
    width: WIDTH,
    borderWidth: LINE.bold,
    borderColor: 'transparent',
    borderRadius: RADIUS.m,
    alignItems: 'center',
    justifyContent: 'center',
  },
  line: { flexDirection: 'row', alignItems: 'center', gap: 3 },
  pencil: { fontSize: 18, lineHeight: LINE_HEIGHT, fontStyle: 'italic', textAlign: 'center' },
  sub: { fontSize: 16, lineHeight: 18 },
  bare: { position: 'absolute', width: WIDTH },
});
