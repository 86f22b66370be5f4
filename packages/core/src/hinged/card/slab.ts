import { lengthMm, list, number } from '../../fields/field';

/** Larger than any door a person hangs; keeps nonsense out of the arithmetic, mm. */
export const LARGEST_MM = 6000;

/** What may be written of a slab, wherever it is asked for: on its card, by the engine, on a sheet. */
export const slabWidth = lengthMm('Width of the slab', 200, 3000);
export const slabHeight = lengthMm('Height of the slab', 300, 4000);
export const slabThickness = lengthMm('Thickness of the slab', 10, 150);
export const hingeHeights = list(
  'Two to four hinge centres below the top of the slab, from the top down, mm',
  number('Hinge centre below the top of the slab', { above: 0, to: slabHeight.to, unit: 'mm' }),
  {
    least: 2,
    most: 4,
    faults: (heights: readonly number[]) =>
      heights.every((height, i) => i === 0 || height > (heights[i - 1] ?? 0)) ? [] : [{ field: '', message: 'must run from the top down' }],
  },
);
