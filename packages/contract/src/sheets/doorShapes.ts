import { array } from 'yup';
import { figureBetween, lengthBetween, LARGEST_MM, mm, finite } from '../engine/figures';

/** Parts of a request that several sheets ask alike. */
export const slabWidth = lengthBetween('Width of the slab', 200, LARGEST_MM);
export const slabHeight = lengthBetween('Height of the slab', 300, LARGEST_MM);
export const thickness = lengthBetween('Thickness of the slab', 10, 150);
export const mass = figureBetween('Mass of the slab, kg', 1, 500);
export const hingeHeights = array(mm('Hinge centre below the top of the slab').required().test(finite).moreThan(0).max(LARGEST_MM))
  .required()
  .min(2)
  .max(4)
  .test('order', '${path} must run from the top down', (heights) => heights.every((height, i) => i === 0 || height > (heights[i - 1] ?? 0)))
  .meta({ description: 'Two to four hinge centres below the top of the slab, from the top down, mm' });

/** The usual door of the examples. */
export const EXAMPLE_SLAB = { slabWidthMm: 762, slabHeightMm: 1981, thicknessMm: 44, massKg: 28, hingeHeightsMm: [165, 990, 1750] };
