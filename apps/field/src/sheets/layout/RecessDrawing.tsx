import type { HingeLayout } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { Dimension } from '../../design/drawing/Dimension';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, wasteOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';

const TALL = 250;
const TOP = 46;
const HEIGHT = TOP + TALL + 44;

/** The edge of the slab about one hinge: what is let in, hatched; holes where they are bored, those over the framing filled. */
export function RecessDrawing({ layout, width, words }: { layout: HingeLayout; width: number; words: LengthWords }) {
  const palette = usePalette();
  const { recess, holes, knuckleOutMm } = layout;
  const scale = Math.min(TALL / recess.longMm, (width - 190) / (recess.wideMm + knuckleOutMm));
  const left = 96;
  const [wide, tall] = [recess.wideMm * scale, recess.longMm * scale];
  const { bare, withUnit } = words;
  return (
    <View
      role="img"
      aria-label={`Hinge recess ${withUnit(recess.longMm)} long, ${withUnit(recess.wideMm)} wide, ${withUnit(recess.deepMm)} deep; holes ${holes.map(({ downMm, fromEdgeMm }) => `${bare(downMm)} down and ${bare(fromEdgeMm)} in`).join(', ')}`}
    >
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="recess" />
        <Box
          left={left - knuckleOutMm * scale}
          top={TOP}
          width={knuckleOutMm * scale}
          height={tall}
          fill={palette.sunk}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
        />
        <Box left={left} top={TOP} width={wide} height={tall} fill={wasteOf('recess')} stroke={palette.ink} strokeWidth={LINE.bold} />
        <Path d={`M${left} ${TOP - 24} V${TOP + tall + 24}`} stroke={palette.ink} strokeWidth={LINE.bold} />
        {holes.map(({ downMm, fromEdgeMm, reaches }) => {
          const [x, y] = [left + fromEdgeMm * scale, TOP + downMm * scale];
          return (
            <G key={`${downMm}-${fromEdgeMm}`}>
              <Circle cx={x} cy={y} r={8} fill={reaches ? palette.ink : palette.paper} stroke={palette.ink} strokeWidth={LINE.bold} />
              <DrawnWords x={left + wide + 44} y={y + 5} isBold>
                {`${bare(downMm)} · ${bare(fromEdgeMm)}`}
              </DrawnWords>
            </G>
          );
        })}
        <Dimension
          from={{ x: left - knuckleOutMm * scale - 12, y: TOP }}
          to={{ x: left - knuckleOutMm * scale - 12, y: TOP + tall }}
          says={bare(recess.longMm)}
          side="left"
        />
        <Dimension from={{ x: left, y: TOP - 14 }} to={{ x: left + wide, y: TOP - 14 }} says={`${bare(recess.wideMm)} wide`} side="above" />
        <DrawnWords x={left + wide + 44} y={TOP - 12} tone="pencil">
          down · in
        </DrawnWords>
        <DrawnWords x={4} y={HEIGHT - 8} tone="pencil">
          {`knuckles left · ${withUnit(recess.deepMm)} deep`}
        </DrawnWords>
      </Svg>
    </View>
  );
}
