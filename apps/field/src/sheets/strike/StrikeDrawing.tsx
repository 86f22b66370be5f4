import { MM_PER_UNIT } from '@proper-swing/core';
import type { LatchAtStrike, StrikeFit } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { G, Path } from 'react-native-svg';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import type { LengthWords } from '../../design/lengthWords';
import { BAR_MM, strikeShapes, type StrikeBox } from './strikeTemplate';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf, wasteOf } from '../../design/drawing/Timber';

/** A millimetre of a screen that keeps to CSS: 96 px to the inch. */
const PX_PER_MM = 96 / MM_PER_UNIT.in;

export interface StrikeDrawingProps {
  fit: StrikeFit;
  latch: LatchAtStrike;
  width: number;
  words: LengthWords;
}

/** The strike at full size: hole, bolt where it lands (dashed) and what has to be filed (hatched), with a bar to check the size by. */
export function StrikeDrawing({ fit, latch, width, words }: StrikeDrawingProps) {
  const palette = usePalette();
  const { plate, hole, bolt, waste } = strikeShapes(fit, latch);
  const height = (plate.height + 14) * PX_PER_MM;
  const left = width / 2 - (plate.width / 2) * PX_PER_MM;
  const px = ({ x, y, width: w, height: h }: StrikeBox) => ({
    left: left + (x - plate.x) * PX_PER_MM,
    top: (y - plate.y) * PX_PER_MM + 2,
    width: w * PX_PER_MM,
    height: h * PX_PER_MM,
  });
  const boltPx = px(bolt);
  const holePx = px(hole);
  const plateBottom = px(plate).top + px(plate).height;
  const barLeft = width / 2 - (BAR_MM / 2) * PX_PER_MM;
  return (
    <View
      role="img"
      aria-label={`Strike at full size: the bolt lies ${words.withUnit(Math.abs(fit.lowMm))} ${fit.lowMm >= 0 ? 'low' : 'high'}`}
    >
      <Svg width={width} height={height} aria-hidden>
        <Hatches id="strike" />
        <Box {...px(plate)} fill={timberOf('strike')} stroke={palette.ink} strokeWidth={LINE.rule} />
        <Box {...holePx} fill={palette.paper} stroke={palette.ink} strokeWidth={LINE.bold} />
        <Box {...boltPx} fill={palette.slab} stroke={palette.ink} strokeWidth={2} strokeDasharray="6 4" />
        {waste.map((box) => (
          <Box key={`${box.x}/${box.y}`} {...px(box)} fill={wasteOf('strike')} stroke={palette.tight} strokeWidth={LINE.rule} />
        ))}
        {waste.slice(0, 1).map((box) => (
          <DrawnWords key="waste" x={left - 8} y={px(box).top + px(box).height / 2 + 5} anchor="end" tone="tight" isBold>
            {`file ${words.withUnit(Math.min(box.width, box.height))}`}
          </DrawnWords>
        ))}
        <G>
          <Path
            d={`M${holePx.left - 14} ${holePx.top + holePx.height / 2} H${holePx.left + holePx.width + 14}`}
            stroke={palette.pencil}
            strokeWidth={1}
            strokeDasharray="3 3"
          />
          <Path
            d={`M${boltPx.left - 10} ${boltPx.top + boltPx.height / 2} H${boltPx.left + boltPx.width + 10}`}
            stroke={palette.accent}
            strokeWidth={LINE.rule}
          />
        </G>
        <DrawnWords x={left + plate.width * PX_PER_MM + 8} y={boltPx.top + boltPx.height / 2 + 5} isBold>
          {`${words.withUnit(Math.abs(fit.lowMm))} ${fit.lowMm >= 0 ? 'low' : 'high'}`}
        </DrawnWords>
        <DrawnWords x={left + plate.width * PX_PER_MM + 8} y={20} tone="pencil">
          stop side
        </DrawnWords>
        <DrawnWords x={left - 8} y={20} anchor="end" tone="pencil">
          room side
        </DrawnWords>
        <Path
          d={`M${barLeft} ${plateBottom + 14} v10 M${barLeft} ${plateBottom + 19} h${BAR_MM * PX_PER_MM} m0 -5 v10`}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
          fill="none"
        />
        <DrawnWords x={width / 2} y={plateBottom + 40} anchor="middle" tone="pencil">
          {`full size: this bar is ${BAR_MM} mm`}
        </DrawnWords>
      </Svg>
    </View>
  );
}
