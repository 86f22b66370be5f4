import type { RollerMeasure } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';

const WIDTH = 330;
const HEIGHT = 190;

/** A roller from the side and from its end, with a numbered line for each measure; the one that is asked for stands out. */
export function RollerDrawing({ asked }: { asked: RollerMeasure | undefined }) {
  const palette = usePalette();
  const line = { stroke: palette.pencil, strokeWidth: LINE.rule, fill: 'none' } as const;
  const part = { fill: palette.slab, stroke: palette.ink, strokeWidth: 2 } as const;
  const measures: readonly { nth: string; of: RollerMeasure; x: number; y: number; d: string }[] = [
    { nth: '4', of: 'lengthMm', x: 105, y: 182, d: 'M20 166 H190 M20 158 v16 M190 158 v16' },
    { nth: '6', of: 'heightMm', x: 214, y: 96, d: 'M200 52 V140 M192 52 h16 M192 140 h16' },
    { nth: '7', of: 'screwMm', x: 40, y: 30, d: 'M20 40 H60 M20 32 v16 M60 32 v16' },
    { nth: '1', of: 'wheelMm', x: 122, y: 88, d: 'M78 118 L132 92' },
    { nth: '5', of: 'widthMm', x: 281, y: 30, d: 'M252 40 H310 M252 32 v16 M310 32 v16' },
    { nth: '2', of: 'treadMm', x: 281, y: 182, d: 'M266 166 H296 M266 158 v16 M296 158 v16' },
    { nth: '3', of: 'axleMm', x: 238, y: 128, d: 'M248 100 v12 M242 100 h12 M242 112 h12' },
  ];
  return (
    <View
      role="img"
      aria-label="A roller from the side and from its end: one, wheel across; two, wheel width; three, axle; four, housing length; five, housing width; six, height over all; seven, end to screw"
    >
      <Svg width={WIDTH} height={HEIGHT} aria-hidden>
        <Box left={20} top={52} width={170} height={50} {...part} />
        <Circle cx={60} cy={66} r={6} {...part} />
        <Path d="M54 66 h12" stroke={palette.ink} strokeWidth={LINE.rule} />
        <Circle cx={105} cy={105} r={35} {...part} />
        <Circle cx={105} cy={105} r={7} {...part} />
        <Box left={252} top={52} width={58} height={50} {...part} />
        <Box left={266} top={70} width={30} height={70} {...part} />
        <Box left={248} top={100} width={66} height={12} {...part} />
        <Path d="M281 132 l-7 8 h14 Z" fill={palette.paper} stroke={palette.ink} strokeWidth={LINE.rule} />
        {measures.map(({ nth, of, x, y, d }) => (
          <G key={nth}>
            <Path d={d} {...line} {...(of === asked && { stroke: palette.accent, strokeWidth: LINE.bold })} />
            <DrawnWords x={x} y={y} anchor="middle" isBold>
              {nth}
            </DrawnWords>
          </G>
        ))}
      </Svg>
    </View>
  );
}
