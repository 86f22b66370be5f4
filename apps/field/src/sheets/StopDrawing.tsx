import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../design/theme';
import { LINE } from '../design/tokens';
import type { LengthWords } from '../design/lengthWords';
import { Box } from '../design/drawing/Box';
import { DrawnWords } from '../design/drawing/DrawnWords';
import { lineThrough } from '../design/drawing/Plot';
import { Hatches, timberOf } from '../design/drawing/Timber';

/** How far the slab stands off at a share of its height, mm. */
export interface OffAt {
  share: number;
  mm: number;
}

export interface StopDrawingProps {
  width: number;
  words: LengthWords;
  heightMm: number;
  before: readonly OffAt[];
  after: readonly OffAt[];
  hingeHeightsMm: readonly number[];
  /** What it should meet. */
  line: string;
}

const HEIGHT = 260;
const TOP = 26;
const BOTTOM = 18;
const WIDEST_PX = 90;

/** The latch edge seen from the side: the line it should meet, the slab as it is (dashed) and as it will be; distances widened. */
export function StopDrawing({ width, words, heightMm, before, after, hingeHeightsMm, line }: StopDrawingProps) {
  const palette = usePalette();
  const most = Math.max(1, ...[...before, ...after].map(({ mm }) => Math.abs(mm)));
  const factor = WIDEST_PX / most;
  const zero = width / 2 - 30;
  const y = (share: number) => TOP + share * (HEIGHT - TOP - BOTTOM);
  const slab = (points: readonly OffAt[]) => {
    const places = points.map(({ share, mm }) => ({ x: zero + mm * factor, y: y(share) }));
    return `${lineThrough(places)} ${lineThrough([...places].reverse().map((place) => ({ ...place, x: place.x + 26 }))).replace('M', 'L')} Z`;
  };
  return (
    <View role="img" aria-label={`Slab against the ${line}: ${before.map(({ mm }) => words.withUnit(mm)).join(', ')} from top to foot`}>
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="stop" />
        <Box
          left={zero - 26}
          top={TOP - 8}
          width={26}
          height={HEIGHT - TOP - BOTTOM + 16}
          fill={timberOf('stop')}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
        />
        <Path d={slab(after)} fill={palette.slab} stroke={palette.ink} strokeWidth={2} />
        <Path d={slab(before)} fill="none" stroke={palette.pencil} strokeWidth={LINE.rule} strokeDasharray="6 4" />
        {hingeHeightsMm.map((height) => (
          <Path key={height} d={`M${width - 40} ${y(height / heightMm)} h24`} stroke={palette.pencil} strokeWidth={4} />
        ))}
        <DrawnWords x={width - 28} y={16} anchor="middle" tone="pencil">
          hinges
        </DrawnWords>
        <DrawnWords x={zero - 13} y={14} anchor="middle" tone="pencil">
          {line}
        </DrawnWords>
        {before.map(({ share, mm }) => (
          <DrawnWords key={share} x={zero - 34} y={y(share) + 5} anchor="end" isBold>
            {words.withUnit(mm)}
          </DrawnWords>
        ))}
        <DrawnWords x={4} y={HEIGHT - 2} tone="pencil">
          dashed: as it is
        </DrawnWords>
      </Svg>
    </View>
  );
}
