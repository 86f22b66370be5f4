import type { ClosingEdge, EdgeClearance } from '@proper-swing/core/sheets';
import { Words } from '../../design/Words';
import { EdgeDrawing } from './EdgeDrawing';
import { edgeSays } from './says';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';

/** Whether it passes, the arc drawn to scale, gap and bevel. */
export function EdgeAnswer({ result, request, words, width }: AnswerProps<EdgeClearance, ClosingEdge>) {
  const { clearanceMm, passes, leastGapSquareMm, leastGapMm, leastBevelMm, leastBevelDeg, usualBevelMm, opensToDeg, pinProudForTrimMm } =
    result;
  return (
    <>
      <Headline tone={passes ? 'right' : 'tight'}>{edgeSays(result, words)}</Headline>
      <EdgeDrawing edge={request} clearance={result} width={width} words={words} />
      <AnswerLine
        label="Left at the tightest"
        figure={words.withUnit(clearanceMm)}
        tone={clearanceMm < 0 ? 'tight' : 'ink'}
        testID="edge-clearance"
      />
      <AnswerLine label="Least gap for a square edge" figure={words.withUnit(leastGapSquareMm)} />
      {(request.bevelMm ?? 0) > 0 && <AnswerLine label="Least gap with this bevel" figure={words.withUnit(leastGapMm)} />}
      <AnswerLine
        label="Least bevel for this gap"
        figure={
          !result.bevelHelps ? 'none helps' : leastBevelMm === 0 ? 'none' : `${words.withUnit(leastBevelMm)} · ${leastBevelDeg.toFixed(1)}°`
        }
        testID="edge-bevel"
      />
      <AnswerLine label="The usual bevel, 1 in 16" figure={words.withUnit(usualBevelMm)} />
      {result.stopClearanceMm !== undefined && (
        <AnswerLine
          label="Left at the stop beside the hinges"
          figure={words.withUnit(result.stopClearanceMm)}
          tone={result.stopClearanceMm < 0 ? 'tight' : 'ink'}
        />
      )}
      {request.trim && (
        <>
          <AnswerLine label="Opens to" figure={opensToDeg >= 180 ? 'right round' : `${Math.round(opensToDeg)}°`} />
          {opensToDeg < 180 && (
            <Words>{`To go right round, the pin must stand ${words.withUnit(pinProudForTrimMm)} in front of the face.`}</Words>
          )}
        </>
      )}
    </>
  );
}
