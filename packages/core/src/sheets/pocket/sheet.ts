import { flag, lengthMm, list, number, omittable } from '../../fields/field';
import { panelWidth } from '../../sliding/card/panelFields';
import { listOf, mm, oneOf, part, yesOrNo } from '../shapes';
import { sheet } from '../sheet';
import { fitPocket, POCKET_CLEARANCE_MM } from './pocket';

const thickness = (says: string) => lengthMm(says, 0, 60);
const gap = (says: string) => omittable(lengthMm(says, 0, 100));

export const pocketSheet = sheet({
  name: 'sliding.pocket',
  title: 'Pocket door: length, hanger turns, fixings, and what to check before closing up',
  request: {
    heightsMm: list('Floor to the underside of the bracket along the travel, mm', lengthMm('Height', 300, 4000), { least: 1, most: 12 }),
    slabHeightMm: omittable(lengthMm('Height of the slab as it is', 300, 4000)),
    solidRailMm: omittable(lengthMm('Solid rail at the foot of a hollow slab', 0, 300)),
    clearanceMm: lengthMm('Room over the highest point of the floor', 2, 40),
    trimMm: thickness('Trim'),
    boardMm: thickness('Board'),
    slatMm: thickness('Slat or split stud'),
    jambTopMm: gap('Closing gap, top'),
    jambFootMm: gap('Closing gap, foot'),
    panelWidthMm: panelWidth,
    mmPerTurn: number('Lift of a full turn of the hanger, mm', { from: 0.2, to: 6 }),
    areClipsHome: flag('Both lock clips were seen home'),
  },
  result: {
    lengthMm: mm('Length of the slab'),
    cutMm: omittable(mm('Off the slab')),
    highPoint: number('Which height is least, from 0', { whole: true }),
    spreadMm: mm('How far the floor runs off'),
    railLeftMm: omittable(mm('Left of the solid rail')),
    mostClearanceMm: mm('Room at the lowest point of the floor'),
    longestFixingMm: mm('Longest fixing beside the pocket'),
    turn: omittable(
      part({
        hanger: oneOf(['lead', 'trail']),
        halfTurns: number('Half turns that raise', { whole: true }),
        taperAfterMm: mm('Closing gap, top less foot, after them'),
        isInReach: yesOrNo,
      }),
    ),
    mayCloseUp: yesOrNo,
    warnings: listOf({ is: 'text' } as const),
  },
  example: {
    heightsMm: [2046, 2043, 2041, 2044],
    slabHeightMm: 2040,
    clearanceMm: POCKET_CLEARANCE_MM,
    trimMm: 12,
    boardMm: 12.5,
    slatMm: 19,
    jambTopMm: 3,
    jambFootMm: 8,
    panelWidthMm: 762,
    mmPerTurn: 1.25,
    areClipsHome: false,
  },
  run: fitPocket,
});
