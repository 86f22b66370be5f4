import { View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { Dimension } from '../../design/drawing/Dimension';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf, wasteOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';

const HEIGHT = 400;
const TOP = 24;
const BOTTOM = HEIGHT - 30;
const WIDE = 56;
/** A notch is drawn so large, whatever it is, px. */
const NOTCH = 16;
/** Figures beside the leg stand so far apart at least, px. */
const APART = 20;

export interface UprightLegProps {
  spoken: string;
  tallMm: number;
  /** What is made new, and what of it is broken. */
  piece: { fromMm: number; toMm: number };
  broken?: { fromMm: number; toMm: number };
  /** How wide it is at its lower and its upper end. */
  widths?: readonly [lower: string, upper: string];
  /** What is notched out of its upper end. */
  notch?: string;
  /** Heights with what is there. */
  marks: readonly { atMm: number; says: string }[];
  width: number;
  words: LengthWords;
}

/** A leg upright: what is new hatched as timber, cuts on the left with their heights above the floor, fixings on the right. */
export function UprightLeg({ spoken, tallMm, piece, broken, widths, notch, marks, width, words }: UprightLegProps) {
  const palette = usePalette();
  const left = width * 0.42 - WIDE / 2;
  const right = left + WIDE;
  const y = (mm: number) => BOTTOM - (mm / tallMm) * (BOTTOM - TOP);
  const labels = spreadOut(marks.map(({ atMm }) => y(atMm)));
  return (
    <View role="img" aria-label={spoken}>
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="upright" />
        <Box left={left} top={TOP} width={WIDE} height={BOTTOM - TOP} fill={palette.slab} stroke={palette.ink} strokeWidth={LINE.rule} />
        <Box
          left={left}
          top={y(piece.toMm)}
          width={WIDE}
          height={y(piece.fromMm) - y(piece.toMm)}
          fill={timberOf('upright')}
          stroke={palette.ink}
          strokeWidth={LINE.bold}
        />
        {notch !== undefined && (
          <G>
            <Box
              left={right - NOTCH}
              top={y(piece.toMm)}
              width={NOTCH}
              height={NOTCH}
              fill={wasteOf('upright')}
              stroke={palette.ink}
              strokeWidth={LINE.bold}
            />
            <DrawnWords x={right + 8} y={y(piece.toMm) + 5} isBold>
              {notch}
            </DrawnWords>
          </G>
        )}
        {broken && (
          <Box
            left={left + 12}
            top={y(broken.toMm)}
            width={WIDE - 24}
            height={y(broken.fromMm) - y(broken.toMm)}
            fill={wasteOf('upright')}
            stroke={palette.tight}
            strokeWidth={LINE.rule}
          />
        )}
        {broken && (
          <Path
            d={`M${left + WIDE / 2 - 9} ${y((broken.fromMm + broken.toMm) / 2) - 9} l18 18 m0 -18 l-18 18`}
            stroke={palette.ink}
            strokeWidth={LINE.bold}
          />
        )}
        <Dimension
          from={{ x: left - 18, y: y(piece.toMm) }}
          to={{ x: left - 18, y: y(piece.fromMm) }}
          says={words.withUnit(piece.toMm - piece.fromMm)}
          side="left"
        />
        {[piece.fromMm, piece.toMm].map((mm, i) => (
          <G key={mm}>
            <Path d={`M${left - 30} ${y(mm)} H${right}`} stroke={palette.ink} strokeWidth={LINE.bold} />
            <DrawnWords x={4} y={y(mm) + (i === 0 ? 18 : -8)} isBold>
              {mm <= 0 ? 'floor' : words.bare(mm)}
            </DrawnWords>
            {widths && (
              <DrawnWords x={4} y={y(mm) + (i === 0 ? 38 : -28)}>
                {`${widths[i] ?? ''} wide`}
              </DrawnWords>
            )}
          </G>
        ))}
        {marks.map(({ atMm, says }, i) => (
          <G key={`${atMm}-${says}`}>
            <Path
              d={`M${right - 12} ${y(atMm)} H${right + 10} L${right + 26} ${labels[i] ?? 0}`}
              stroke={palette.tight}
              strokeWidth={LINE.rule}
              fill="none"
            />
            <Circle cx={right - 12} cy={y(atMm)} r={6} fill={palette.tight} />
            <DrawnWords x={right + 30} y={(labels[i] ?? 0) + 5} isBold>
              {says}
            </DrawnWords>
          </G>
        ))}
        <Path d={`M${left - 50} ${BOTTOM} H${right + 50}`} stroke={palette.ink} strokeWidth={LINE.bold} />
        <DrawnWords x={left + WIDE / 2} y={HEIGHT - 8} anchor="middle" tone="pencil">
          {`above the floor, ${words.unit}`}
        </DrawnWords>
        <DrawnWords x={left + WIDE / 2} y={16} anchor="middle" tone="pencil">
          TOP
        </DrawnWords>
      </Svg>
    </View>
  );
}

/** Places of words so far apart that none lies on another, in the order given. */
function spreadOut(ys: readonly number[]): number[] {
  const order = ys.map((y, i) => ({ y, i })).sort((a, b) => b.y - a.y);
  const placed: number[] = [];
  let last = Infinity;
  for (const { y, i } of order) {
    last = Math.min(y, last - APART);
    placed[i] = last;
  }
  return placed;
}
