import { lengthMm, list, omittable } from '../../fields/field';
import { slabHeight, hingeHeights, mm, words, yesOrNo, oneOf, part } from '../shapes';
import { sheet } from '../sheet';
import { weighTwist } from './twist';

export const twistSheet = sheet({
  name: 'swing.twist',
  title: 'Slab against its stop: throw a hinge, move the stop, or replace',
  request: {
    slabHeightMm: slabHeight,
    hingeHeightsMm: hingeHeights,
    stopTopMm: lengthMm('Slab to stop at the latch side, top', 0, 60),
    stopBottomMm: lengthMm('Slab to stop at the latch side, foot', 0, 60),
    hingeStopTopMm: omittable(lengthMm('Slab to stop at the hinge side, top', 0, 60)),
    hingeStopBottomMm: omittable(lengthMm('Slab to stop at the hinge side, foot', 0, 60)),
    hingeAcrossMm: omittable(lengthMm('Hinge leg plumb across the wall, + top toward the room it opens into', -100, 100)),
    latchAcrossMm: omittable(lengthMm('Latch leg plumb across the wall', -100, 100)),
    wantedMm: omittable(lengthMm('Gap wanted to the stop', 0, 20)),
  },
  result: {
    twistMm: mm('Top against foot at the stop'),
    byOpeningMm: omittable(mm('What of it the legs make')),
    bySlabMm: omittable(mm('What of it is the slab’s own')),
    warpOverLimit: yesOrNo,
    remedies: list(
      'Best first',
      part({
        id: oneOf(['leave', 'throwHinge', 'shareIt', 'moveStop', 'replace']),
        says: words,
        throws: omittable(part({ hinge: oneOf(['top', 'bottom']), mm: mm('How far'), toward: oneOf(['room', 'stop']) })),
        stopMove: omittable(part({ topMm: mm('Stop moved at the top'), bottomMm: mm('Stop moved at the foot') })),
        stopTopMm: mm('Slab to stop then, top'),
        stopBottomMm: mm('Slab to stop then, foot'),
        hingeSideMm: mm('How far the hinge side moves'),
        leanMm: mm('Lean it starts'),
      }),
      {},
    ),
  },
  example: { slabHeightMm: 1981, hingeHeightsMm: [165, 990, 1750], stopTopMm: 6, stopBottomMm: 0, hingeAcrossMm: 2, latchAcrossMm: -3 },
  run: weighTwist,
});
