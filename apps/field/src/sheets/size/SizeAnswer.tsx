import type { HingesToBuy } from '@proper-swing/core/sheets';
import Svg, { Circle, Path } from 'react-native-svg';
import { View } from 'react-native';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { sizeSays } from './says';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';

/** How many hinges of which size, drawn open, and why. */
export function SizeAnswer({ result, words, width }: AnswerProps<HingesToBuy>) {
  const { heightMm, widthMm, leastWidthMm, givesClearanceMm, why } = result;
  return (
    <>
      <Headline>{sizeSays(result)}</Headline>
      <OpenHinge heightMm={heightMm} widthMm={widthMm} width={width} height={words.withUnit(heightMm)} across={words.withUnit(widthMm)} />
      <AnswerLine label="Width the rule asks for" figure={words.withUnit(leastWidthMm)} />
      <AnswerLine label="Clearance it gives past the trim" figure={words.withUnit(givesClearanceMm)} />
      {why.map((line) => (
        <Words key={line}>{line}</Words>
      ))}
      <Words tone="pencil">Fire doors: number, size and make of hinge are as the certificate says.</Words>
    </>
  );
}

const HEIGHT = 190;

function OpenHinge({
  heightMm,
  widthMm,
  width,
  height,
  across,
}: {
  heightMm: number;
  widthMm: number;
  width: number;
  height: string;
  across: string;
}) {
  const palette = usePalette();
  const scale = Math.min((HEIGHT - 50) / heightMm, (width - 120) / widthMm);
  const w = widthMm * scale;
  const h = heightMm * scale;
  const left = (width - w) / 2;
  const top = 14;
  const holes = [0.2, 0.5, 0.8].flatMap((share, i) =>
    [0.16 + (i % 2) * 0.12, 0.84 - (i % 2) * 0.12].map((x) => ({ x: left + x * w, y: top + share * h })),
  );
  return (
    <View role="img" aria-label={`Hinge, open: ${height} high, ${across} wide`}>
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Box left={left} top={top} width={w} height={h} fill={palette.slab} stroke={palette.ink} strokeWidth={2} />
        <Path d={`M${width / 2} ${top} V${top + h}`} stroke={palette.ink} strokeWidth={9} strokeDasharray={`${h / 5 - 1.5} 1.5`} />
        {holes.map(({ x, y }) => (
          <Circle key={`${x}/${y}`} cx={x} cy={y} r={4} fill="none" stroke={palette.ink} strokeWidth={LINE.rule} />
        ))}
        <Path
          d={`M${left} ${top + h + 12} h${w} m0 -5 v10 M${left} ${top + h + 7} v10 M${left - 12} ${top} v${h} m-5 0 h10 M${left - 17} ${top} h10`}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
          fill="none"
        />
        <DrawnWords x={width / 2} y={top + h + 32} anchor="middle" isBold>
          {across}
        </DrawnWords>
        <DrawnWords x={left - 20} y={top + h / 2 + 5} anchor="end" isBold>
          {height}
        </DrawnWords>
      </Svg>
    </View>
  );
}
