import type { ReadingEntry } from '@proper-swing/contract';
import type { LengthWords } from '../design/lengthWords';

/** A reading in a column of a table: the figure, `rubs`, `n/r` for what could not be reached, a dash for none. */
export function readingWords(reading: ReadingEntry | undefined, words: LengthWords): string {
  if (reading === undefined) return '–';
  if (reading.kind === 'figure' && reading.mm !== null) return words.bare(reading.mm);
  return reading.kind === 'rubs' ? 'rubs' : 'n/r';
}
