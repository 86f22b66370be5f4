import type { LaidStrike } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { Dimension } from '../../design/drawing/Dimension';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { BOLT_WORDS } from './layoutSays';

const ONE = 190;
const SCALE = 2;

/** The face of the jamb about each strike, stop on the left, twice as large as millimetres in pixels: hole, plate, cross where wood goes. */
export function StrikesDrawing({ strikes, width, words }: { strikes: readonly LaidStrike[]; width: number; words: LengthWords }) {
  const palette = usePalette();
  const sorted = [...strikes].sort((a, b) => a.cut.belowHeadMm - b.cut.belowHeadMm);
  const stop = 104;
  const jambRight = Math.min(width - 70, stop + 130);
  const { bare } = words;
  return (
    <View
      role="img"
      aria-label={`Strikes on the jamb: ${sorted.map(({ bolt, cut }) => `${BOLT_WORDS[bolt]} ${bare(cut.belowHeadMm)} below the head, ${bare(cut.fromStopMm)} from the stop`).join('; ')}`}
    >
      <Svg width={width} height={sorted.length * ONE + 24} aria-hidden>
        <Hatches id="strikes" />
        <DrawnWords x={stop - 4} y={16} anchor="end" tone="pencil">
          stop
        </DrawnWords>
        {sorted.map(({ bolt, cut, plate, bore }, i) => {
          const middle = 24 + i * ONE + ONE / 2;
          const x = (mm: number) => stop + mm * SCALE;
          const half = Math.min(ONE / 2 - 26, ((plate.footMm - plate.topMm) / 2) * SCALE);
          const radius = (bore.mm / 2) * SCALE;
          return (
            <G key={bolt}>
              <Box
                left={stop - 20}
                top={24 + i * ONE}
                width={20}
                height={ONE - 6}
                fill={timberOf('strikes')}
                stroke={palette.ink}
                strokeWidth={LINE.rule}
              />
              <Box
                left={stop}
                top={24 + i * ONE}
                width={jambRight - stop}
                height={ONE - 6}
                fill={palette.slab}
                stroke={palette.ink}
                strokeWidth={LINE.rule}
              />
              <Box
                left={x(plate.nearMm)}
                top={middle - half}
                width={(plate.farMm - plate.nearMm) * SCALE}
                height={2 * half}
                fill="none"
                stroke={palette.ink}
                strokeWidth={LINE.bold}
              />
              <Circle cx={x(cut.fromStopMm)} cy={middle} r={radius} fill={palette.sunk} stroke={palette.tight} strokeWidth={LINE.bold} />
              <Path d={`M${x(cut.fromStopMm) - 8} ${middle - 8} l16 16 m0 -16 l-16 16`} stroke={palette.tight} strokeWidth={LINE.bold} />
              <Dimension
                from={{ x: stop, y: middle + half + 14 }}
                to={{ x: x(cut.fromStopMm), y: middle + half + 14 }}
                says={bare(cut.fromStopMm)}
                side="above"
              />
              <DrawnWords x={0} y={middle - 8} isBold>
                {bare(cut.belowHeadMm)}
              </DrawnWords>
              <DrawnWords x={0} y={middle + 20} tone="pencil">
                below head
              </DrawnWords>
              <Path d={`M0 ${middle} H${x(cut.fromStopMm)}`} stroke={palette.ink} strokeWidth={LINE.hair} strokeDasharray="4 3" />
              <DrawnWords x={jambRight + 6} y={middle - 4} isBold>
                {BOLT_WORDS[bolt]}
              </DrawnWords>
              <DrawnWords x={jambRight + 6} y={middle + 16} tone="pencil">
                {bore.isThrough ? 'through' : `${bare(bore.deepMm)} deep`}
              </DrawnWords>
            </G>
          );
        })}
      </Svg>
    </View>
  );
}
