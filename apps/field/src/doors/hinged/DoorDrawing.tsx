import type { HingedMake } from '@proper-swing/contract';
import { station, WALKING_ORDER, type StationId as HingedStationId } from '@proper-swing/core';
import type { StationId } from '@proper-swing/core/doors';
import { memo, useDeferredValue, useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import type { Palette } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { doorOutline, FRAME_PX, openingIn, type DoorOutline } from './doorOutline';
import { FIGURES_APART_PX, labelHeight, LOW_BELOW_PX, SIDE_PX, StationLabels } from '../StationLabel';
import type { DrawingProps } from '../drawingProps';
import { DrawingLegend } from '../DrawingLegend';
import { Pointer } from '../Pointer';
import { Hatches, timberOf } from '../../design/drawing/Timber';

export interface DoorDrawingProps extends DrawingProps {
  make: Pick<HingedMake, 'hingesOn' | 'slabWidthMm' | 'slabHeightMm' | 'hingeHeightsMm'>;
}

/** Gaps are drawn widened, so the opening is drawn a little wider for its height than it is. */
const WIDENED = 1.35;
/** Room for the legend on the slab, px. */
const LEAST_OPENING_PX = 132;

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
        <DrawingLegend factor={before.factor} unit={unit} dashed={after && dashed} isLow={isLow} />
      </View>
      <StationLabels {...{ places, labels, active, onPick, isLow }} />
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
        {active !== undefined && <Pointer place={(after ?? before).stations.get(active)} from={pointsFrom(active)} reach={FRAME_PX - 2} />}
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

const FROM = { hinge: 'left', latch: 'right', head: 'above', foot: 'below' } as const;
const pointsFrom = (id: StationId) => FROM[station(id as HingedStationId).edge ?? 'foot'];

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

const styles = StyleSheet.create({ sheet: { position: 'absolute' } });
