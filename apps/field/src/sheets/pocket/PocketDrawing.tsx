import type { PocketOpening, PocketSheet } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';

const HEIGHT = 250;
const TRACK = 24;
const FLOOR = 190;
/** A millimetre of floor is drawn so many px high, and no more than so many in all. */
const WIDENED = 4;
const MOST_PX = 44;

/** Track, slab and the floor under its whole travel, the floor's run widened; the high point decides. */
export function PocketDrawing({
  sheet,
  opening,
  width,
  words,
}: {
  sheet: PocketSheet;
  opening: PocketOpening;
  width: number;
  words: LengthWords;
}) {
  const palette = usePalette();
  const { heightsMm } = opening;
  const least = Math.min(...heightsMm);
  const scale = Math.min(WIDENED, MOST_PX / Math.max(1, sheet.spreadMm));
  const left = 14;
  const right = width - 14;
  const x = (i: number) => (heightsMm.length === 1 ? (left + right) / 2 : left + ((right - left) * i) / (heightsMm.length - 1));
  const y = (mm: number) => FLOOR + (mm - least) * scale;
  const floor = heightsMm.map((mm, i) => `${i === 0 ? 'M' : 'L'}${x(i)} ${y(mm)}`).join(' ');
  const line = heightsMm.length === 1 ? `M${left} ${FLOOR} L${right} ${FLOOR}` : floor;
  const slab = { left: left + (right - left) * 0.18, width: (right - left) * 0.42, foot: FLOOR - opening.clearanceMm * scale };
  return (
    <View
      role="img"
      aria-label={`Slab ${words.withUnit(sheet.lengthMm)} long, ${words.withUnit(opening.clearanceMm)} over the highest point of the floor`}
    >
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="pocket" />
        <Box
          left={left}
          top={TRACK - 8}
          width={right - left}
          height={10}
          fill={palette.paper}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
        />
        <Path
          d={`${line} L${right} ${HEIGHT - 6} L${left} ${HEIGHT - 6} Z`}
          fill={timberOf('pocket')}
          stroke={palette.ink}
          strokeWidth={2}
        />
        <Box
          left={slab.left}
          top={TRACK + 14}
          width={slab.width}
          height={slab.foot - TRACK - 14}
          fill={palette.slab}
          stroke={palette.ink}
          strokeWidth={2}
        />
        {[0.12, 0.88].map((share) => (
          <G key={share}>
            <Circle cx={slab.left + slab.width * share} cy={TRACK - 3} r={6} fill={palette.ink} />
            <Path d={`M${slab.left + slab.width * share} ${TRACK} v14`} stroke={palette.ink} strokeWidth={LINE.bold} />
          </G>
        ))}
        <Path
          d={`M${slab.left + slab.width + 20} ${TRACK + 14} V${slab.foot} m-6 -8 l6 8 l6 -8 M${slab.left + slab.width + 14} ${TRACK + 22} l6 -8 l6 8`}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
          fill="none"
        />
        <DrawnWords x={slab.left + slab.width + 32} y={(TRACK + slab.foot) / 2} isBold>
          {words.withUnit(sheet.lengthMm)}
        </DrawnWords>
        {heightsMm.map((mm, i) => (
          <DrawnWords
            key={`${i}/${mm}`}
            x={x(i)}
            y={HEIGHT - 16}
            anchor={heightsMm.length === 1 ? 'middle' : i === 0 ? 'start' : i === heightsMm.length - 1 ? 'end' : 'middle'}
            isBold={i === sheet.highPoint}
            tone={i === sheet.highPoint ? 'ink' : 'pencil'}
          >
            {i === sheet.highPoint ? `${words.bare(mm)} ▲` : words.bare(mm)}
          </DrawnWords>
        ))}
      </Svg>
    </View>
  );
}
