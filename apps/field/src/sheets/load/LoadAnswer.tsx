import { CAUTIONS } from '@proper-swing/core';
import { GRAVITY } from '@proper-swing/core/numbers/gravity';
import type { HingeLoads, LoadedHinges } from '@proper-swing/core/sheets';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { LoadDrawing } from './LoadDrawing';
import { loadSays } from './says';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';

const force = (newtons: number) => `${Math.round(newtons)} N · ${Math.round(newtons / GRAVITY)} kg`;

/** Pull on the hinges, and the screws short and long against it. */
export function LoadAnswer({ result, request, words, width }: AnswerProps<HingeLoads, LoadedHinges>) {
  const { hinges, topPullN, asItIs, withLong, each10KgN } = result;
  return (
    <>
      <Headline>{loadSays(result)}</Headline>
      <LoadDrawing loads={result} door={request} width={width} />
      <AnswerLine label="Pull at the top hinge" figure={force(topPullN)} testID="top-pull" />
      <AnswerLine label="More for 10 kg hanging on the latch edge" figure={force(each10KgN)} />
      <AnswerLine label="Each hinge carries of the weight" figure={force(hinges[0]?.weightN ?? 0)} />
      <AnswerLine
        label={`${request.short.count} screws of ${words.withUnit(request.short.lengthMm)} hold`}
        figure={`${force(asItIs.holdN)} · ×${asItIs.times.toFixed(1)}`}
      />
      <AnswerLine label="of that in the framing" figure={force(asItIs.framingN)} tone={asItIs.framingN === 0 ? 'tight' : 'ink'} />
      <AnswerLine
        label={`With one of ${words.withUnit(request.long.lengthMm)}`}
        figure={`${force(withLong.holdN)} · ×${withLong.times.toFixed(1)}`}
      />
      <AnswerLine label="of that in the framing" figure={force(withLong.framingN)} />
      <Words tone="pencil">
        Values for a load that is always there; a slam or a child on the handle asks far more. End grain and board hold much less.
      </Words>
      <Slip label="Take care">
        <Words>{CAUTIONS.cables}</Words>
      </Slip>
    </>
  );
}
