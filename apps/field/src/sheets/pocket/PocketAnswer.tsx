import type { PocketOpening, PocketSheet } from '@proper-swing/core/sheets';
import { CAUTIONS } from '@proper-swing/core/sliding/tables/cautions';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { turnWords } from '../turnWords';
import { PocketDrawing } from './PocketDrawing';
import { pocketSays } from './says';

const HANGER_WORDS = { lead: 'hanger at the closing end', trail: 'hanger nearest the pocket' } as const;

/** Length and cut, the hanger to turn, the longest fixing, and whether the wall may be closed. */
export function PocketAnswer({ result, request, words, width }: AnswerProps<PocketSheet, PocketOpening>) {
  const { cutMm, railLeftMm, spreadMm, mostClearanceMm, longestFixingMm, turn, mayCloseUp, warnings } = result;
  return (
    <>
      <Headline>{pocketSays(result, words)}</Headline>
      <PocketDrawing sheet={result} opening={request} width={width} words={words} />
      {warnings.map((each) => (
        <Words key={each} tone="tight" testID="pocket-warning">
          {each}
        </Words>
      ))}
      <AnswerLine label="The floor runs off by" figure={words.withUnit(spreadMm)} />
      <AnswerLine label="Room at its lowest point" figure={words.withUnit(mostClearanceMm)} />
      {railLeftMm !== undefined && (
        <AnswerLine
          label="Left of the solid rail"
          figure={words.withUnit(Math.max(0, railLeftMm))}
          tone={railLeftMm < 0 ? 'tight' : 'ink'}
        />
      )}
      {turn && (
        <AnswerLine
          label={turn.halfTurns === 0 ? 'Closing gap even' : `Raise the ${HANGER_WORDS[turn.hanger]}`}
          figure={turn.halfTurns === 0 ? 'leave' : turnWords(turn.halfTurns / 2)}
          testID="hanger-turn"
        />
      )}
      <AnswerLine label="Longest fixing beside the pocket" figure={words.withUnit(longestFixingMm)} testID="longest-fixing" />
      <Slip label={mayCloseUp ? 'Before closing up' : 'Do not close up yet'}>
        <Words tone={mayCloseUp ? 'ink' : 'tight'} testID="close-up">
          {mayCloseUp
            ? 'Both clips are home. Run the door once more, then the split piece, a nail at a time, the door run after each.'
            : 'Look at the lock clip of each hanger: one part under the plate, one over, pushed home, on the side that can be reached. A door without them ends up stuck in its pocket.'}
        </Words>
        <Words>Trim stays loose where a painter follows; note the room left beside the slab.</Words>
      </Slip>
      <Slip label="Take care">
        {(cutMm ?? 0) > 0 && <Words>Cut on trestles, saw cut taped, edge sealed. {CAUTIONS.eyes}</Words>}
        <Words>{CAUTIONS.pocketFixing}</Words>
        <Words>{CAUTIONS.cables}</Words>
        <Words>{CAUTIONS.oldPaint}</Words>
      </Slip>
    </>
  );
}
