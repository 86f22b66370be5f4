import type { FloorArc, FloorClearance } from '@proper-swing/core/sheets';
import { CAUTIONS } from '@proper-swing/core';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { FloorPlot } from './FloorPlot';
import { AccessNote } from '../AccessNote';
import { floorSays } from './says';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';

/** Where it drags, the floor under the corner's path, and what to raise or cut. */
export function FloorAnswer({ result, request, words, width }: AnswerProps<FloorClearance, FloorArc>) {
  const { shortMm, raiseMm, cutMm, leastGapMm, leastAtDeg, byLeanMm } = result;
  return (
    <>
      <Headline tone={shortMm > 0 ? 'tight' : 'right'}>{floorSays(result, words)}</Headline>
      <FloorPlot clearance={result} wantedMm={request.wantedMm} width={width} words={words} />
      <AnswerLine
        label={`Least gap, at ${Math.round(leastAtDeg)}°`}
        figure={words.withUnit(leastGapMm)}
        tone={shortMm > 0 ? 'tight' : 'ink'}
      />
      {shortMm > 0 && (
        <>
          {request.headGapMm === undefined ? (
            <Words>Head gap not read: raising the door at its hinges may save the cut.</Words>
          ) : (
            <AnswerLine label="Raise the door at its hinges" figure={words.withUnit(raiseMm)} testID="floor-raise" />
          )}
          <AnswerLine label="Off the foot at the latch corner" figure={words.withUnit(cutMm)} testID="floor-cut" />
          {Math.abs(byLeanMm) >= 0.3 && <AnswerLine label="Of it, made by the lean of the hinges" figure={words.withUnit(byLeanMm)} />}
        </>
      )}
      {cutMm > 0 && (
        <Slip label="Before the saw">
          <Words>
            Measure from the finished floor. Cut to nothing toward the hinges; seal the cut. A hollow door only within its bottom rail.
          </Words>
          <Words>{CAUTIONS.eyes}</Words>
          <Words>{CAUTIONS.fireDoor}</Words>
        </Slip>
      )}
      <AccessNote ids={['threshold']} />
    </>
  );
}
