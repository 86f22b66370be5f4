import type { Door } from '@proper-swing/contract';
import { station, type EdgeId } from '@proper-swing/core/doors';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { Circle, G, Path } from 'react-native-svg';
import { Choice } from '../../design/Choice';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { lineThrough, Plot, ticksBetween } from '../../design/drawing/Plot';
import { useLengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE, SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { edgeWords } from '../../doors/edgeWords';
import { modelFor } from '../../record/door';
import { gapLines, type GapLine, type VisitGaps } from './visitGaps';

const WIDEST = 640;
const HEIGHT = 260;
const DAY_MS = 86_400_000;
/** A line's own stroke: told apart without colour. */
const STROKES = ['', '8 4', '2 4'] as const;

/** How the gaps of an edge went from visit to visit, with the limits they are judged by. */
export function VisitLines({ door, visits }: { door: Door; visits: readonly VisitGaps[] }) {
  const { profile } = modelFor(door);
  const edges = Object.keys(profile.edges) as EdgeId[];
  const byEdge = edges
    .map((edge) => ({ edge, lines: gapLines(visits, edge) }))
    .filter(({ lines }) => lines.some(({ points }) => points.length > 1));
  const [chosen, setChosen] = useState<EdgeId>();
  const shown = byEdge.find(({ edge }) => edge === chosen) ?? byEdge[0];
  if (shown === undefined) return null;
  return (
    <View style={{ gap: SPACE.s }}>
      <Choice
        label="Edge"
        options={byEdge.map(({ edge }) => ({ id: edge, label: edgeWords(door.kind, edge) }))}
        chosen={shown.edge}
        onChoose={setChosen}
        testID="edge"
      />
      <EdgeLines door={door} edge={shown.edge} lines={shown.lines} />
    </View>
  );
}

function EdgeLines({ door, edge, lines }: { door: Door; edge: EdgeId; lines: readonly GapLine[] }) {
  const palette = usePalette();
  const words = useLengthWords();
  const { width: screen } = useWindowDimensions();
  const width = Math.min(WIDEST, screen - 2 * SPACE.l);
  const { min, max } = modelFor(door).profile.edges[edge] ?? { min: 0, max: 0 };
  const times = lines.flatMap(({ points }) => points.map(({ at }) => at));
  const [first, last] = [Math.min(...times), Math.max(...times)];
  // Room for the dates below the ends; visits of one day stand apart as well.
  const margin = Math.max(DAY_MS, (last - first) * 0.14);
  const most = 1.15 * Math.max(max, ...lines.flatMap(({ points }) => points.map(({ mm }) => mm)));
  const dates = [...new Set([first, last])];
  const says = lines.map(({ station: id, points }) => `${station(id).title}: ${points.map(({ mm }) => words.bare(mm)).join(', ')}`);
  return (
    <View testID="visit-lines">
      <Plot
        width={width}
        height={HEIGHT}
        x={{ from: first - margin, to: last + margin, ticks: dates, write: (at) => format(at, 'd MMM yyyy') }}
        y={{ from: 0, to: most, ticks: ticksBetween(0, most, 4), write: words.bare }}
        yTitle={`Gap, ${words.unit}`}
        spoken={`${edgeWords(door.kind, edge)} over the visits, ${words.unit}. ${says.join('; ')}. Limits ${words.bare(min)} to ${words.bare(max)}.`}
      >
        {({ x, y }) => (
          <>
            <Box
              left={x(first - margin)}
              top={y(max)}
              width={x(last + margin) - x(first - margin)}
              height={y(min) - y(max)}
              fill={palette.timber}
              fillOpacity={0.5}
            />
            <DrawnWords x={x(last + margin) - 4} y={y(max) - 5} anchor="end" tone="pencil">
              {`limits ${words.bare(min)}–${words.bare(max)}`}
            </DrawnWords>
            {lines.map(({ station: id, points }, i) => (
              <G key={id}>
                <Path
                  d={lineThrough(points.map(({ at, mm }) => ({ x: x(at), y: y(mm) })))}
                  stroke={palette.ink}
                  strokeWidth={LINE.bold}
                  strokeDasharray={STROKES[i % STROKES.length]}
                  fill="none"
                />
                {points.map(({ at, mm }) => (
                  <Circle key={at} cx={x(at)} cy={y(mm)} r={4} fill={palette.ink} />
                ))}
              </G>
            ))}
          </>
        )}
      </Plot>
      {lines.map(({ station: id, points }, i) => (
        <Words key={id} kind="label">
          {`${['——', '– –', '· · ·'][i % STROKES.length] ?? ''}  ${station(id).title}: ${points.map(({ mm }) => words.bare(mm)).join(' → ')} ${words.unit}`}
        </Words>
      ))}
    </View>
  );
}
