import type { CutLine, PairEdge, PairLeafId, SlabEdge } from '@proper-swing/core/sheets';
import { StyleSheet, View } from 'react-native';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE, SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { TickAmount } from '../TickAmount';
import { datumOf, EDGE_WORDS, LEAF_WORDS, TOOL_WORDS, WHY_TOOL } from './fitWords';

export type ListedCut = Omit<CutLine, 'edge'> & {
  edge: SlabEdge | PairEdge;
  /** The leaf of a pair it is on. */
  leaf?: PairLeafId;
};

export interface CutLinesProps {
  cuts: readonly ListedCut[];
  words: LengthWords;
  /** Ticks a line with what was really cut where it is deepest; absent where lines are only read. */
  onMade?: (cut: ListedCut, deepestMm: number) => void;
  testID: string;
}

/** The list of cuts: the first line large, workable from two metres; those that follow below it. */
export function CutLines({ cuts, words, onMade, testID }: CutLinesProps) {
  return (
    <View style={styles.list}>
      {cuts.map((cut, i) => (
        <Line
          key={`${cut.leaf ?? ''}-${cut.edge}-${cut.deepestMm.toFixed(2)}`}
          cut={cut}
          n={i + 1}
          isFirst={i === 0}
          words={words}
          testID={[testID, ...(cut.leaf ? [cut.leaf] : []), cut.edge].join('-')}
          {...(onMade && i === 0 && { onMade })}
        />
      ))}
    </View>
  );
}

function Line({
  cut,
  n,
  isFirst,
  words,
  onMade,
  testID,
}: {
  cut: ListedCut;
  n: number;
  isFirst: boolean;
  words: LengthWords;
  onMade?: CutLinesProps['onMade'];
  testID: string;
}) {
  const palette = usePalette();
  const { edge, marks, offsets, tool, rule, bevelMm, bladeMm, guide, leaf } = cut;
  return (
    <View style={[styles.line, { borderColor: palette.rule }]}>
      <Words kind="label" tone="pencil">
        {[n, ...(leaf ? [LEAF_WORDS[leaf]] : []), TOOL_WORDS[tool]].join(' · ')}
      </Words>
      <Words kind={isFirst ? 'display' : 'title'} testID={testID}>
        {`${EDGE_WORDS[edge]}: ${marksWords(marks, words, isFirst ? '\n' : ' → ')}`}
      </Words>
      <Words kind="strong">{`Measured from ${datumOf(edge)}: how much off, at how far along.`}</Words>
      {isFirst && tool === 'handPlane' && (
        <Words
          testID={`${testID}-offsets`}
        >{`Every ${words.withUnit(offsets[1]?.at ?? 0)}: ${offsets.map(({ mm }) => words.bare(mm)).join(', ')}`}</Words>
      )}
      {isFirst && <Words>{WHY_TOOL[rule]}</Words>}
      {isFirst && tool === 'saw' && (
        <Words
          testID={`${testID}-saw`}
        >{`Good face down: the saw tears upward. Blade ${words.withUnit(bladeMm)} below the base${guide.length === 0 ? '' : `; straightedge ${marksWords(guide, words, ' → ')} from the edge`}.`}</Words>
      )}
      {isFirst && bevelMm > 0 && <Words>{`Bevel it as you plane: far face ${words.withUnit(bevelMm)} less.`}</Words>}
      {onMade && (
        <TickAmount
          label="Really off, deepest"
          says="Cut: tick it off"
          plannedMm={cut.deepestMm}
          words={words}
          onTick={(mm) => onMade(cut, mm)}
          amountID="really-off"
          tickID="cut-made"
        />
      )}
    </View>
  );
}

/** `2.8 mm at 0 → nothing at 1985`; the same all along is one figure, and what stays nothing to its end is said once. */
function marksWords(marks: ListedCut['marks'], { bare, withUnit }: LengthWords, then: string): string {
  const [first] = marks;
  if (first !== undefined && marks.every(({ mm }) => Math.abs(mm - first.mm) < SAME_MM)) return `${withUnit(first.mm)} all along`;
  const isNothing = (mm: number | undefined) => mm !== undefined && mm < SAME_MM;
  const told = marks.filter(({ mm }, i) => {
    const isRunOut = i === marks.length - 1 && isNothing(mm) && isNothing(marks[i - 1]?.mm);
    const isBefore = i === 0 && isNothing(mm) && isNothing(marks[1]?.mm);
    return !isRunOut && !isBefore;
  });
  return told.map(({ at, mm }) => `${isNothing(mm) ? 'nothing' : withUnit(mm)} at ${bare(Math.round(at))}`).join(then);
}

const SAME_MM = 0.05;

const styles = StyleSheet.create({
  list: { gap: SPACE.s },
  line: { borderTopWidth: LINE.rule, paddingVertical: SPACE.s, gap: SPACE.xs },
});
