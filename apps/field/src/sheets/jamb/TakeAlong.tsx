import type { MadeStacks } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';
import { Words } from '../../design/Words';
import { AnswerLine } from '../AnswerLine';

/** What packers to take along, spares in it, and where the van runs short. */
export function TakeAlong({ stacks: { take, isExact }, words: { withUnit } }: { stacks: MadeStacks; words: LengthWords }) {
  return (
    <>
      {take.map(({ mm, used, withSpares, isShort }) => (
        <AnswerLine
          key={mm}
          label={`Take of ${withUnit(mm)}: ${used} and spares${isShort ? ', more than the van holds' : ''}`}
          figure={String(withSpares)}
          tone={isShort ? 'tight' : 'ink'}
          testID={`take-${mm}`}
        />
      ))}
      {!isExact && <Words tone="tight">Not every stack is exact: one more thickness would do, or a pair of wedges slid together.</Words>}
    </>
  );
}
