import type { ClosingEdge, EdgeClearance } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import type { LengthWords } from '../../design/lengthWords';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { lineThrough } from '../../design/drawing/Plot';
import { Hatches, timberOf } from '../../design/drawing/Timber';

export interface EdgeDrawingProps {
  edge: ClosingEdge;
  clearance: EdgeClearance;
  width: number;
  words: LengthWords;
}

/** How much of the slab beside its closing edge is drawn, and room beyond the leg's arris, mm. */
const SLAB_SHOWN = 34;
const LEG_SHOWN = 22;
const ROOM_SHOWN = 20;
const FAR_SHOWN = 6;
const TALLEST_PX = 400;

/** Plan of the closing edge to one scale: slab closed and at its tightest, the leg, and the real arc of the arris that passes it. */
export function EdgeDrawing({ edge, clearance, width, words }: EdgeDrawingProps) {
  const palette = usePalette();
  const { slabWidthMm, thicknessMm: t, latchGapMm: g, pinBehindMm, pinProudMm: b, bevelMm: v = 0, legProudMm = 0 } = edge;
  const r = slabWidthMm + pinBehindMm;
  const scale = Math.min(width / (SLAB_SHOWN + g + LEG_SHOWN), TALLEST_PX / (t + FAR_SHOWN + ROOM_SHOWN));
  const from = { x: r + g + LEG_SHOWN - width / scale, z: -(t + b) - FAR_SHOWN };
  const height = (t + FAR_SHOWN + ROOM_SHOWN) * scale;
  const px = ({ x, z }: Place) => ({ x: (x - from.x) * scale, y: height - (z - from.z) * scale });
  const turned = ({ x, z }: Place, angle: number): Place => ({
    x: x * Math.cos(angle) - z * Math.sin(angle),
    z: x * Math.sin(angle) + z * Math.cos(angle),
  });
  const angle = (clearance.tightestAtDeg * Math.PI) / 180;
  const near = { x: r, z: -b };
  const far = { x: r - v, z: -b - t };
  const slabAt = (at: number) =>
    `${lineThrough([{ x: from.x - 60, z: -b }, near, far, { x: from.x - 60, z: -b - t }].map((corner) => px(turned(corner, at))))} Z`;
  const leg = { x: r + g, z: legProudMm - b };
  const legPath = `${lineThrough([leg, { x: leg.x + LEG_SHOWN + 20, z: leg.z }, { x: leg.x + LEG_SHOWN + 20, z: from.z - 20 }, { x: leg.x, z: from.z - 20 }].map(px))} Z`;
  const arc = lineThrough(Array.from({ length: 60 }, (_, i) => px(turned(far, (i / 59) * angle * 2.2))));
  const tight = px(turned(far, angle));
  const corner = px(leg);
  const gapY = px({ x: 0, z: -b - t * 0.72 }).y;
  return (
    <View
      role="img"
      aria-label={`Plan of the closing edge. Left at the tightest: ${words.withUnit(clearance.clearanceMm)}, at ${Math.round(clearance.tightestAtDeg)} degrees`}
    >
      <Svg width={width} height={height} aria-hidden>
        <Hatches id="edge" />
        <Path d={slabAt(0)} fill={palette.slab} stroke={palette.ink} strokeWidth={2} />
        <Path d={legPath} fill={timberOf('edge')} stroke={palette.ink} strokeWidth={2} />
        <Path d={slabAt(angle)} fill="none" stroke={palette.pencil} strokeWidth={LINE.rule} strokeDasharray="6 4" />
        <Path d={arc} fill="none" stroke={palette.accent} strokeWidth={LINE.bold} />
        <Circle cx={tight.x} cy={tight.y} r={5} fill={clearance.clearanceMm < 0 ? palette.tight : palette.accent} />
        <Path d={`M${px({ x: r - v * 0.72, z: 0 }).x} ${gapY} H${px(leg).x}`} stroke={palette.ink} strokeWidth={LINE.rule} fill="none" />
        <DrawnWords x={px(leg).x + 8} y={gapY + 5} isBold>
          {words.withUnit(g)}
        </DrawnWords>
        <DrawnWords x={8} y={20} tone="pencil">
          room it opens into
        </DrawnWords>
        <DrawnWords x={corner.x + 8} y={Math.max(40, corner.y + 22)}>
          leg
        </DrawnWords>
        <DrawnWords x={8} y={height - 16 - FAR_SHOWN * scale}>
          slab
        </DrawnWords>
        <DrawnWords x={tight.x - 14} y={Math.max(42, tight.y - 12)} anchor="end" tone={clearance.clearanceMm < 0 ? 'tight' : 'ink'} isBold>
          {clearance.clearanceMm < 0
            ? `binds by ${words.withUnit(-clearance.clearanceMm)}`
            : `${words.withUnit(clearance.clearanceMm)} left`}
        </DrawnWords>
      </Svg>
    </View>
  );
}

interface Place {
  x: number;
  z: number;
}
