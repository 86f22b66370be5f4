import type { RandomStream } from '@proper-swing/core';
import type { WorldTraits } from './worldTraits';

/** An instrument: its error, standard deviation, and the step it is read off to, mm. */
export interface Tool {
  sd: number;
  step: number;
}

/** What comes of a reading: a rub where a gap is looked for and there is none. */
export type ReadOff = { rubs: true } | { mm: number };

/**
 * A true figure as it is read: with the error of the tool and the slips of its world, to its step.
 *
 * @param sort a gap can rub; what is between two parts is never below nought
 */
export function readOff(
  figure: number,
  { sd, step }: Tool,
  sort: 'gap' | 'between' | 'signed',
  { slips, slipMm }: Pick<WorldTraits, 'slips' | 'slipMm'>,
  random: RandomStream,
): ReadOff {
  const slip = slips > 0 && random.uniform() < slips ? slipMm * random.normal() : 0;
  const seen = figure + sd * random.normal() + slip;
  if (sort === 'gap' && seen <= 0) return { rubs: true };
  const mm = Math.round(seen / step) * step;
  return { mm: sort === 'signed' ? mm : Math.max(0, mm) };
}
