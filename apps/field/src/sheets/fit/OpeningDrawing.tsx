import { drawOpening, outlineAt, type MeasuredOpening, type SlabFit } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';

const HEIGHT = 380;
const MARGIN = { side: 64, head: 34, foot: 44 };
/** What is crooked is drawn so many px out at the most. */
const CROOKED_PX = 16;
const STEPS = Array.from({ length: 21 }, (_, i) => i / 20);

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
  const { hingeLeg, latchLeg, head, floor } = drawOpening(opening);
  const tall = Math.max(...opening.heights.map(({ mm }) => mm));
  const wide = Math.max(...opening.widths.map(({ mm }) => mm));
  const [left, right, top, bottom] = [MARGIN.side, width - MARGIN.side, MARGIN.head, HEIGHT - MARGIN.foot];
  const crooked = STEPS.flatMap((share) => [
    outlineAt(hingeLeg, share * tall),
    outlineAt(latchLeg, share * tall) - wide,
    outlineAt(head, share * wide) - tall,
    outlineAt(floor, share * wide),
  ]);
  const scale = Math.min(4, CROOKED_PX / Math.max(0.5, ...crooked.map(Math.abs)));
  const gapAt = (edge: SlabFit['edges'][number]['edge'], at: number) => {
    const gaps = edges.find((each) => each.edge === edge)?.gaps ?? [];
    return outlineAt(gaps, at) * scale;
  };
  const y = (share: number) => bottom - share * (bottom - top);
  const line = (points: readonly [number, number][]) => points.map(([px, py], i) => `${i === 0 ? 'M' : 'L'}${px} ${py}`).join(' ');
  const hingeX = (share: number) => left + outlineAt(hingeLeg, share * tall) * scale;
  const latchX = (share: number) => right + (outlineAt(latchLeg, share * tall) - wide) * scale;
  const headY = (share: number) => top - (outlineAt(head, share * wide) - tall) * scale;
  const floorY = (share: number) => bottom - outlineAt(floor, share * wide) * scale;
  const between = (from: number, to: number, share: number) => from + (to - from) * share;
  const legs = {
    hinge: (share: number, inset = 0): [number, number] => [hingeX(share) + inset, between(floorY(0), headY(0), share)],
    latch: (share: number, inset = 0): [number, number] => [latchX(share) - inset, between(floorY(1), headY(1), share)],
    head: (share: number, inset = 0): [number, number] => [between(hingeX(1), latchX(1), share), headY(share) + inset],
    floor: (share: number, inset = 0): [number, number] => [between(hingeX(0), latchX(0), share), floorY(share) - inset],
  };
  const opened = [
    ...STEPS.map((share) => legs.hinge(share)),
    ...STEPS.map((share) => legs.head(share)),
    ...[...STEPS].reverse().map((share) => legs.latch(share)),
    ...[...STEPS].reverse().map((share) => legs.floor(share)),
  ];
  const fromTop = (share: number) => (1 - share) * tall;
  const inside = STEPS.filter((share) => share > 0.02 && share < 0.98);
  const slab = [
    ...inside.map((share) => legs.hinge(share, gapAt('hinge', fromTop(share)))),
    ...inside.map((share) => legs.head(share, gapAt('head', share * wide))),
    ...[...inside].reverse().map((share) => legs.latch(share, gapAt('latch', fromTop(share)))),
    ...[...inside].reverse().map((share) => legs.floor(share, gapAt('foot', share * wide))),
  ];
  return (
    <View
      role="img"
      aria-label={`Opening ${words.withUnit(wide)} by ${words.withUnit(tall)}, drawn with what is crooked widened ${Math.round(scale)} times`}
    >
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="opening" />
        <Path
          d={`M0 ${top - 26} H${width} V${HEIGHT} H0 Z ${line(opened)} Z`}
          fill={timberOf('opening')}
          fillRule="evenodd"
          stroke={palette.ink}
          strokeWidth={LINE.bold}
        />
        {edges.length > 0 && <Path d={`${line(slab)} Z`} fill={palette.slab} stroke={palette.ink} strokeWidth={LINE.rule} />}
        {opening.widths.map(({ at, mm }) => (
          <DrawnWords key={`w${at}`} x={width / 2} y={Math.min(bottom - 16, Math.max(top + 26, y(at / tall)))} anchor="middle" isBold>
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
