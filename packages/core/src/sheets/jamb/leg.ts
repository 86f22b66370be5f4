import { choice, lengthMm, list } from '../../fields/field';
import { JAMB_SIDES } from '../../jamb/survey';
import { makeLeg } from '../../jamb/wholeLeg';
import { LARGEST_MM, listOf, mm, part, sums } from '../shapes';
import { sheet } from '../sheet';
import { behind, packerKinds, readings } from './asked';
import { fixingInHand, stacks } from './shapes';

export const legSheet = sheet({
  name: 'jamb.leg',
  title: 'A whole leg made anew',
  request: {
    side: choice('Which leg', JAMB_SIDES),
    headMm: lengthMm('Floor to the underside of the head, at this leg', 300, LARGEST_MM),
    notchMm: lengthMm('How far the leg goes up into the head', 0, 60),
    headThicknessMm: lengthMm('Thickness of the head', 0, 120),
    footGapMm: lengthMm('Room under the leg', 0, 30),
    thicknessMm: lengthMm('Thickness of the leg', 8, 120),
    wallMm: lengthMm('Width of the leg: the wall with its boards', 40, 500),
    clearMm: lengthMm('Between the legs: slab and both gaps', 300, LARGEST_MM),
    roughMm: readings('Face of the leg that stays to the framing', 1),
    heldAtMm: list('Lock, or hinges, above the floor', lengthMm('Above the floor', 0, LARGEST_MM), { most: 8 }),
    kinds: packerKinds,
    screwMm: lengthMm('Length of the screws', 20, 200),
    behindMm: behind,
  },
  result: {
    lengthMm: mm('Length of the leg'),
    widthMm: mm('Its width'),
    notch: part({ upMm: mm('Notch up'), deepMm: mm('Notch deep') }),
    packers: listOf(
      part({
        atMm: mm('Above the floor'),
        gapMm: mm('Behind the leg'),
        pieces: listOf(mm('A packer')),
        offMm: mm('Thicker than the gap by'),
      }),
    ),
    stacks,
    framingLeansMm: mm('Gap wider at the top by'),
    screw: fixingInHand,
    sums,
  },
  example: {
    side: 'strike',
    headMm: 2000,
    notchMm: 10,
    headThicknessMm: 25,
    footGapMm: 3,
    thicknessMm: 25,
    wallMm: 120,
    clearMm: 767,
    roughMm: [
      { at: 100, mm: 800 },
      { at: 1900, mm: 804 },
    ],
    heldAtMm: [1000],
    kinds: [{ mm: 1 }, { mm: 2 }, { mm: 3 }, { mm: 5 }],
    screwMm: 76.2,
  },
  run: makeLeg,
});
