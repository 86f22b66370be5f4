import type { Names } from './names';

/** How much of something, written so that a table stays plain data: a number, a figure of the card, or a multiple of one. */
export type Share<F extends string = string> = number | F | { readonly times: number; readonly of: F };

/** How much each parameter moves with one millimetre of something. */
export type Moves<N extends Names = Names> = { readonly [P in N['parameter']]?: Share<N['figure']> };

/** Figures of one card by name. */
export type CardFigures = Readonly<Record<string, number>>;

/** @throws RangeError when the card has no figure of that name: a table that names it is wrong */
export function shareOf(share: Share, figures: CardFigures): number {
  if (typeof share === 'number') return share;
  if (typeof share === 'object') return share.times * shareOf(share.of, figures);
  const figure = figures[share];
  if (figure === undefined) throw new RangeError(`A card of this kind has no figure "${share}".`);
  return figure;
}
