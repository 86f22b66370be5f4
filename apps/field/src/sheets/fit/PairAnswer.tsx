import { PAIR_LEAVES, type PairFit, type PairLeafId, type PairToFit } from '@proper-swing/core/sheets';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { CutLines, type ListedCut } from './CutLines';
import { BeforeCutting, CutCautions } from './FitNotes';
import { EDGE_WORDS, LEAF_WORDS } from './fitWords';
import { madeOfPair, writeMadePair } from './made';
import { MadeCuts } from './MadeCuts';
import { OpeningDrawing } from './OpeningDrawing';
import { pairSays } from './pairSays';
import { SaveCuts } from './SaveCuts';
import { Sums } from '../Sums';

const LATCHING_WORDS = {
  balls: 'Two ball catches: both leaves alike, gaps at the head even.',
  boltedLeaf: 'The bolted leaf is fitted and bolted first, top and foot; the other latches to it.',
} as const;

/** Sides of both leaves first, then the heads, one from the other; feet last. */
const ORDER: readonly (readonly ListedCut['edge'][])[] = [['outer', 'meeting'], ['head'], ['foot']];

function inWorkOrder(fit: PairFit): (ListedCut & { leaf: PairLeafId })[] {
  return ORDER.flatMap((edges) =>
    PAIR_LEAVES.flatMap((leaf) => fit[leaf].cuts.filter(({ edge }) => edges.includes(edge)).map((cut) => ({ ...cut, leaf }))),
  );
}

/** How wide both leaves end, each sum written out, and the cuts of both in the order they are made. */
export function PairAnswer({ result, request, words, width, onType }: AnswerProps<PairFit, PairToFit>) {
  const { isPossible, sums, missing, contradictions, latching, narrowestMm, narrowestAtMm } = result;
  const { made = [] } = request;
  const cuts = inWorkOrder(result);
  return (
    <>
      <Headline tone={isPossible ? 'ink' : 'tight'}>{pairSays(result, words)}</Headline>
      {(cuts.length > 0 || made.length === 0) && <BeforeCutting missing={missing} contradictions={contradictions} words={words} />}
      <Sums sums={sums} words={words} />
      <OpeningDrawing opening={request.opening} edges={[]} width={width} words={words} />
      <AnswerLine label={`Narrowest, ${words.withUnit(narrowestAtMm)} up`} figure={words.withUnit(narrowestMm)} />
      {PAIR_LEAVES.flatMap((leaf) => [
        <AnswerLine
          key={`${leaf}-widths`}
          label={`${LEAF_WORDS[leaf]}, width: top, middle, foot`}
          figure={result[leaf].widthsMm.map(words.bare).join(' · ')}
          testID={`${leaf}-widths`}
        />,
        <AnswerLine
          key={`${leaf}-first`}
          label={`${LEAF_WORDS[leaf]}, first cut, square`}
          figure={words.withUnit(result[leaf].firstCutMm)}
          testID={`${leaf}-first`}
        />,
        ...result[leaf].short.map(({ edge, mm }) => (
          <Words
            key={`${leaf}-${edge}-short`}
            tone="tight"
          >{`${LEAF_WORDS[leaf]}, ${EDGE_WORDS[edge].toLowerCase()}: ${words.withUnit(mm)} more than may come off`}</Words>
        )),
      ])}
      <Slip label="In this order">
        <Words>Sides of both leaves, then the first head; level across its rail to the second; its head; feet last.</Words>
        <Words>{LATCHING_WORDS[latching]}</Words>
      </Slip>
      <MadeCuts
        made={PAIR_LEAVES.flatMap((leaf) =>
          result[leaf].made.map(({ edge, mm }) => ({
            says: `${LEAF_WORDS[leaf]}, ${EDGE_WORDS[edge].toLowerCase()}`,
            mm,
            id: `${leaf}-${edge}`,
          })),
        )}
        words={words}
        {...(onType && { onTakeBack: () => onType('made', writeMadePair(made.slice(0, -1))) })}
      />
      <CutLines
        cuts={cuts}
        words={words}
        testID="cut"
        {...(onType && {
          onMade: (cut, deepestMm) => cut.leaf && onType('made', writeMadePair([...made, madeOfPair(cut.leaf, cut, deepestMm)])),
        })}
      />
      <Words>Faces out of plane at the meeting edges: the sheet Pair in one plane says which hinge to throw.</Words>
      {PAIR_LEAVES.map((leaf) => {
        const own = {
          title: LEAF_WORDS[leaf],
          slab: request[leaf],
          hingesOn: leaf,
          cuts: result[leaf].cuts,
          made: made.filter((cut) => cut.leaf === leaf),
        };
        return own.cuts.length > 0 && <SaveCuts key={leaf} own={own} />;
      })}
      <CutCautions />
    </>
  );
}
