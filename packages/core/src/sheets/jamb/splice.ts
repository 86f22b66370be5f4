import { choice, lengthMm, list, number, omittable } from '../../fields/field';
import { WOOD_IDS } from '../../load/wood';
import { spliceStrike } from '../../jamb/spliceStrike';
import { LARGEST_MM, listOf, mm, part, sums, yesOrNo } from '../shapes';
import { sheet } from '../sheet';
import { behind, readings } from './asked';
import { fixingInHand } from './shapes';

const heights = (says: string) => list(says, lengthMm('Above the floor', 0, LARGEST_MM), { most: 12 });

export const spliceSheet = sheet({
  name: 'jamb.splice',
  title: 'A new length for a strike leg that was kicked in',
  request: {
    breakFromMm: lengthMm('Lowest end of the break above the floor', 0, LARGEST_MM),
    breakToMm: lengthMm('Highest end of the break', 0, LARGEST_MM),
    legMm: lengthMm('Height of the leg', 300, LARGEST_MM),
    jambThicknessMm: lengthMm('Thickness of the jamb', 8, 120),
    widths: readings('Width of the leg, weatherstrip off, above and below the break', 1),
    gapBehindMm: lengthMm('Between the back of the jamb and the framing', 0, 80),
    oldShimsMm: heights('Old shims'),
    boltsMm: heights('Bolts'),
    screwMm: lengthMm('Length of the screws', 20, 200),
    screwNumber: omittable(number('Number of the screws', { from: 4, to: 16, whole: true })),
    wood: omittable(choice('Timber of jamb and framing', WOOD_IDS)),
    behindMm: behind,
  },
  faults: ({ breakFromMm, breakToMm, legMm }) => [
    ...(breakToMm <= breakFromMm ? [{ field: 'breakToMm', message: 'must be above where the break begins' }] : []),
    ...(breakToMm > legMm ? [{ field: 'breakToMm', message: 'must be on the leg' }] : []),
  ],
  result: {
    cutFromMm: mm('Lower cut'),
    cutToMm: mm('Upper cut'),
    lengthMm: mm('Length of the new piece'),
    reachesHead: yesOrNo,
    reachesFloor: yesOrNo,
    sawDepthMm: mm('Depth of the saw'),
    widths: listOf(part({ at: mm('Above the floor'), mm: mm('Width of the new piece'), isRead: yesOrNo })),
    crookedMm: mm('Off a straight line'),
    fixings: listOf(part({ atMm: mm('Packer and screw'), isOldShim: yesOrNo })),
    screw: fixingInHand,
    eachHoldsN: number('A screw holds in the framing, N', {}),
    allHoldN: number('All of them, N', {}),
    stockLengthMm: mm('Stock to buy'),
    sums,
  },
  example: {
    breakFromMm: 820,
    breakToMm: 1260,
    legMm: 2040,
    jambThicknessMm: 19,
    widths: [
      { at: 700, mm: 116 },
      { at: 1400, mm: 117 },
    ],
    gapBehindMm: 12,
    oldShimsMm: [1050],
    boltsMm: [965, 1120],
    screwMm: 76.2,
  },
  run: spliceStrike,
});
