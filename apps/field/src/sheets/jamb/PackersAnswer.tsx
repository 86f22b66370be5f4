import type { MadeStacks, StacksToMake } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import Svg, { G } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { packersSays, stackWords } from './jambSays';
import { TakeAlong } from './TakeAlong';

const ROW = 40;

/** Every stack drawn piece by piece, and what to take along. */
export function PackersAnswer({ result, words, width }: AnswerProps<MadeStacks, StacksToMake>) {
  const palette = usePalette();
  const { stacks } = result;
  const { bare, withUnit } = words;
  const most = Math.max(
    1,
    ...stacks.map(({ pieces, wantedMm }) =>
      Math.max(
        wantedMm,
        pieces.reduce((sum, mm) => sum + mm, 0),
      ),
    ),
  );
  const perMm = (width - 74) / most;
  return (
    <>
      <Headline>{packersSays(result, words)}</Headline>
      <View role="img" aria-label={`Stacks: ${stacks.map(({ pieces }) => stackWords(pieces, bare)).join('; ')}`}>
        <Svg width={width} height={stacks.length * ROW} aria-hidden>
          <Hatches id="packers" />
          {stacks.map(({ wantedMm, pieces }, row) => (
            <G key={`${row}-${wantedMm}`}>
              <DrawnWords x={0} y={row * ROW + 25} isBold>
                {bare(wantedMm)}
              </DrawnWords>
              {pieces.map((mm, i) => {
                const from = 66 + perMm * pieces.slice(0, i).reduce((sum, each) => sum + each, 0);
                return (
                  <G key={`${i}-${mm}`}>
                    <Box
                      left={from}
                      top={row * ROW + 4}
                      width={mm * perMm}
                      height={ROW - 10}
                      fill={timberOf('packers')}
                      stroke={palette.ink}
                      strokeWidth={LINE.bold}
                    />
                    {mm * perMm > 24 && (
                      <DrawnWords x={from + (mm * perMm) / 2} y={row * ROW + 25} anchor="middle" isBold>
                        {bare(mm)}
                      </DrawnWords>
                    )}
                  </G>
                );
              })}
            </G>
          ))}
        </Svg>
      </View>
      {stacks.map(({ wantedMm, offMm, isExact }, i) =>
        isExact ? null : (
          <AnswerLine
            key={`${i}-${wantedMm}`}
            label={`${withUnit(wantedMm)} comes out ${offMm > 0 ? 'too thick' : 'too thin'} by`}
            figure={withUnit(Math.abs(offMm))}
            tone="tight"
            testID={`off-${i + 1}`}
          />
        ),
      )}
      <TakeAlong stacks={result} words={words} />
    </>
  );
}
