import { CAUTIONS } from '@proper-swing/core';
import type { PairPlane, PairThrow } from '@proper-swing/core/sheets';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { StopDrawing } from '../StopDrawing';
import { throwWords } from './says';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';

/** How far each hinge of the leaf goes, and the bow that stays. */
export function PairAnswer({ result, request, words, width }: AnswerProps<PairThrow, PairPlane>) {
  const { topHingeMm, bottomHingeMm, left, sharedMm } = result;
  const bow = Math.max(...Object.values(left).map(Math.abs));
  return (
    <>
      <Headline>{`Top hinge: ${throwWords(topHingeMm, words)}`}</Headline>
      <Headline>{`Bottom hinge: ${throwWords(bottomHingeMm, words)}`}</Headline>
      <StopDrawing
        width={width}
        words={words}
        heightMm={request.slabHeightMm}
        before={[
          { share: 0.05, mm: request.topMm },
          { share: 0.5, mm: request.middleMm },
          { share: 0.95, mm: request.bottomMm },
        ]}
        after={[
          { share: 0.05, mm: left.topMm },
          { share: 0.5, mm: left.middleMm },
          { share: 0.95, mm: left.bottomMm },
        ]}
        hingeHeightsMm={request.hingeHeightsMm}
        line="other leaf"
      />
      <AnswerLine label="Shared by both leaves, top hinges" figure={`${words.withUnit(Math.abs(sharedMm.topHingeMm))} each`} />
      <AnswerLine label="Bottom hinges" figure={`${words.withUnit(Math.abs(sharedMm.bottomHingeMm))} each`} />
      {bow >= 0.5 && <Words>{`A bow of ${words.withUnit(bow)} stays: that is a stile, no hinge takes it out.`}</Words>}
      <Slip label="Take care">
        <Words>{CAUTIONS.support}</Words>
      </Slip>
    </>
  );
}
