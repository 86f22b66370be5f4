import type { MonthOfSlab } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { G } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { monthWords } from './timberSays';

const HEIGHT = 150;
/** A gap is drawn so much wider than it is, px a mm, and no wider than this. */
const PX_PER_MM = 6;
const WIDEST_PX = 60;

/** The door cut across at the latch, in the wettest month and in the driest: slab on the left, gap widened, leg on the right. */
export function SeasonDoor({
  wettest,
  driest,
  leastMm,
  width,
  words,
}: {
  wettest: MonthOfSlab;
  driest: MonthOfSlab;
  leastMm: number;
  width: number;
  words: LengthWords;
}) {
  const palette = usePalette();
  const leg = width - 64;
  return (
    <View
      role="img"
      aria-label={`Latch gap in ${monthWords(wettest.month)}: ${words.withUnit(Math.max(0, wettest.gapMm))}; in ${monthWords(driest.month)}: ${words.withUnit(driest.gapMm)}`}
    >
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="season" />
        {[wettest, driest].map(({ month, gapMm }, i) => {
          const top = 6 + i * 72;
          const gap = Math.min(WIDEST_PX, Math.max(0, gapMm) * PX_PER_MM);
          return (
            <G key={month}>
              <Box
                left={0}
                top={top}
                width={leg - gap}
                height={58}
                fill={palette.slab}
                stroke={gapMm < leastMm ? palette.tight : palette.ink}
                strokeWidth={LINE.bold}
              />
              <Box left={leg} top={top} width={64} height={58} fill={timberOf('season')} stroke={palette.ink} strokeWidth={LINE.bold} />
              <DrawnWords x={10} y={top + 25} isBold>
                {`${monthWords(month)}: ${gapMm <= 0 ? 'does not shut' : words.withUnit(gapMm)}`}
              </DrawnWords>
              <DrawnWords x={10} y={top + 46} tone="pencil">
                {i === 0 ? 'wettest' : 'driest'}
              </DrawnWords>
            </G>
          );
        })}
      </Svg>
    </View>
  );
}
