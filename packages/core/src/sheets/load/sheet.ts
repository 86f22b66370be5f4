import { lengthMm, number, choice, omittable } from '../../fields/field';
import { slabWidth, slabHeight, slabMass, hingeHeights, mm, part, listOf } from '../shapes';
import { WOOD_IDS } from '../../load/wood';
import { sheet } from '../sheet';
import { loadHinges } from './hingeLoad';

const hold = part({
  each: part({
    inJambMm: mm('Thread in the jamb'),
    inFramingMm: mm('Thread in the framing'),
    holdN: number('What it holds, N', {}),
    framingN: number('Of that in the framing, N', {}),
  }),
  holdN: number('What the leaf holds, N', {}),
  framingN: number('Of that in the framing, N', {}),
  times: number('Held over pull', {}),
});

export const loadSheet = sheet({
  name: 'hinge.load',
  title: 'Pull on the hinges, and what a long screw is worth',
  request: {
    massKg: slabMass,
    slabWidthMm: slabWidth,
    slabHeightMm: slabHeight,
    hingeHeightsMm: hingeHeights,
    pinBehindMm: omittable(lengthMm('Pin behind the hinge edge', -20, 60)),
    behind: part({
      jambMm: lengthMm('Thickness of the jamb', 5, 80),
      jambWood: choice('Timber of the jamb', WOOD_IDS),
      spaceMm: lengthMm('Packers or air between jamb and framing', 0, 80),
      framingWood: choice('Timber of the framing', WOOD_IDS),
    }),
    leafMm: lengthMm('Thickness of the leaf', 0.5, 10),
    short: part({
      number: number('Number of the screw, which gives its thickness', { from: 4, to: 16, whole: true }),
      lengthMm: lengthMm('Length of the screw', 8, 200),
      count: number('Screws in the leaf', { from: 1, to: 8, whole: true }),
    }),
    long: part({
      number: number('Number of the screw, which gives its thickness', { from: 4, to: 16, whole: true }),
      lengthMm: lengthMm('Length of the screw', 8, 200),
    }),
  },
  result: {
    hinges: listOf(part({ atMm: mm('Hinge'), pullN: number('Pull, N', {}), weightN: number('Share of the weight, N', {}) })),
    topPullN: number('Pull at the top hinge, N', {}),
    asItIs: hold,
    withLong: hold,
    gain: number('Times more with the long screw', {}),
    each10KgN: number('More for each 10 kg hanging on the latch edge, N', {}),
  },
  example: {
    massKg: 28,
    slabWidthMm: 762,
    slabHeightMm: 1981,
    hingeHeightsMm: [165, 990, 1750],
    behind: { jambMm: 19, jambWood: 'sprucePineFir', spaceMm: 12, framingWood: 'sprucePineFir' },
    leafMm: 2.5,
    short: { number: 9, lengthMm: 19, count: 3 },
    long: { number: 9, lengthMm: 76 },
  },
  run: loadHinges,
});
