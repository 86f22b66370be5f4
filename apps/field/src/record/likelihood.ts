/** Chances in the words of the trade, from so much on. */
const CHANCE_WORDS: readonly (readonly [from: number, says: string])[] = [
  [0.95, 'almost sure'],
  [0.8, 'very likely'],
  [0.6, 'likely'],
  [0.4, 'even chances'],
  [0.2, 'not likely'],
  [0, 'hardly'],
];

/** How likely something is, in words; `chance` from 0 to 1. */
export const likelihood = (chance: number): string => CHANCE_WORDS.find(([from]) => chance >= from)?.[1] ?? '';
