import type { LatchAtStrike, StrikeFit, StrikeRemedy } from '@proper-swing/core/sheets';
import { CAUTIONS } from '@proper-swing/core';
import { View } from 'react-native';
import { Press } from '../../design/Press';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { StrikeDrawing } from './StrikeDrawing';
import { saveFile } from '../../offline/saveFile';
import { strikeTemplate } from './strikeTemplate';
import { remedyWords } from './says';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';

/** The remedies, the bolt in its hole at full size, and what is free where. */
export function StrikeAnswer({ result, request, words, width }: AnswerProps<StrikeFit, LatchAtStrike>) {
  const { remedies, others, aboveMm, belowMm, engagedMm, boreLeftMm, lowFrom, latches } = result;
  const cautions = [...new Set(remedies.flatMap(({ caution }) => caution ?? []))];
  return (
    <>
      {remedies.map((remedy) => (
        <Remedy key={remedy.id} remedy={remedy} says={remedyWords(remedy, words)} />
      ))}
      {cautions.length > 0 && (
        <Slip label="Take care">
          {cautions.map((id) => (
            <Words key={id}>{CAUTIONS[id]}</Words>
          ))}
        </Slip>
      )}
      <StrikeDrawing fit={result} latch={request} width={width} words={words} />
      <Press onPress={() => saveFile('strike.svg', 'image/svg+xml', strikeTemplate(result, request))} testID="save-template">
        Save it at full size (SVG)
      </Press>
      <AnswerLine label="Latches as it is" figure={latches ? 'yes' : 'no'} tone={latches ? 'right' : 'tight'} />
      <AnswerLine label="Free above the bolt" figure={words.withUnit(aboveMm)} tone={aboveMm < 0 ? 'tight' : 'ink'} />
      <AnswerLine label="Free below the bolt" figure={words.withUnit(belowMm)} tone={belowMm < 0 ? 'tight' : 'ink'} />
      <AnswerLine label="Bolt inside the strike" figure={words.withUnit(engagedMm)} />
      <AnswerLine label="Room at the bottom of the bore" figure={words.withUnit(boreLeftMm)} tone={boreLeftMm < 0 ? 'tight' : 'ink'} />
      {lowFrom === 'head gaps' && <Words tone="pencil">The bolt’s height follows from the head gaps: its own mark is surer.</Words>}
      {others.length > 0 && <Words>{`Or: ${others.map((each) => remedyWords(each, words)).join('; ')}.`}</Words>}
    </>
  );
}

function Remedy({ remedy, says }: { remedy: StrikeRemedy; says: string }) {
  return (
    <View>
      <Headline tone={remedy.id === 'none' ? 'right' : 'ink'}>{says}</Headline>
      <Words tone="pencil">{`${remedy.minutes > 0 ? `About ${remedy.minutes} min. ` : ''}${remedy.recheck}`}</Words>
    </View>
  );
}
