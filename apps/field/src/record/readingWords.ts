import type { ReadingEntry } from '@proper-swing/contract';
import type { LengthWords } from '../design/lengthWords';

const BY_EYE_WORDS: Readonly<Record<string, string>> = { tight: 'tight', ok: 'OK', wide: 'wide' };

/** A gap judged by eye, as it is shown. */
export const byEyeWords = ({ typed }: Pick<ReadingEntry, 'typed'>): string => BY_EYE_WORDS[typed] ?? typed;

/** A reading in a column of a table: the figure, the word for a gap judged by eye, `rubs`, `n/r` for what could not be reached, a dash for none. */
export function readingWords(reading: ReadingEntry | undefined, words: LengthWords): string {
  if (reading === undefined) return '–';
  if (reading.kind === 'figure' && reading.mm !== null) return words.bare(reading.mm);
  if (reading.kind === 'eye') return byEyeWords(reading);
  return reading.kind === 'rubs' ? 'rubs' : 'n/r';
}
