import { Press } from '../../design/Press';
import { Words } from '../../design/Words';
import type { LengthWords } from '../../design/lengthWords';

export interface MadeCutsProps {
  /** Each cut with the edge it was made on, how deep it was at its deepest, and what tells it apart. */
  made: readonly { says: string; mm: number; id: string }[];
  words: LengthWords;
  /** Absent where nothing can be taken back. */
  onTakeBack?: () => void;
}

/** Cuts that were ticked off, and the way back from the last. */
export function MadeCuts({ made, words, onTakeBack }: MadeCutsProps) {
  return (
    <>
      {made.map(({ says, mm, id }, i) => (
        <Words key={`${id}-${i}`} tone="right" testID={`made-${id}`}>
          {`✓ ${says}: ${words.withUnit(mm)} off at the deepest`}
        </Words>
      ))}
      {made.length > 0 && onTakeBack && (
        <Press kind="quiet" onPress={onTakeBack} testID="cut-take-back">
          Take the last cut back
        </Press>
      )}
    </>
  );
}
