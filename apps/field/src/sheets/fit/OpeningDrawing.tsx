import type { MeasuredOpening, SlabFit } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { openingShape } from './openingShape';

const HEIGHT = 380;
const MARGIN = { side: 64, head: 34, foot: 44 };

/** The opening with its crookedness widened, and where it is known the slab in it, gaps widened as much. */
export function OpeningDrawing({
  opening,
  edges,
  width,
  words,
}: {
  opening: MeasuredOpening;
  edges: SlabFit['edges'];
  width: number;
  words: LengthWords;
}) {
  const palette = usePalette();
  const [left, right, top, bottom] = [MARGIN.side, width - MARGIN.side, MARGIN.head, HEIGHT - MARGIN.foot];
  const { outline, slab, scale, tallMm, wideMm } = openingShape(opening, edges, { left, right, top, bottom });
  const y = (share: number) => bottom - share * (bottom - top);
  return (
    <View
      role="img"
      aria-label={`Opening ${words.withUnit(wideMm)} by ${words.withUnit(tallMm)}, drawn with what is crooked widened ${Math.round(scale)} times`}
    >
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="opening" />
        <Path
          d={`M0 ${top - 26} H${width} V${HEIGHT} H0 Z ${outline}`}
          fill={timberOf('opening')}
          fillRule="evenodd"
          stroke={palette.ink}
          strokeWidth={LINE.bold}
        />
        {slab !== '' && <Path d={slab} fill={palette.slab} stroke={palette.ink} strokeWidth={LINE.rule} />}
        {opening.widths.map(({ at, mm }) => (
          <DrawnWords key={`w${at}`} x={width / 2} y={Math.min(bottom - 16, Math.max(top + 26, y(at / tallMm)))} anchor="middle" isBold>
            {`↔ ${words.bare(mm)}`}
          </DrawnWords>
        ))}
        {edges.map(({ edge, leastGapMm, mostGapMm }) => {
          const [least, most] = [words.bare(leastGapMm), words.bare(mostGapMm)];
          const says = least === most ? least : `${least}–${most}`;
          const place = {
            hinge: { x: 4, y: y(0.5), anchor: 'start' as const },
            latch: { x: width - 4, y: y(0.5), anchor: 'end' as const },
            head: { x: width / 2, y: top - 10, anchor: 'middle' as const },
            foot: { x: width / 2, y: HEIGHT - 12, anchor: 'middle' as const },
          }[edge];
          return (
            <DrawnWords key={edge} {...place}>
              {says}
            </DrawnWords>
          );
        })}
      </Svg>
    </View>
  );
}
