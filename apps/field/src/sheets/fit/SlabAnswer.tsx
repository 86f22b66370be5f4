import type { MeasuredOpening, SlabFit, SlabToFit } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { CutLines } from './CutLines';
import { BeforeCutting, CutCautions } from './FitNotes';
import { EDGE_WORDS, FILL_WORDS, rangeWords, WARNING_WORDS } from './fitWords';
import { madeOf, writeMade } from './made';
import { MadeCuts } from './MadeCuts';
import { OpeningDrawing } from './OpeningDrawing';
import { readingWords } from './openingFields';
import { SaveCuts } from './SaveCuts';
import { slabSays } from './slabSays';

/** What a reading is called that the engine names by its kind and its place in its list. */
function namedReading(reading: string, opening: MeasuredOpening, { withUnit }: LengthWords): string {
  const [of, i] = reading.split('.');
  return of === 'width' || of === 'height' ? readingWords(opening, of, Number(i), withUnit) : 'the hinge leg’s plumb';
}

/** Whether the slab goes in, the opening drawn, the cuts one by one with what was really cut, and what to read again first. */
export function SlabAnswer({ result, request, words, width, onType }: AnswerProps<SlabFit, SlabToFit>) {
  const { isPossible, missing, contradictions, cuts, edges, open, readAgain, warnings } = result;
  const { made = [] } = request;
  const isOpen = open.filter(({ fill }) => fill !== 'live');
  return (
    <>
      <Headline tone={isPossible ? 'ink' : 'tight'}>{slabSays(result, words)}</Headline>
      <BeforeCutting missing={missing} contradictions={contradictions} words={words} />
      <OpeningDrawing opening={request.opening} edges={edges} width={width} words={words} />
      {cuts.length > 0 && made.length === 0 && (
        <Slip label="Before the first cut">
          <Words testID="read-again">{`Read again: ${readAgain.map(({ reading }) => namedReading(reading, request.opening, words)).join(' and ')}. What comes off hangs on these most.`}</Words>
          <Words>Mark which end is the TOP, the hinge side with a cross, and hatch the waste.</Words>
        </Slip>
      )}
      <MadeCuts
        made={result.made.map(({ edge, mm }) => ({ says: EDGE_WORDS[edge], mm, id: edge }))}
        words={words}
        {...(onType && { onTakeBack: () => onType('made', writeMade(made.slice(0, -1))) })}
      />
      <CutLines
        cuts={cuts}
        words={words}
        testID="cut"
        {...(onType && { onMade: (cut, deepestMm) => onType('made', writeMade([...made, madeOf(cut, deepestMm)])) })}
      />
      {isPossible && cuts.length === 0 && made.length > 0 && (
        <Slip label="Prove it">
          <Words>{`Two strips, ${words.withUnit(request.gaps.hinge)} at the hinges and ${words.withUnit(request.gaps.latch + (request.opening.stripMm ?? 0))} at the latch${request.opening.stripMm ? ', its weather strip off' : ''}: they go in all the way down.`}</Words>
        </Slip>
      )}
      {isOpen.map(({ edge, mm, fill }) => (
        <Words
          key={edge}
          testID={`open-${edge}`}
        >{`${EDGE_WORDS[edge]}: up to ${words.withUnit(mm)} more open than wanted. ${FILL_WORDS[fill]}`}</Words>
      ))}
      {warnings.map(({ id, mm }) => (
        <Words key={id} tone={id === 'seal' ? 'ink' : 'tight'} testID={`warning-${id}`}>
          {mm === 0 ? WARNING_WORDS[id] : `${WARNING_WORDS[id]} ${words.withUnit(Math.max(0, mm))}.`}
        </Words>
      ))}
      {edges.map(({ edge, leastGapMm, mostGapMm }) => (
        <AnswerLine
          key={edge}
          label={`Gap left, ${EDGE_WORDS[edge].toLowerCase()}`}
          figure={rangeWords(leastGapMm, mostGapMm, words)}
          testID={`gap-${edge}`}
        />
      ))}
      {cuts.length > 0 && <SaveCuts own={{ title: '', slab: request.slab, hingesOn: 'left', cuts, made }} />}
      {cuts.length > 0 && <CutCautions />}
    </>
  );
}
