import { number, type Field, type Fields } from '../fields/field';
import { SUMS_OF } from '../fitting/sums';

export { hingeHeights, LARGEST_MM, slabHeight, slabThickness, slabWidth } from '../hinged/card/slab';

/** A length of an answer, without limits, mm. */
export const mm = (says: string) => number(says, { unit: 'mm' });
export const degrees = (says: string) => number(`${says}, degrees`, { from: 0, to: 180 });

/** Parts of an answer whose name says all. */
export const words = { is: 'text' } as const;
export const yesOrNo = { is: 'flag' } as const;
/** Yes, or the function has thrown. */
export const always = { is: 'flag', mustBe: true } as const;
export const oneOf = <const C extends readonly (string | number)[]>(of: C) => ({ is: 'choice', of }) as const;
export const part = <const G extends Fields>(fields: G) => ({ is: 'group', fields }) as const;
export const listOf = <const F extends Field>(of: F) => ({ is: 'list', of }) as const;

/** What several sheets ask of a slab. */
export const slabMass = number('Mass of the slab, kg', { from: 1, to: 500 });

/** Sums written out, as a person does them. */
export const sums = listOf(
  part({
    of: oneOf(SUMS_OF),
    fromMm: mm('From'),
    steps: listOf(
      part({
        does: oneOf(['less', 'plus', 'over']),
        times: number('How often', {}),
        by: number('By how much, mm; into how many', {}),
        gives: mm('What comes of it'),
      }),
    ),
  }),
);
