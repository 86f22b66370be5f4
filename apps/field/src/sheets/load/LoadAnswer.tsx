import { CAUTIONS } from '@proper-swing/core';
import { GRAVITY } from '@proper-swing/core/numbers/gravity';
import type { HingeLoads, LoadedHinges } from '@proper-swing/core/sheets';
import { Folded } from '../../design/Folded';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { LoadDrawing } from './LoadDrawing';
import { loadSays } from './says';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';

const force = (newtons: number) => `${Math.round(newtons)} N · ${Math.round(newtons / GRAVITY)} kg`;

/** How many times the pull. */
const times = (share: number) => `${share.toFixed(1)} times the pull`;

/** Pull on the hinges, and the screws short and long against it. */
export function LoadAnswer({ result, request, words, width }: AnswerProps<HingeLoads, LoadedHinges>) {
  const { hinges, topPullN, asItIs, withLong, each10KgN } = result;
  return (
    <>
      <Headline>{loadSays(result)}</Headline>
      <AnswerLine label={`${request.short.count} screws of ${words.withUnit(request.short.lengthMm)} hold`} figure={times(asItIs.times)} />
      <AnswerLine label={`With one of ${words.withUnit(request.long.lengthMm)}`} figure={times(withLong.times)} testID="with-long" />
      {asItIs.framingN === 0 && <Words tone="tight">None of the short screws reaches the framing.</Words>}
      <Words tone="pencil">
        Values for a load that is always there; a slam or a child on the handle asks far more. End grain and board hold much less.
      </Words>
      <Folded title="Why" testID="why">
        <LoadDrawing loads={result} door={request} width={width} />
        <AnswerLine label="Pull at the top hinge" figure={force(topPullN)} testID="top-pull" />
        <AnswerLine label="More for 10 kg hanging on the latch edge" figure={force(each10KgN)} />
        <AnswerLine label="Each hinge carries of the weight" figure={force(hinges[0]?.weightN ?? 0)} />
        <AnswerLine label="The screws that are there hold" figure={force(asItIs.holdN)} />
        <AnswerLine label="of that in the framing" figure={force(asItIs.framingN)} tone={asItIs.framingN === 0 ? 'tight' : 'ink'} />
        <AnswerLine label="With the long one" figure={force(withLong.holdN)} />
        <AnswerLine label="of that in the framing" figure={force(withLong.framingN)} />
      </Folded>
      <Slip label="Take care">
        <Words>{CAUTIONS.cables}</Words>
      </Slip>
    </>
  );
}
