import type { PairFit, PairToFit } from '@proper-swing/core/sheets';
import { Press } from '../../design/Press';
import { Section, Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { CutLines } from './CutLines';
import { BeforeCutting, CutCautions } from './FitNotes';
import { EDGE_WORDS } from './fitWords';
import { madeOfPair, writeMadePair } from './made';
import { OpeningDrawing } from './OpeningDrawing';
import { pairSays } from './pairSays';
import { SaveCuts } from './SaveCuts';
import { Sums } from './Sums';

const LATCHING_WORDS = {
  balls: 'Two ball catches: both leaves alike, gaps at the head even.',
  boltedLeaf: 'The bolted leaf is fitted and bolted first, top and foot; the other latches to it.',
} as const;

/** How wide both leaves end, each sum written out, and the cuts of either. */
export function PairAnswer({ result, request, words, width, onType }: AnswerProps<PairFit, PairToFit>) {
  const { isPossible, left, right, sums, missing, contradictions, latching, narrowestMm, narrowestAtMm } = result;
  const { made = [] } = request;
  const firstLeaf = left.cuts.length > 0 ? 'left' : 'right';
  return (
    <>
      <Headline tone={isPossible ? 'ink' : 'tight'}>{pairSays(result, words)}</Headline>
      <BeforeCutting missing={missing} contradictions={contradictions} words={words} />
      <Sums sums={sums} words={words} />
      <OpeningDrawing opening={request.opening} edges={[]} width={width} words={words} />
      <AnswerLine label={`Narrowest, ${words.withUnit(narrowestAtMm)} up`} figure={words.withUnit(narrowestMm)} />
      {(
        [
          ['Left leaf', 'left', left],
          ['Right leaf', 'right', right],
        ] as const
      ).map(([title, id, leaf]) => (
        <Section key={title} title={title}>
          <AnswerLine label="Width: top, middle, foot" figure={leaf.widthsMm.map(words.bare).join(' · ')} testID={`${title}-widths`} />
          <AnswerLine label="First cut, square" figure={words.withUnit(leaf.firstCutMm)} testID={`${title}-first`} />
          {leaf.short.map(({ edge, mm }) => (
            <Words key={edge} tone="tight">{`${EDGE_WORDS[edge]}: ${words.withUnit(mm)} more than may come off`}</Words>
          ))}
          {leaf.made.map(({ edge, mm }, i) => (
            <Words key={`${edge}-${i}`} tone="right" testID={`made-${id}-${edge}`}>
              {`✓ ${EDGE_WORDS[edge]}: ${words.withUnit(mm)} off at the deepest`}
            </Words>
          ))}
          <CutLines
            cuts={leaf.cuts}
            words={words}
            testID={title}
            {...(onType &&
              id === firstLeaf && {
                onMade: (cut, deepestMm) => onType('made', writeMadePair([...made, madeOfPair(id, cut, deepestMm)])),
              })}
          />
        </Section>
      ))}
      {made.length > 0 && onType && (
        <Press kind="quiet" onPress={() => onType('made', writeMadePair(made.slice(0, -1)))} testID="cut-take-back">
          Take the last cut back
        </Press>
      )}
      <Slip label="In this order">
        <Words>Sides of both leaves, then the first head; level across its rail to the second; its head; feet last.</Words>
        <Words>{LATCHING_WORDS[latching]}</Words>
        <Words>Faces out of plane at the meeting edges: the sheet Meeting stiles says which hinge to throw.</Words>
      </Slip>
      {(
        [
          ['Left leaf', 'left', left],
          ['Right leaf', 'right', right],
        ] as const
      ).map(
        ([title, id, { cuts }]) =>
          cuts.length > 0 && (
            <SaveCuts key={id} own={{ title, slab: request[id], hingesOn: id, cuts, made: made.filter(({ leaf }) => leaf === id) }} />
          ),
      )}
      <CutCautions />
    </>
  );
}
