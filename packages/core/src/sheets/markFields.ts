import { HINGE_SCHOOL_IDS } from '../fitting/marks';
import { choice, lengthMm, list, number, omittable } from '../fields/field';
import { listOf, mm, part, slabHeight, sums } from './shapes';

const tops = (says: string) => omittable(list(says, lengthMm('Top of a hinge', 0, 4000), { least: 2, most: 5 }));

/** What sheets of hinges ask for and answer alike. */
export const hingesToMark = {
  slabHeightMm: slabHeight,
  headGapMm: lengthMm('Head gap', 0, 100),
  hingeMm: lengthMm('Length of a hinge', 40, 300),
  hinges: number('How many hinges', { from: 2, to: 5, whole: true }),
  school: choice('Where hinges are set, inches from the top and from the foot', HINGE_SCHOOL_IDS),
  leafMm: lengthMm('Thickness of a leaf of the hinge', 0.5, 10),
  oldTopsMm: tops('Hinges of the old slab below its top, mm'),
  frameTopsMm: tops('Recesses in the frame below its head, mm'),
} as const;

export const hingeMarks = {
  marks: listOf(
    part({
      slabTopMm: mm('On the slab, below its top'),
      slabFootMm: mm('Foot of the hinge on the slab'),
      frameTopMm: mm('On the frame, below its head'),
      frameFootMm: mm('Foot of the hinge on the frame'),
      frameOffMm: omittable(mm('The frame’s recess is lower by')),
    }),
  ),
  recessMm: mm('Depth of the recess'),
  mostOffMm: mm('Most that frame and slab differ'),
  gapByFrameMm: omittable(mm('Head gap by the frame’s recesses')),
  sums,
} as const;
