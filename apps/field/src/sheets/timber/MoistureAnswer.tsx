import { equilibriumMoisture, type MoistureJudged, type TimberToJudge } from '@proper-swing/core/sheets';
import { Circle, G, Path } from 'react-native-svg';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { lineThrough, Plot } from '../../design/drawing/Plot';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { moistureSays, percentWords } from './timberSays';

const ROT_PERCENT = 20;
const HUMIDITIES = Array.from({ length: 46 }, (_, i) => 5 + 2 * i);

/** Moisture over humidity where it is and where it will hang, both marked. */
export function MoistureAnswer({ result, request, words, width }: AnswerProps<MoistureJudged, TimberToJudge>) {
  const palette = usePalette();
  const { byAirPercent, nowPercent, thenPercent, perPercentMm, state, widerMm } = result;
  const line = (celsius: number) => HUMIDITIES.map((humidity) => ({ humidity, percent: equilibriumMoisture(celsius, humidity) }));
  return (
    <>
      <Headline tone={state === 'rots' || state === 'tooWet' ? 'tight' : 'ink'}>{moistureSays(result, words)}</Headline>
      <Plot
        width={width}
        height={260}
        x={{ from: 0, to: 100, ticks: [20, 40, 60, 80], write: (humidity) => `${humidity} %` }}
        y={{ from: 0, to: 28, ticks: [0, 10, 20], write: String }}
        yTitle="moisture, %, over humidity"
        spoken={`Moisture ${percentWords(nowPercent)} now and ${percentWords(thenPercent)} where it will hang`}
      >
        {({ x, y }) => (
          <G>
            {[request.celsius, request.toCelsius].map((celsius, i) => (
              <Path
                key={`${i}-${celsius}`}
                d={lineThrough(line(celsius).map(({ humidity, percent }) => ({ x: x(humidity), y: y(Math.min(28, percent)) })))}
                stroke={palette.ink}
                strokeWidth={LINE.bold}
                fill="none"
                {...(i === 1 && { strokeDasharray: '6 4' })}
              />
            ))}
            <Path d={`M${x(0)} ${y(ROT_PERCENT)} H${x(100)}`} stroke={palette.tight} strokeWidth={LINE.bold} />
            <DrawnWords x={x(2)} y={y(ROT_PERCENT) - 6} tone="tight">
              rots from here
            </DrawnWords>
            <Circle cx={x(request.humidity)} cy={y(Math.min(28, nowPercent))} r={7} fill={palette.ink} />
            <DrawnWords x={x(request.humidity) - 12} y={y(Math.min(28, nowPercent)) + 5} anchor="end" isBold>
              now
            </DrawnWords>
            <Circle
              cx={x(request.toHumidity)}
              cy={y(thenPercent)}
              r={7}
              fill={palette.paper}
              stroke={palette.ink}
              strokeWidth={LINE.bold}
            />
            <DrawnWords x={x(request.toHumidity) + 12} y={y(thenPercent) + 16} isBold>
              then
            </DrawnWords>
          </G>
        )}
      </Plot>
      <AnswerLine label="The air where it is makes it" figure={percentWords(byAirPercent)} testID="by-air" />
      <AnswerLine label="It is now" figure={percentWords(nowPercent)} testID="now" />
      <AnswerLine label="The air where it will hang makes it" figure={percentWords(thenPercent)} testID="then" />
      <AnswerLine label="Its width for each %" figure={words.withUnit(perPercentMm)} />
      <AnswerLine label={widerMm >= 0 ? 'Wider by then' : 'Narrower by then'} figure={words.withUnit(Math.abs(widerMm))} testID="wider" />
      <Words kind="small" tone="pencil">
        The coefficients hold between 6 and 14 %; beyond, timber moves a little less than this.
      </Words>
    </>
  );
}
