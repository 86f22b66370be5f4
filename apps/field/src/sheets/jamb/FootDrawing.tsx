import type { FootPatch, FootToPatch } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { Dimension } from '../../design/drawing/Dimension';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';

const HEIGHT = 380;
const TOP = 60;
const SILL = 330;
const WIDE = 120;
/** The gap under it is drawn so wide, however little it is, px. */
const GAP_PX = 9;

/** The patch from the side, inside on the left: square above, at the pitch of the threshold below, windows and brads where they go. */
export function FootDrawing({ patch, foot, width, words }: { patch: FootPatch; foot: FootToPatch; width: number; words: LengthWords }) {
  const palette = usePalette();
  const { longPointMm, shortPointMm, windowsMm, bradsMm, packMm, cutHeightMm } = patch;
  const left = (width - WIDE) / 2;
  const right = left + WIDE;
  const fall = WIDE * Math.tan((foot.pitchDegrees * Math.PI) / 180);
  const inner = SILL - GAP_PX;
  const outer = inner + fall;
  const perMm = (outer - TOP) / longPointMm;
  const up = (mm: number) => inner - mm * perMm;
  const { withUnit } = words;
  return (
    <View
      role="img"
      aria-label={`Patch from the side: ${withUnit(longPointMm)} to the long point outside, ${withUnit(shortPointMm)} to the short point inside, foot cut at ${foot.pitchDegrees} degrees`}
    >
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="foot" />
        <Box left={left} top={4} width={WIDE} height={TOP - 8} fill={palette.sunk} stroke={palette.pencil} strokeWidth={LINE.hair} />
        <DrawnWords x={left + WIDE / 2} y={34} anchor="middle" tone="pencil">
          stays
        </DrawnWords>
        <Path
          d={`M${left} ${TOP} H${right} V${outer} L${left} ${inner} Z`}
          fill={timberOf('foot')}
          stroke={palette.ink}
          strokeWidth={LINE.bold}
        />
        {packMm > 0 &&
          windowsMm.map((mm) => (
            <Box
              key={`w${mm}`}
              left={left + 18}
              top={up(mm) - 12}
              width={WIDE - 36}
              height={24}
              fill="none"
              stroke={palette.ink}
              strokeWidth={LINE.rule}
              strokeDasharray="5 4"
            />
          ))}
        {bradsMm.map((mm) => (
          <Circle key={`b${mm}`} cx={right - 16} cy={up(mm)} r={5} fill={palette.tight} />
        ))}
        <Path
          d={`M${left - 70} ${SILL - 70 * Math.tan((foot.pitchDegrees * Math.PI) / 180)} L${right + 70} ${SILL + fall + 70 * Math.tan((foot.pitchDegrees * Math.PI) / 180)} V${HEIGHT} H${left - 70} Z`}
          fill={palette.sunk}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
        />
        <Dimension from={{ x: left - 16, y: TOP }} to={{ x: left - 16, y: inner }} says={withUnit(shortPointMm)} side="left" />
        <Dimension from={{ x: right + 16, y: TOP }} to={{ x: right + 16, y: outer }} says={withUnit(longPointMm)} side="right" />
        <DrawnWords x={left - 22} y={TOP - 12} anchor="end" tone="pencil">
          inside
        </DrawnWords>
        <DrawnWords x={right + 22} y={TOP - 32} tone="pencil">
          OUTSIDE
        </DrawnWords>
        <DrawnWords x={left + WIDE / 2} y={TOP + 74} anchor="middle" isBold>
          TOP
        </DrawnWords>
        <DrawnWords x={left + WIDE / 2} y={HEIGHT - 8} anchor="middle">
          {`threshold, ${foot.pitchDegrees}°`}
        </DrawnWords>
        <DrawnWords x={right + 22} y={TOP - 8} tone="pencil">
          {`cut ${words.bare(cutHeightMm)} up`}
        </DrawnWords>
      </Svg>
    </View>
  );
}
