import type { ActionId } from '../names/actionIds';

/** Work that is written down together: where one looks for it, and whether it is done at hinges. */
export interface WorkGroup {
  id: string;
  title: string;
  isAtHinges?: true;
  actions: readonly ActionId[];
  /** Those done to the door as a whole. */
  whole?: readonly ActionId[];
}

/** Everything that can be written down, by where on the door it is done. What has another name at another hinge stands here once. */
export const WORK_GROUPS = [
  {
    id: 'screws',
    title: 'Screws',
    isAtHinges: true,
    actions: ['tighten', 'longScrew', 'fillHoles', 'fillSlabHoles', 'seatScrews', 'holdMiddle'],
  },
  {
    id: 'hinges',
    title: 'Hinges',
    isAtHinges: true,
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
  { id: 'pins', title: 'Pins', isAtHinges: true, actions: ['bendPin'] },
  {
    id: 'strike',
    title: 'Strike, stop',
    actions: ['moveStrike', 'fileStrike', 'bendTab', 'moveStrikeDepth', 'moveStop', 'turnKeeps'],
  },
  {
    id: 'slab',
    title: 'Slab',
    actions: ['planeLatch', 'planeHead', 'planeFoot', 'trimFoot', 'scribeHead', 'scribeRaise', 'dryAndSeal'],
  },
  { id: 'frame', title: 'Frame', actions: ['wedgeLatchLeg', 'wedgeHingeLeg', 'squareFrame', 'repairFoot', 'repairLeg'] },
  { id: 'other', title: 'In words', isAtHinges: true, actions: ['otherWork'] },
] as const satisfies readonly WorkGroup[];

export type WorkGroupId = (typeof WORK_GROUPS)[number]['id'];

/** The group that a piece of work stands in; work known by another name elsewhere stands with that. */
export function workGroup(id: ActionId): WorkGroup | undefined {
  return WORK_GROUPS.find(({ actions }) => (actions as readonly ActionId[]).includes(id));
}

/** Whether work is done at hinges, so that which has to be said. */
export function isAtHinges(id: ActionId): boolean {
  const group = workGroup(id);
  return group?.isAtHinges === true && group.whole?.includes(id) !== true;
}
