import { askedByAir, type MonthOfAir } from '@proper-swing/core/sheets';
import { G, Path } from 'react-native-svg';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { lineThrough, Plot } from '../../design/drawing/Plot';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { monthWords, percentWords } from '../../sheets/timber/timberSays';

const MOST = 24;

/** What the air of each month makes of timber outdoors and in heated rooms. */
export function ClimateYear({ months, width }: { months: readonly MonthOfAir[]; width: number }) {
  const palette = usePalette();
  const [outside, inside] = (['outside', 'inside'] as const).map((exposure) => askedByAir(months, exposure));
  const wettest = outside?.indexOf(Math.max(...outside)) ?? 0;
  const driest = outside?.indexOf(Math.min(...outside)) ?? 0;
  const says = `Outdoors wettest in ${monthWords(wettest + 1)}, ${percentWords(outside?.[wettest] ?? 0)}, and driest in ${monthWords(driest + 1)}, ${percentWords(outside?.[driest] ?? 0)}.`;
  return (
    <>
      <Plot
        width={width}
        height={230}
        x={{ from: 0, to: 11, ticks: [0, 3, 6, 9], write: (i) => monthWords(i + 1, 'LLL') }}
        y={{ from: 0, to: MOST, ticks: [0, 10, 20], write: String }}
        yTitle="moisture of timber, %"
        spoken={`Moisture of timber through the year. ${says}`}
      >
        {({ x, y }) => (
          <G>
            {[outside, inside].map((year, i) => (
              <Path
                key={i === 0 ? 'outside' : 'inside'}
                d={lineThrough((year ?? []).map((percent, month) => ({ x: x(month), y: y(Math.min(MOST, percent)) })))}
                stroke={palette.ink}
                strokeWidth={3}
                fill="none"
                {...(i === 1 && { strokeDasharray: '6 4' })}
              />
            ))}
            <DrawnWords x={x(0) + 6} y={y(Math.min(MOST, outside?.[0] ?? 0)) - 8} isBold>
              outdoors
            </DrawnWords>
            <DrawnWords x={x(0) + 6} y={y(inside?.[0] ?? 0) + 20} isBold>
              heated rooms
            </DrawnWords>
          </G>
        )}
      </Plot>
      <Words testID="climate-says">{says}</Words>
    </>
  );
}
