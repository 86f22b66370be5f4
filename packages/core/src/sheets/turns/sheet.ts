import { choice, group, lengthMm, number, omittable } from '../../fields/field';
import { ON_WHEELS } from '../../sliding/card/panel';
import { panelHeight, panelWidth } from '../../sliding/card/panelFields';
import { mm, oneOf, part } from '../shapes';
import { sheet } from '../sheet';
import { setRollers, TURN_LIMITS } from './rollerTurns';
import { THREAD_IDS } from './threads';

const gap = (says: string) => lengthMm(says, 0, 200);
const turnsLeft = (says: string) => omittable(number(says, { from: 0, to: 40 }));

const end = part({
  quarters: number('Quarter turns, + those that raise', { whole: true }),
  mmPerTurn: mm('Lift of a full turn'),
  from: oneOf(['tried', 'thread', 'usual']),
  footMm: mm('Gap under the panel after it'),
  liftMm: omittable(mm('Room above after it')),
  captureMm: omittable(mm('Room left before it could be lifted out')),
});

export const turnsSheet = sheet({
  name: 'sliding.turns',
  title: 'Turns at each roller or hanger for an even closing gap, with the panel held',
  request: {
    kind: choice('How the panel runs', ON_WHEELS),
    panelWidthMm: panelWidth,
    panelHeightMm: panelHeight,
    jambTopMm: gap('Closing gap, top'),
    jambFootMm: gap('Closing gap, foot'),
    footLeadMm: gap('Under the panel, closing end'),
    footTrailMm: gap('Under the panel, other end'),
    liftLeadMm: omittable(gap('Room above, closing end')),
    liftTrailMm: omittable(gap('Room above, other end')),
    tried: omittable(
      group(
        'The first turn with each screw, and what it did',
        {
          turns: number('Turns, + those that raise', { from: -10, to: 10 }),
          leadMm: omittable(lengthMm('How far the closing end came up', -30, 30)),
          trailMm: omittable(lengthMm('How far the other end came up', -30, 30)),
        },
        {},
      ),
    ),
    thread: omittable(choice('Thread of the screw', THREAD_IDS)),
    linkage: omittable(number('Lift for each mm the screw moves', { from: 0.1, to: 5 })),
    leftLeadTurns: turnsLeft('Turns left at the closing end'),
    leftTrailTurns: turnsLeft('Turns left at the other end'),
  },
  result: {
    lead: end,
    trail: end,
    taperMm: mm('Closing gap, top less foot, now'),
    taperAfterMm: mm('The same after the turns'),
    limit: oneOf(TURN_LIMITS),
    limitAt: oneOf(['lead', 'trail', 'both']),
    advice: { is: 'text' },
  },
  example: {
    kind: 'glass',
    panelWidthMm: 900,
    panelHeightMm: 2030,
    jambTopMm: 6,
    jambFootMm: 14,
    footLeadMm: 3,
    footTrailMm: 6,
    liftLeadMm: 7,
    liftTrailMm: 4,
    tried: { turns: 1, leadMm: 1.3, trailMm: 1.4 },
  },
  run: setRollers,
});
