import { choice, lengthMm, number, omittable } from '../../fields/field';
import { patchFoot } from '../../jamb/footPatch';
import { listOf, mm, oneOf, part, sums, yesOrNo } from '../shapes';
import { sheet } from '../sheet';
import { behind } from './asked';
import { fixingInHand } from './shapes';

const pass = part({ fenceMm: mm('Fence'), bladeMm: mm('Blade up') });

export const footSheet = sheet({
  name: 'jamb.foot',
  title: 'A patch for a rotten foot',
  request: {
    softTopMm: lengthMm('Top of the soft wood above the threshold', 0, 1500),
    jambThicknessMm: lengthMm('Thickness of the jamb', 10, 120),
    stockThicknessMm: lengthMm('Thickness of the stock', 5, 120),
    partWidthMm: lengthMm('Width of the part that comes out, across the wall', 10, 300),
    pitchDegrees: number('Fall of the threshold to the outside, degrees', { from: 0, to: 30 }),
    measuredAt: choice('The height of the cut is measured at its edge', ['inner', 'outer']),
    footGapMm: lengthMm('Room for silicone under the patch', 0, 15),
    tongueMm: lengthMm('Tongue wanted beside the slot', 0, 60),
    slotMm: lengthMm('Slot for the weatherstrip', 0, 20),
    rebateMm: lengthMm('How deep the rebate goes in', 0, 80),
    bradMm: lengthMm('Length of the brads', 10, 150),
    roundToMm: omittable(lengthMm('The height advised is rounded up to this; 5 mm unless said', 0.5, 50)),
    cutHeightMm: omittable(lengthMm('Height of the cut, if otherwise than advised', 100, 2400)),
    behindMm: behind,
  },
  result: {
    cutHeightMm: mm('Height of the square cut'),
    isAboveSoft: yesOrNo,
    isTall: yesOrNo,
    longPointMm: mm('Length to the long point'),
    shortPointMm: mm('Length to the short point'),
    longPointAt: oneOf(['inner', 'outer']),
    packMm: mm('Packers behind it'),
    planeMm: mm('Off the stock, where it is thicker than the jamb'),
    windowsMm: listOf(mm('Middle of a window from the foot')),
    bradsMm: listOf(mm('A brad from the foot')),
    brad: fixingInHand,
    rebate: part({ tongueCutMm: mm('Tongue as it is cut'), flat: pass, onEdge: pass }),
    stockLengthMm: mm('Stock to buy'),
    undercutMm: mm('Undercut of the sound leg'),
    easeMm: mm('Edges eased by'),
    sums,
  },
  example: {
    softTopMm: 240,
    jambThicknessMm: 31.75,
    stockThicknessMm: 25.4,
    partWidthMm: 70,
    pitchDegrees: 5,
    measuredAt: 'inner',
    footGapMm: 3,
    tongueMm: 6.35,
    slotMm: 3.175,
    rebateMm: 12.7,
    bradMm: 50.8,
  },
  run: patchFoot,
});
