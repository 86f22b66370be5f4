import { lengthMm, list, number, type Field, type Fields } from '../fields/field';

/** Larger than any door a person hangs; keeps nonsense out of the arithmetic, mm. */
export const LARGEST_MM = 6000;

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
export const slabWidth = lengthMm('Width of the slab', 200, LARGEST_MM);
export const slabHeight = lengthMm('Height of the slab', 300, LARGEST_MM);
export const slabThickness = lengthMm('Thickness of the slab', 10, 150);
export const slabMass = number('Mass of the slab, kg', { from: 1, to: 500 });
export const hingeHeights = list(
  'Two to four hinge centres below the top of the slab, from the top down, mm',
  number('Hinge centre below the top of the slab', { above: 0, to: LARGEST_MM, unit: 'mm' }),
  {
    least: 2,
    most: 4,
    faults: (heights: readonly number[]) =>
      heights.every((height, i) => i === 0 || height > (heights[i - 1] ?? 0)) ? [] : [{ field: '', message: 'must run from the top down' }],
  },
);
