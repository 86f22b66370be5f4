import type { ContinuousHinge, FittingSheet } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import type { LengthWords } from '../../design/lengthWords';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';

const HEIGHT = 300;
const FRAME = 16;
/** Gaps are drawn much too wide, to be seen. */
const GAP_PX = 9;
/** Where the latch gap is read, as shares of the height. */
const PLACES = [0.08, 0.5, 0.92] as const;

/** The worn door in its opening: hinge down its whole height, gaps to set, packers, and the four screws that come first. */
export function FittingDrawing({
  sheet,
  door,
  width,
  words,
}: {
  sheet: FittingSheet;
  door: ContinuousHinge;
  width: number;
  words: LengthWords;
}) {
  const palette = usePalette();
  const top = 20;
  const bottom = HEIGHT - 34;
  const slabHeight = bottom - top - 3 * GAP_PX;
  const slabWidth = Math.min(width - 170, slabHeight * (door.slabWidthMm / door.slabHeightMm));
  const left = 70;
  const hinge = left + 8;
  const right = hinge + 8 + slabWidth + GAP_PX;
  const slabTop = top + GAP_PX;
  const length = Math.max(1, door.hingeLengthMm - sheet.cutHingeMm);
  return (
    <View
      role="img"
      aria-label={`Fitting: packers ${words.withUnit(sheet.packersMm)}, first screws at ${sheet.firstScrewsMm.map(words.withUnit).join(', ')} below the top of the hinge`}
    >
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="fitting" />
        <Path
          d={`M${left - FRAME} ${bottom} V${top - FRAME} H${right + FRAME} V${bottom} H${right} V${top} H${left} V${bottom} Z`}
          fill={timberOf('fitting')}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
        />
        <Path d={`M${left - FRAME - 10} ${bottom} H${right + FRAME + 10}`} stroke={palette.ink} strokeWidth={2.5} />
        <Box
          left={hinge + 8}
          top={slabTop}
          width={slabWidth}
          height={slabHeight}
          fill={palette.slab}
          stroke={palette.ink}
          strokeWidth={2}
        />
        <Box left={left} top={slabTop} width={16} height={slabHeight} fill={palette.sunk} stroke={palette.ink} strokeWidth={LINE.rule} />
        {sheet.firstScrewsMm.map((mm) => {
          const y = slabTop + (mm / length) * slabHeight;
          return (
            <G key={mm}>
              <Circle cx={left + 5} cy={y} r={4} fill={palette.accent} />
              <DrawnWords x={left - FRAME - 6} y={y + 5} anchor="end" isBold>
                {words.bare(mm)}
              </DrawnWords>
            </G>
          );
        })}
        <Box
          left={hinge + 26}
          top={slabTop + slabHeight}
          width={34}
          height={bottom - slabTop - slabHeight}
          fill={palette.hatch}
          stroke={palette.ink}
          strokeWidth={1}
        />
        <Box
          left={right - GAP_PX - 60}
          top={slabTop + slabHeight}
          width={34}
          height={bottom - slabTop - slabHeight}
          fill={palette.hatch}
          stroke={palette.ink}
          strokeWidth={1}
        />
        {sheet.latchGapsMm.map((mm, i) => (
          <DrawnWords key={i} x={right + FRAME + 6} y={slabTop + (PLACES[i] ?? 0.5) * slabHeight} isBold>
            {words.bare(mm)}
          </DrawnWords>
        ))}
        <DrawnWords x={(left + right) / 2} y={slabTop + 22} anchor="middle" isBold>
          {words.withUnit(sheet.headHungMm)}
        </DrawnWords>
        <DrawnWords x={(left + right) / 2} y={slabTop + slabHeight - 8} anchor="middle" isBold>
          {words.withUnit(sheet.packersMm)}
        </DrawnWords>
        <DrawnWords x={4} y={HEIGHT - 8} tone="pencil">
          {`first screws, ${words.unit} down · gaps drawn too wide`}
        </DrawnWords>
      </Svg>
    </View>
  );
}
