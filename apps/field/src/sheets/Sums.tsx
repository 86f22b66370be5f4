import type { Sum } from '@proper-swing/core/sheets';
import type { LengthWords } from '../design/lengthWords';
import { Slip } from '../design/Section';
import { Words } from '../design/Words';
import { sumWords } from './sumWords';

/** Every sum a person would do in their head, written out. */
export function Sums({ sums, words }: { sums: readonly Sum[]; words: LengthWords }) {
  return (
    <Slip label="The sum">
      {sums.map((each, i) => (
        <Words key={`${each.of}-${i}`} testID={`sum-${each.of}`}>
          {sumWords(each, words)}
        </Words>
      ))}
    </Slip>
  );
}
