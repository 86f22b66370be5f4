import { lengthMm, group } from '../../fields/field';
import { slabHeight, hingeHeights, mm } from '../shapes';
import { sheet } from '../sheet';
import { planePair } from './pair';

export const pairSheet = sheet({
  name: 'swing.pair',
  title: 'Meeting stiles of a pair: both faces into one plane',
  request: {
    slabHeightMm: slabHeight,
    hingeHeightsMm: hingeHeights,
    topMm: lengthMm('Step at the top, + when the leaf to be moved stands toward the room', -60, 60),
    middleMm: lengthMm('Step at the middle', -60, 60),
    bottomMm: lengthMm('Step at the foot', -60, 60),
  },
  result: {
    topHingeMm: mm('Top hinge, + toward the room'),
    bottomHingeMm: mm('Bottom hinge, + toward the room'),
    left: group('Step that stays', { topMm: mm('Top'), middleMm: mm('Middle'), bottomMm: mm('Foot') }, {}),
    sharedMm: group(
      'Shared between both leaves',
      { topHingeMm: mm('Top hinge, + toward the room'), bottomHingeMm: mm('Bottom hinge, + toward the room') },
      {},
    ),
  },
  example: { slabHeightMm: 1981, hingeHeightsMm: [165, 990, 1750], topMm: 5, middleMm: 3.5, bottomMm: 1 },
  run: planePair,
});
