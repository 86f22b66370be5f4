import type { HingedMake } from '@proper-swing/contract';
import { station, WALKING_ORDER, type StationId } from '@proper-swing/core';
import { Fragment, memo, useDeferredValue, useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { SPACE, type Palette } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { doorOutline, FRAME_PX, openingIn, type DoorOutline } from './doorOutline';
import { labelHeight, StationFigure, StationTarget } from './StationLabel';
import type { GapLabel } from './gapLabel';
import { Hatches, timberOf } from '../../design/drawing/Timber';

export interface DoorDrawingProps {
  /** Whole width including the labels at both sides, px. */
  width: number;
  height: number;
  make: Pick<HingedMake, 'hingesOn' | 'slabWidthMm' | 'slabHeightMm' | 'hingeHeightsMm'>;
  gapsMm: ReadonlyMap<StationId, number>;
  /** The door as it will be, drawn over the door as it is. */
  afterMm?: ReadonlyMap<StationId, number>;
  /** What the dashes are; the door as it is now unless said, nothing where it is told beside. */
  dashed?: string;
  labels: ReadonlyMap<StationId, GapLabel>;
  active?: StationId;
  onPick?: (id: StationId) => void;
  unit: string;
}

const SIDE_PX = 70;
/** Lower than this there is no room for the doubt under each figure, px. */
const LOW_BELOW_PX = 300;
/** Gaps are drawn widened, so the opening is drawn a little wider for its height than it is. */
const WIDENED = 1.35;
/** Room for the legend on the slab, px. */
const LEAST_OPENING_PX = 132;
/** Figures along head and foot stand at least so far apart, px. */
const FIGURES_APART_PX = 72;

/** The door in its opening, gaps widened, with a label at each station. The drawing is the form: labels can be tapped. */
export const DoorDrawing = memo(function DoorDrawing(props: DoorDrawingProps) {
  const { width, height, make, gapsMm, afterMm, dashed = 'now', labels, active, onPick, unit } = props;
  const { hingesOn, slabWidthMm, slabHeightMm, hingeHeightsMm } = make;
  const isLow = height < LOW_BELOW_PX;
  const endPx = labelHeight(isLow);
  const size = useMemo(() => {
    const drawn = height - 2 * endPx;
    const asDoor = Math.max(LEAST_OPENING_PX, (drawn * WIDENED * slabWidthMm) / slabHeightMm);
    return { width: Math.min(width - 2 * SIDE_PX, asDoor), height: drawn, slabHeightMm, hingeHeightsMm };
  }, [width, height, endPx, slabWidthMm, slabHeightMm, hingeHeightsMm]);
  const sideX = (width - size.width) / 2;
  const before = useMemo(() => doorOutline({ ...size, gapsMm }), [size, gapsMm]);
  const after = useMemo(() => afterMm && doorOutline({ ...size, gapsMm: afterMm }), [size, afterMm]);
  const mirrored = hingesOn === 'right';
  const pointed = useDeferredValue(active);
  const places = useMemo(() => labelPlaces(size, width, endPx, mirrored), [size, width, endPx, mirrored]);

  return (
    <View style={{ width, height }} testID="door-drawing">
      <View style={[styles.sheet, { left: sideX, top: endPx }]}>
        <DoorSheet width={size.width} height={size.height} before={before} after={after} active={pointed} isMirrored={mirrored} />
        <Legend factor={before.factor} unit={unit} dashed={after && dashed} isLow={isLow} />
      </View>
      {places.map(({ id, x, y }) => {
        const label = labels.get(id);
        return (
          <Fragment key={id}>
            {label && <StationFigure id={id} label={label} isActive={id === active} isLow={isLow} x={x} y={y} />}
            {onPick && <StationTarget id={id} onPick={onPick} isLow={isLow} x={x} y={y} />}
          </Fragment>
        );
      })}
    </View>
  );
});

interface DoorSheetProps {
  width: number;
  height: number;
  before: DoorOutline;
  after: DoorOutline | undefined;
  active: StationId | undefined;
  isMirrored: boolean;
}

interface LegendProps {
  factor: number;
  unit: string;
  dashed: string | undefined;
  isLow: boolean;
}

/** How many times too large the gaps are drawn, in which unit, and what the dashes are. */
const Legend = memo(function Legend({ factor, unit, dashed, isLow }: LegendProps) {
  return (
    <View style={[styles.legend, isLow && styles.low]} pointerEvents="none">
      <Words kind="small" tone="pencil">{`gaps ×${factor}`}</Words>
      <Words kind="small" tone="pencil">
        {unit}
      </Words>
      {dashed !== undefined && dashed !== '' && (
        <Words kind="small" tone="pencil">
          {`dashed: ${dashed}`}
        </Words>
      )}
    </View>
  );
});

/** Frame, slab, furniture and the pointer to the gap that is being read. */
const DoorSheet = memo(function DoorSheet({ width, height, before, after, active, isMirrored }: DoorSheetProps) {
  const palette = usePalette();
  return (
    <Svg width={width} height={height} aria-hidden>
      <G transform={isMirrored ? mirror(width) : undefined}>
        <Frame
          left={before.opening.left}
          right={before.opening.right}
          top={before.opening.top}
          bottom={before.opening.bottom}
          width={width}
          height={height}
        />
        <Slab outline={before} palette={palette} isGhost={after !== undefined} />
        {after && <Slab outline={after} palette={palette} isGhost={false} />}
        <Furniture outline={after ?? before} palette={palette} />
        {active !== undefined && <Pointer outline={after ?? before} at={active} palette={palette} />}
      </G>
    </Svg>
  );
});

const mirror = (width: number) => `translate(${width} 0) scale(-1 1)`;

/** Centres of the labels: outside the frame, level with their gaps; the ends of head and foot kept apart from each other. */
function labelPlaces(
  size: { width: number; height: number },
  total: number,
  endPx: number,
  mirrored: boolean,
): { id: StationId; x: number; y: number }[] {
  const opening = openingIn(size);
  const sideX = (total - size.width) / 2;
  const across = Math.max(0.86 * (opening.right - opening.left), 2.5 * FIGURES_APART_PX);
  return WALKING_ORDER.map((id) => {
    const { edge, f = 0 } = station(id);
    const along = {
      x: total / 2 + (f - 0.5) * across,
      y: endPx + opening.top + (0.5 + (f - 0.5) * 0.9) * (opening.bottom - opening.top),
    };
    const { x, y } = {
      hinge: { x: sideX - SIDE_PX / 2, y: along.y },
      latch: { x: total - sideX + SIDE_PX / 2, y: along.y },
      head: { x: along.x, y: endPx / 2 },
      foot: { x: along.x, y: size.height + 1.5 * endPx },
    }[edge ?? 'foot'];
    return { id, x: mirrored ? total - x : x, y };
  });
}

interface PartProps {
  outline: DoorOutline;
  palette: Palette;
}

interface FrameProps {
  left: number;
  right: number;
  top: number;
  bottom: number;
  width: number;
  height: number;
}

const Frame = memo(function Frame({ left, right, top, bottom, width, height }: FrameProps) {
  const palette = usePalette();
  return (
    <G>
      <Hatches id="door" />
      <Path
        d={`M0 0 H${width} V${bottom} H${right} V${top} H${left} V${bottom} H0 Z`}
        fill={timberOf('door')}
        stroke={palette.ink}
        strokeWidth={1.5}
      />
      <Path d={`M0 ${bottom} H${width}`} stroke={palette.ink} strokeWidth={2.5} />
      <Path d={`M0 ${bottom + 2} H${width} V${height} H0 Z`} fill={palette.sunk} />
    </G>
  );
});

function Slab({ outline, palette, isGhost }: PartProps & { isGhost: boolean }) {
  return isGhost ? (
    <Path d={outline.slab} fill="none" stroke={palette.pencil} strokeWidth={1.5} strokeDasharray="6 4" />
  ) : (
    <Path d={outline.slab} fill={palette.slab} fillOpacity={0.82} stroke={palette.ink} strokeWidth={2} strokeLinejoin="round" />
  );
}

function Furniture({ outline: { hinges, stations }, palette }: PartProps) {
  const lock = stations.get('latch.mid')?.onSlab;
  return (
    <>
      <Path
        d={hinges.map(({ x, y }) => `M${x - 4} ${y - 11} h7 v22 h-7 Z`).join(' ')}
        fill={palette.paper}
        stroke={palette.ink}
        strokeWidth={1.5}
        strokeLinejoin="round"
      />
      {lock && <Circle cx={lock.x - 16} cy={lock.y + 4} r={4.5} fill="none" stroke={palette.ink} strokeWidth={1.5} />}
    </>
  );
}

/** A short arrow from the label to the gap that is being read. */
function Pointer({ outline: { stations }, at, palette }: PartProps & { at: StationId }) {
  const place = stations.get(at);
  if (place === undefined) return null;
  const { onOpening: o } = place;
  const { edge } = station(at);
  const tip = FRAME_PX - 2;
  const shapes: Record<string, string> = {
    hinge: `M${o.x - tip} ${o.y} H${o.x - 3} M${o.x - 9} ${o.y - 6} L${o.x - 2} ${o.y} L${o.x - 9} ${o.y + 6}`,
    latch: `M${o.x + tip} ${o.y} H${o.x + 3} M${o.x + 9} ${o.y - 6} L${o.x + 2} ${o.y} L${o.x + 9} ${o.y + 6}`,
    head: `M${o.x} ${o.y - tip} V${o.y - 3} M${o.x - 6} ${o.y - 9} L${o.x} ${o.y - 2} L${o.x + 6} ${o.y - 9}`,
    foot: `M${o.x} ${o.y + 13} V${o.y + 3} M${o.x - 6} ${o.y + 9} L${o.x} ${o.y + 2} L${o.x + 6} ${o.y + 9}`,
  };
  return (
    <>
      <Circle cx={o.x} cy={o.y} r={9} fill={palette.accent} fillOpacity={0.25} />
      <Path d={shapes[edge ?? 'foot']} stroke={palette.accent} strokeWidth={3} fill="none" strokeLinecap="round" />
    </>
  );
}

const styles = StyleSheet.create({
  sheet: { position: 'absolute' },
  legend: { position: 'absolute', left: 0, right: 0, bottom: '18%', alignItems: 'center', paddingHorizontal: SPACE.xs },
  // Clear of the handle, which a low drawing brings down to it.
  low: { bottom: '12%' },
});
