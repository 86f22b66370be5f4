import type { SeasonForecast, SlabInSeason } from '@proper-swing/core/sheets';
import { Circle, G, Path } from 'react-native-svg';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { lineThrough, Plot, ticksBetween } from '../../design/drawing/Plot';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { Slip } from '../../design/Section';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { SeasonDoor } from './SeasonDoor';
import { monthWords, percentWords, seasonSays } from './timberSays';

/** The latch gap through the twelve months that follow, with its limits; the door in its wettest and driest. */
export function SeasonAnswer({ result, request, words, width }: AnswerProps<SeasonForecast, SlabInSeason>) {
  const palette = usePalette();
  const { months, wettest, driest, doubtMm, advice, planeMm, nowPercent, movesMm, thenDriestMm } = result;
  const { withUnit, bare } = words;
  const year = [{ month: request.month, gapMm: request.gapMm, percent: nowPercent }, ...months];
  const gaps = year.map(({ gapMm }) => gapMm);
  const [low, high] = [Math.min(0, ...gaps) - 0.5, Math.max(request.mostMm, ...gaps) + 0.5];
  return (
    <>
      <Headline tone={advice === 'leave' || advice === 'planeNow' ? 'ink' : 'tight'}>{seasonSays(result, words)}</Headline>
      <SeasonDoor wettest={wettest} driest={driest} leastMm={request.leastMm} width={width} words={words} />
      <Plot
        width={width}
        height={250}
        x={{ from: 0, to: 12, ticks: [0, 3, 6, 9, 12], write: (at) => (at === 0 ? 'now' : monthWords(year[at]?.month ?? 1, 'LLL')) }}
        y={{ from: low, to: high, ticks: ticksBetween(low, high), write: (mm) => bare(mm) }}
        yTitle={`latch gap, ${words.unit}`}
        spoken={`Latch gap ${withUnit(Math.max(0, wettest.gapMm))} in ${monthWords(wettest.month)}, ${withUnit(driest.gapMm)} in ${monthWords(driest.month)}`}
      >
        {({ x, y }) => (
          <G>
            {[request.leastMm, request.mostMm].map((limit) => (
              <Path
                key={limit}
                d={`M${x(0)} ${y(limit)} H${x(12)}`}
                stroke={palette.pencil}
                strokeWidth={LINE.rule}
                strokeDasharray="5 4"
              />
            ))}
            <Path
              d={lineThrough(year.map(({ gapMm }, i) => ({ x: x(i), y: y(gapMm) })))}
              stroke={palette.ink}
              strokeWidth={3}
              fill="none"
            />
            {year.map(({ gapMm, month }, i) => (
              <Circle
                key={`${i}-${month}`}
                cx={x(i)}
                cy={y(gapMm)}
                r={i === 0 ? 7 : 4}
                fill={gapMm < request.leastMm ? palette.tight : palette.ink}
              />
            ))}
            <DrawnWords x={x(6)} y={y(request.leastMm) + 18} anchor="middle" tone="pencil">
              least
            </DrawnWords>
            <DrawnWords x={x(12)} y={y(request.mostMm) - 6} anchor="end" tone="pencil">
              most
            </DrawnWords>
          </G>
        )}
      </Plot>
      <AnswerLine label={`Tightest, in ${monthWords(wettest.month)}`} figure={gapWords(wettest.gapMm, withUnit)} testID="wettest" />
      <AnswerLine label={`Widest, in ${monthWords(driest.month)}`} figure={gapWords(driest.gapMm, withUnit)} testID="driest" />
      {planeMm > 0 && <AnswerLine label="Off the latch edge, once it may" figure={withUnit(planeMm)} testID="plane" />}
      {planeMm > 0 && <AnswerLine label={`Then in ${monthWords(driest.month)}`} figure={withUnit(thenDriestMm)} />}
      <AnswerLine label="It moves between wettest and driest" figure={withUnit(movesMm)} />
      <AnswerLine label="A gap may come out so much otherwise" figure={`± ${withUnit(doubtMm)}`} />
      <AnswerLine label="Moisture now" figure={percentWords(nowPercent)} testID="moisture-now" />
      <Slip label="Meanwhile">
        <Words>Do not plane a swollen slab: what comes off in the wet is missing in the dry.</Words>
        <Words>If it must shut today: ease the one place that rubs by a stroke, or take the strike’s tab back, and write it down.</Words>
        <Words>Bare top and foot let the water in: they are sealed as soon as it is dry.</Words>
      </Slip>
    </>
  );
}

const gapWords = (mm: number, withUnit: (mm: number) => string) => (mm < 0 ? `${withUnit(-mm)} too wide to shut` : withUnit(mm));
