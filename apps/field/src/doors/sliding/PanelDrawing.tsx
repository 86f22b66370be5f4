import type { SlidingMake } from '@proper-swing/contract';
import { HANDBOOKS, station, type StationId } from '@proper-swing/core/doors';
import { memo, useDeferredValue, useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { DrawingLegend } from '../DrawingLegend';
import type { DrawingProps } from '../drawingProps';
import { Pointer } from '../Pointer';
import { FIGURES_APART_PX, labelHeight, LOW_BELOW_PX, SIDE_PX, StationLabels } from '../StationLabel';
import { coversOf, FRAME_PX, panelOpening, panelOutline, type PanelOutline } from './panelOutline';

const WALK = HANDBOOKS.sliding.walk;
/** Gaps are drawn widened, so the opening is drawn a little wider for its height than it is. */
const WIDENED = 1.5;
const LEAST_OPENING_PX = 240;
/** Room on the side where no gap is read, px. */
const FAR_SIDE_PX = 6;

/** The panel short of its jamb, with track, wheels and what stands behind it; gaps widened, a label at each station. Labels can be tapped. */
export const PanelDrawing = memo(function PanelDrawing(props: DrawingProps & { make: SlidingMake }) {
  const { width, height, make, gapsMm, afterMm, dashed = 'now', labels, active, onPick, unit } = props;
  const { panelWidthMm, panelHeightMm, closesTo, panelKind: kind } = make;
  const isLow = height < LOW_BELOW_PX;
  const endPx = labelHeight(isLow);
  const size = useMemo(() => {
    const drawn = height - 2 * endPx;
    const asPanel = Math.max(LEAST_OPENING_PX, (drawn * WIDENED * panelWidthMm) / panelHeightMm);
    return { width: Math.min(width - SIDE_PX - FAR_SIDE_PX, asPanel), height: drawn, panelHeightMm, kind };
  }, [width, height, endPx, panelWidthMm, panelHeightMm, kind]);
  const sideX = (width - size.width - SIDE_PX) / 2 + SIDE_PX;
  const mirrored = closesTo === 'right';
  const before = useMemo(() => panelOutline({ ...size, gapsMm }), [size, gapsMm]);
  const after = useMemo(() => afterMm && panelOutline({ ...size, gapsMm: afterMm }), [size, afterMm]);
  const pointed = useDeferredValue(active);
  const places = useMemo(() => labelPlaces(size, { width, sideX, endPx, mirrored }), [size, width, sideX, endPx, mirrored]);
  return (
    <View style={{ width, height }} testID="door-drawing">
      <View style={[styles.sheet, { left: mirrored ? width - sideX - size.width : sideX, top: endPx }]}>
        <PanelSheet {...size} before={before} after={after} active={pointed} isMirrored={mirrored} />
        <DrawingLegend factor={before.factor} unit={unit} dashed={after && dashed} isLow={isLow} up={before.leaves ? '60%' : '38%'} />
      </View>
      <StationLabels {...{ places, labels, active, onPick, isLow }} />
    </View>
  );
});

const FROM: Readonly<Record<string, 'left' | 'above' | 'below'>> = { jamb: 'left', head: 'above', foot: 'below' };

interface PanelSheetProps {
  width: number;
  height: number;
  before: PanelOutline;
  after: PanelOutline | undefined;
  active: StationId | undefined;
  isMirrored: boolean;
  kind: SlidingMake['panelKind'];
}

/** Frame, track, panel, wheels and the pointer to the gap that is being read. */
const PanelSheet = memo(function PanelSheet({ width, height, before, after, active, isMirrored, kind }: PanelSheetProps) {
  const palette = usePalette();
  const shown = after ?? before;
  const { opening, behindFrom } = before;
  const { leaves } = shown;
  const behind = { left: behindFrom, top: opening.top, width: opening.right - behindFrom, height: opening.bottom - opening.top };
  return (
    <Svg width={width} height={height} aria-hidden>
      <G transform={isMirrored ? `translate(${width} 0) scale(-1 1)` : undefined}>
        <Hatches id="panel" />
        {leaves ? null : kind === 'pocket' ? (
          <Box {...behind} fill={timberOf('panel')} stroke={palette.ink} strokeWidth={LINE.rule} strokeDasharray="5 4" />
        ) : (
          <Box {...behind} fill={palette.sunk} stroke={palette.pencil} strokeWidth={LINE.rule} />
        )}
        <Path
          d={`M0 0 H${width} V${opening.top} H${opening.left} V${opening.bottom} H${width} V${height} H0 Z`}
          fill={timberOf('panel')}
          stroke={palette.ink}
          strokeWidth={1.5}
        />
        <Path
          d={`M${opening.left} ${opening.bottom} H${width} M${opening.left} ${opening.top} H${width}`}
          stroke={palette.ink}
          strokeWidth={2.5}
        />
        {leaves && <Path d={`M${opening.right} ${opening.top} V${opening.bottom}`} stroke={palette.ink} strokeWidth={2.5} />}
        {after && <Path d={before.panel} fill="none" stroke={palette.pencil} strokeWidth={1.5} strokeDasharray="6 4" />}
        <Path d={shown.panel} fill={palette.slab} fillOpacity={0.82} stroke={palette.ink} strokeWidth={2} strokeLinejoin="round" />
        {leaves && (
          <Path
            d={`M${leaves.fold[0].x} ${leaves.fold[0].y} L${leaves.fold[1].x} ${leaves.fold[1].y}`}
            stroke={palette.ink}
            strokeWidth={LINE.rule}
          />
        )}
        {leaves?.pivots.map(({ x, y }) => (
          <Path key={y} d={`M${x - 6} ${y - 6} h12 v12 h-12 Z`} fill={palette.ink} />
        ))}
        {shown.wheels.map(({ x, y }) => (
          <Circle key={x} cx={x} cy={y} r={7} fill={palette.paper} stroke={palette.ink} strokeWidth={1.5} />
        ))}
        <Path d={`M${shown.grip.x} ${shown.grip.y - 14} v28`} stroke={palette.ink} strokeWidth={4} strokeLinecap="round" />
        {active !== undefined && (
          <Pointer place={shown.stations.get(active)} from={FROM[station(active).edge ?? 'foot'] ?? 'below'} reach={FRAME_PX - 2} />
        )}
      </G>
    </Svg>
  );
});

interface LabelFrame {
  width: number;
  sideX: number;
  endPx: number;
  mirrored: boolean;
}

/** Centres of the labels: above, below and beside the closing jamb, level with their gaps. */
function labelPlaces(
  size: { width: number; height: number; kind: SlidingMake['panelKind'] },
  { width, sideX, endPx, mirrored }: LabelFrame,
) {
  const opening = panelOpening(size);
  const panelPx = (opening.right - opening.left) * coversOf(size.kind);
  const middle = sideX + opening.left + panelPx / 2;
  const spread = Math.max(0.9 * panelPx, 2.2 * FIGURES_APART_PX);
  return WALK.map((id) => {
    const { edge, f = 0.5 } = station(id);
    const along = middle + (f - 0.5) * spread;
    const level = endPx + opening.top + (0.5 + (f - 0.5) * 0.9) * (opening.bottom - opening.top);
    const at =
      edge === 'jamb' ? { x: sideX - SIDE_PX / 2, y: level } : { x: along, y: edge === 'head' ? endPx / 2 : size.height + 1.5 * endPx };
    return { id, x: mirrored ? width - at.x : at.x, y: at.y };
  });
}

const styles = StyleSheet.create({ sheet: { position: 'absolute' } });
