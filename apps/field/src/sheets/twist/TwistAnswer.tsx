import { action } from '@proper-swing/core';
import type { Twist, TwistedDoor } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { StopDrawing } from '../StopDrawing';
import { twistWords } from './says';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';

/** Slab against its stop as it is and as the first remedy leaves it, and every way with what it costs. */
export function TwistAnswer({ result, request, words, width }: AnswerProps<Twist, TwistedDoor>) {
  const { twistMm, byOpeningMm, bySlabMm, remedies } = result;
  const [first] = remedies;
  const shown = remedies.find(({ id }) => id !== 'replace') ?? first;
  return (
    <>
      <Headline>{first ? twistWords(first, words) : ''}</Headline>
      {shown && (
        <StopDrawing
          width={width}
          words={words}
          heightMm={request.slabHeightMm}
          before={[
            { share: 0.05, mm: request.stopTopMm },
            { share: 0.95, mm: request.stopBottomMm },
          ]}
          after={[
            { share: 0.05, mm: shown.stopTopMm },
            { share: 0.95, mm: shown.stopBottomMm },
          ]}
          hingeHeightsMm={request.hingeHeightsMm}
          line="stop"
        />
      )}
      <AnswerLine label={`Stands off more at the ${twistMm >= 0 ? 'top' : 'foot'} by`} figure={words.withUnit(Math.abs(twistMm))} />
      {byOpeningMm !== undefined && <AnswerLine label="Of it, the two legs make" figure={words.withUnit(byOpeningMm)} />}
      {bySlabMm !== undefined && (
        <AnswerLine label="The slab’s own warp" figure={words.withUnit(bySlabMm)} tone={result.warpOverLimit ? 'tight' : 'ink'} />
      )}
      {remedies.map((remedy, i) => (
        <View key={remedy.id} testID={`remedy-${remedy.id}`}>
          <Words kind="strong">{`${i + 1}. ${twistWords(remedy, words)}`}</Words>
          <Words tone="pencil">
            {`Then ${words.withUnit(remedy.stopTopMm)} at the top and ${words.withUnit(remedy.stopBottomMm)} at the foot.${
              Math.abs(remedy.leanMm) >= 0.5 ? ` Starts a lean of ${words.withUnit(Math.abs(remedy.leanMm))}: let it go half open.` : ''
            }`}
          </Words>
        </View>
      ))}
      {bySlabMm === undefined && <Words tone="pencil">Level on both legs across the wall tells the opening’s share from the slab’s.</Words>}
      <Slip label="Take care">
        <Words>{action('throwForTwist').forbidden.why}</Words>
      </Slip>
    </>
  );
}
