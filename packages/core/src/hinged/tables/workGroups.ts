import type { WorkGroup } from '../../model/workGroup';
import type { ActionId } from '../names/actionIds';

/** Everything that can be written down, by where on the door it is done. What has another name at another hinge stands here once. */
export const WORK_GROUPS = [
  {
    id: 'screws',
    title: 'Screws',
    isAtPlaces: true,
    actions: ['tighten', 'longScrew', 'fillHoles', 'fillSlabHoles', 'seatScrews', 'holdMiddle'],
  },
  {
    id: 'hinges',
    title: 'Hinges',
    isAtPlaces: true,
    actions: [
      'bendKnuckles',
      'shim',
      'shimStrip',
      'deepen',
      'bringToLine',
      'replaceHinge',
      'stiffenBottom',
      'fitFullHeight',
      'throwHinge',
      'throwForTwist',
      'turnSideways',
      'turnHeight',
      'turnPressure',
    ],
    whole: ['fitFullHeight'],
  },
  { id: 'pins', title: 'Pins', isAtPlaces: true, actions: ['bendPin'] },
  {
    id: 'strike',
    title: 'Strike, stop',
    actions: ['moveStrike', 'fileStrike', 'bendTab', 'moveStrikeDepth', 'moveStop', 'turnKeeps', 'letInStrike'],
  },
  {
    id: 'slab',
    title: 'Slab',
    actions: [
      'planeLatch',
      'planeHead',
      'planeFoot',
      'planeHinge',
      'trimFoot',
      'scribeHead',
      'scribeRaise',
      'reglueBlock',
      'sealFaces',
      'hangSlab',
      'dryAndSeal',
    ],
  },
  {
    id: 'frame',
    title: 'Frame',
    actions: ['wedgeLatchLeg', 'wedgeHingeLeg', 'squareFrame', 'repairFoot', 'repairLeg', 'fillLeg', 'replaceLeg', 'coatRepair'],
  },
  { id: 'other', title: 'In words', isAtPlaces: true, actions: ['otherWork'] },
] as const satisfies readonly WorkGroup<ActionId>[];
