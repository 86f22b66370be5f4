import { HINGE_SCREWS, type HingeScrewId } from '@proper-swing/core';
import { View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { DrawnWords } from '../../design/drawing/DrawnWords';

export interface TravelBar {
  screw: HingeScrewId;
  /** Turns away from where it was found, and turns left each way. */
  turned: number;
  plus: number;
  minus: number;
  /** Turns asked for now. */
  next: number;
}

const ROW = 58;
const SIDE = 12;

/** Every screw on its travel: where it was found (tick in the middle), where it stands now, and where the next turns take it. */
export function TravelBars({ bars, width }: { bars: readonly TravelBar[]; width: number }) {
  const palette = usePalette();
  return (
    <View
      role="img"
      aria-label={bars
        .map(({ screw, turned, plus, minus }) => `${HINGE_SCREWS[screw].title}: turned ${turned}, left ${plus} and ${minus}`)
        .join('. ')}
    >
      <Svg width={width} height={bars.length * ROW} aria-hidden>
        {bars.map(({ screw, turned, plus, minus, next }, i) => {
          const total = plus + minus;
          const y = i * ROW + 36;
          const x = (turns: number) => SIDE + ((turns + total / 2) / total) * (width - 2 * SIDE);
          return (
            <G key={screw}>
              <DrawnWords x={0} y={i * ROW + 18}>
                {HINGE_SCREWS[screw].title}
              </DrawnWords>
              <DrawnWords x={width} y={i * ROW + 18} anchor="end" tone="pencil">
                {`${turned > 0 ? '+' : turned < 0 ? '−' : ''}${Math.abs(turned)} turns`}
              </DrawnWords>
              <Path d={`M${x(-total / 2)} ${y} H${x(total / 2)}`} stroke={palette.ink} strokeWidth={LINE.bold} />
              <Path
                d={`M${x(-total / 2)} ${y - 7} v14 M${x(total / 2)} ${y - 7} v14 M${x(0)} ${y - 4} v8`}
                stroke={palette.ink}
                strokeWidth={LINE.rule}
              />
              {next !== 0 && (
                <Path
                  d={`M${x(turned)} ${y} H${x(turned + next)} m${next > 0 ? -7 : 7} -6 L${x(turned + next)} ${y} l${next > 0 ? -7 : 7} 6`}
                  stroke={palette.accent}
                  strokeWidth={4}
                  fill="none"
                />
              )}
              <Circle cx={x(turned)} cy={y} r={7} fill={palette.ink} />
            </G>
          );
        })}
      </Svg>
    </View>
  );
}
