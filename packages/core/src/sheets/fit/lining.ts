import { fitLining } from '../../fitting/lining';
import { lengthMm } from '../../fields/field';
import { listOf, mm, part, slabWidth, sums } from '../shapes';
import { sheet } from '../sheet';
import { advice, gap, sizes } from './fields';

export const fitLiningSheet = sheet({
  name: 'fit.lining',
  title: 'A lining too wide or too narrow: which leg by how much, where',
  request: {
    widthsMm: sizes('Widths of the lining, evenly from the top to the foot, mm', 200, 3000),
    slabWidthMm: slabWidth,
    hingeGapMm: gap('Hinge gap'),
    latchGapMm: gap('Latch gap'),
    hingeLeansMm: lengthMm('Lean of the hinge leg, + when its top stands toward the latch', -100, 100),
    hingeBowsMm: lengthMm('How far its middle is off a straight line, + toward the latch', -100, 100),
    legMm: lengthMm('Height of the legs', 300, 4000),
  },
  result: {
    wantedMm: mm('Width wanted'),
    targetMm: mm('Width it is brought to'),
    moves: listOf(
      part({
        atMm: mm('From the top'),
        hingeMm: mm('Hinge leg in'),
        latchMm: mm('Latch leg in'),
        widthMm: mm('Width read'),
        moreMm: mm('More than wanted'),
      }),
    ),
    advice,
    mostMm: mm('Most of it'),
    leastMm: mm('Least of it'),
    leansIfLeftMm: mm('What stays of the lean of the hinge leg if it is left'),
    sums,
  },
  example: {
    widthsMm: [765, 774, 772],
    slabWidthMm: 762,
    hingeGapMm: 1.5,
    latchGapMm: 1.5,
    hingeLeansMm: 0,
    hingeBowsMm: 0,
    legMm: 1995,
  },
  run: fitLining,
});
