import type { FloorClearance } from '@proper-swing/core/sheets';
import { Path } from 'react-native-svg';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import type { LengthWords } from '../../design/lengthWords';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { lineThrough, Plot, ticksBetween } from '../../design/drawing/Plot';
import { Hatches, timberOf, wasteOf } from '../../design/drawing/Timber';

export interface FloorPlotProps {
  clearance: FloorClearance;
  wantedMm: number;
  width: number;
  words: LengthWords;
}

/** Floor and latch corner over the opening angle, heights widened; where the gap is too small is hatched. */
export function FloorPlot({ clearance: { arc, leastAtDeg, leastGapMm }, wantedMm, width, words }: FloorPlotProps) {
  const palette = usePalette();
  const last = arc.at(-1)?.atDeg ?? 90;
  const floors = arc.map(({ floorMm }) => floorMm);
  const low = Math.min(0, ...floors) - 2;
  const high = Math.max(...arc.map(({ cornerMm }) => cornerMm), ...floors.map((mm) => mm + wantedMm)) + 2;
  return (
    <Plot
      width={width}
      height={260}
      x={{ from: 0, to: last, ticks: ticksBetween(0, last, 6), write: (deg) => `${deg}°` }}
      y={{ from: low, to: high, ticks: ticksBetween(low, high, 4), write: words.bare }}
      yTitle={`${words.unit} above the floor at closed`}
      spoken={`Floor along the arc. Least gap ${words.withUnit(leastGapMm)} at ${Math.round(leastAtDeg)} degrees`}
    >
      {({ x, y }) => {
        const floor = arc.map(({ atDeg, floorMm }) => ({ x: x(atDeg), y: y(floorMm) }));
        const wanted = arc.map(({ atDeg, floorMm }) => ({ x: x(atDeg), y: y(floorMm + wantedMm) }));
        const short = arc.flatMap(({ atDeg, floorMm, cornerMm, gapMm }) =>
          gapMm < wantedMm ? [{ x: x(atDeg), top: y(floorMm + wantedMm), bottom: y(Math.min(cornerMm, floorMm + wantedMm)) }] : [],
        );
        const least = arc.find(({ atDeg }) => atDeg === leastAtDeg);
        const tops = short.map((each) => ({ x: each.x, y: each.top }));
        const bottoms = short.map((each) => ({ x: each.x, y: each.bottom })).reverse();
        return (
          <>
            <Hatches id="floor" />
            <Path
              d={`${lineThrough(floor)} L${x(last)} ${y(low)} L${x(0)} ${y(low)} Z`}
              fill={timberOf('floor')}
              stroke={palette.ink}
              strokeWidth={2}
            />
            {short.length > 1 && <Path d={`${lineThrough([...tops, ...bottoms])} Z`} fill={wasteOf('floor')} />}
            <Path d={lineThrough(wanted)} stroke={palette.pencil} strokeWidth={LINE.rule} strokeDasharray="5 4" fill="none" />
            <Path
              d={lineThrough(arc.map(({ atDeg, cornerMm }) => ({ x: x(atDeg), y: y(cornerMm) })))}
              stroke={palette.ink}
              strokeWidth={LINE.bold}
              fill="none"
            />
            {least && (
              <DrawnWords
                x={Math.min(Math.max(x(leastAtDeg), 110), width - 110)}
                y={y(Math.max(least.cornerMm, least.floorMm)) - 10}
                anchor="middle"
                isBold
              >
                {`${words.withUnit(leastGapMm)} at ${Math.round(leastAtDeg)}°`}
              </DrawnWords>
            )}
            <DrawnWords x={x(0) + 8} y={y(arc[0]?.cornerMm ?? 0) - 8}>
              latch corner
            </DrawnWords>
          </>
        );
      }}
    </Plot>
  );
}
