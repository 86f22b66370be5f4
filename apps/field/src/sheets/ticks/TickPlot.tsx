import type { HeardTicks, TickFinding } from '@proper-swing/core/sheets';
import { Circle, G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Plot, ticksBetween } from '../../design/drawing/Plot';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';

const ROW = 44;
/** A spot is drawn at least so wide, px. */
const LEAST_BAND = 8;

/** Every tick where it was heard, a row a pass: a spot stands in a column, a wheel in even steps of its own each time. */
export function TickPlot({ found, heard, width, words }: { found: TickFinding; heard: HeardTicks; width: number; words: LengthWords }) {
  const palette = usePalette();
  const { passes, travelMm, sdMm } = heard;
  const rows = passes.length;
  return (
    <Plot
      width={width}
      height={70 + ROW * rows}
      x={{ from: 0, to: travelMm, ticks: ticksBetween(0, travelMm, 5), write: words.bare }}
      y={{ from: rows + 0.5, to: 0.5, ticks: passes.map((_, i) => i + 1), write: String }}
      yTitle={`pass; ${words.unit} from the closing jamb`}
      spoken={`Ticks of ${rows} passes along ${words.withUnit(travelMm)}`}
    >
      {({ x, y }) => (
        <>
          {found.spots.map(({ atMm }) => {
            const half = Math.max(LEAST_BAND, x(2 * sdMm) - x(0));
            return (
              <Box
                key={atMm}
                left={x(atMm) - half}
                top={y(0.5)}
                width={2 * half}
                height={y(rows + 0.5) - y(0.5)}
                fill={palette.timber}
                fillOpacity={0.8}
              />
            );
          })}
          {found.wheels.map(({ turnMm, firstMm }, w) => (
            <G key={turnMm}>
              {firstMm.map((first, i) => {
                const count = Math.floor((travelMm - first) / turnMm) + 1;
                const marks = Array.from({ length: Math.max(0, count) }, (_, n) => first + n * turnMm);
                return (
                  <Path
                    key={i}
                    d={marks.map((at) => `M${x(at)} ${y(i + 1) - 12 - 3 * w} v${24 + 6 * w}`).join(' ')}
                    stroke={w === 0 ? palette.wide : palette.right}
                    strokeWidth={LINE.rule}
                    strokeDasharray={w === 0 ? undefined : '3 3'}
                  />
                );
              })}
            </G>
          ))}
          {passes.map(({ atMm }, i) => (
            <G key={i}>
              {atMm.map((at, n) => (
                <Circle key={n} cx={x(at)} cy={y(i + 1)} r={6} fill={palette.ink} stroke={palette.paper} strokeWidth={1.5} />
              ))}
            </G>
          ))}
          {found.spots.map(({ atMm }) => (
            <DrawnWords key={atMm} x={Math.min(Math.max(x(atMm), 84), width - 54)} y={y(0.5) + 14} anchor="middle" isBold>
              {words.withUnit(atMm)}
            </DrawnWords>
          ))}
        </>
      )}
    </Plot>
  );
}
