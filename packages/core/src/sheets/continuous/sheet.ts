import { lengthMm, list } from '../../fields/field';
import { slabWidth, slabHeight, mm, words, yesOrNo, listOf } from '../shapes';
import { sheet } from '../sheet';
import { EXAMPLE_FITTING } from './exampleFitting';
import { fitContinuous } from './fittingSheet';

export const continuousSheet = sheet({
  name: 'hinge.continuous',
  title: 'Full-height hinge on a worn door: fitting sheet',
  request: {
    openingWidthsMm: list('At top, middle and foot, mm', lengthMm('Width of the opening', 200, 6000), { least: 3, most: 3 }),
    openingHeightsMm: list('At hinge and latch side, mm', lengthMm('Height of the opening', 200, 6000), { least: 2, most: 2 }),
    slabWidthMm: slabWidth,
    slabHeightMm: slabHeight,
    hingeLengthMm: lengthMm('Length of the hinge', 300, 6000),
    hingeTakesMm: lengthMm('Room the closed hinge takes, from its sheet', 0, 30),
    frameLeafMm: lengthMm('Width of the leaf on the frame', 10, 120),
    frameFaceMm: lengthMm('Width of frame it can lie on', 5, 300),
    footWantedMm: lengthMm('Foot gap wanted', 0, 60),
  },
  result: {
    latchGapsMm: listOf(mm('Latch gap')),
    trimMm: listOf(mm('Off the latch edge')),
    headHungMm: mm('Head gap to hang it with'),
    headSettledMm: mm('Head gap once settled'),
    packersMm: mm('Packers under the slab'),
    footSettledMm: mm('Foot gap once settled'),
    footTrimMm: mm('Off the foot'),
    bearingMm: mm('Leaf on the frame'),
    bearsEnough: yesOrNo,
    cutHingeMm: mm('Off the hinge'),
    taperMm: mm('Widest less narrowest'),
    firstScrewsMm: listOf(mm('Screw below the top of the hinge')),
    steps: listOf(words),
  },
  example: EXAMPLE_FITTING,
  run: fitContinuous,
});
