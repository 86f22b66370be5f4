import type { Moves } from '../../model/moves';
import type { Side as AnySide } from '../../model/tables';
import type { TableNames } from '../geometry/tableNames';
import type { FindingId } from './findings';

/**
 * The lean that a door half open feels, mm over its height, + opens: top toward the room opens it, top toward the latch, which
 * a slab that hangs down at its latch edge has, closes it; at 45° alike (`swing/swingForces`).
 */
export const SWING_LEAN: Moves<TableNames> = { acrossLean: 1, drop: { times: -1, of: 'r' } };

type SideEntry = Omit<AnySide<TableNames & { finding: FindingId }>, 'id'>;

export type Side = AnySide<TableNames & { side: SideId; finding: FindingId }>;

/** Limits are common practice, no source; mm. */
export const SIDES = {
  swingsItself: {
    title: 'lean of the hinge line',
    weights: SWING_LEAN,
    worked: 'acrossLean',
    min: -3.5,
    target: 0,
    max: 3.5,
    readAt: ['plumb.across'],
    readAlso: ['plumb.hinge'],
    toldBy: [
      { finding: 'halfOpen', answers: ['opens', 'closes', 'creeps'] },
      { finding: 'complaint', answers: ['swingsItself'] },
    ],
    clearedBy: [{ finding: 'halfOpen', answers: ['stays'] }],
  },
  inPlane: {
    title: 'corner off the stop',
    weights: { twist: 1 },
    worked: 'twist',
    min: -2.8,
    target: 0,
    max: 2.8,
    readAt: ['stop.top', 'stop.bottom'],
    toldBy: [{ finding: 'firstContact', answers: ['corner'] }],
    clearedBy: [{ finding: 'latch', answers: ['alone'] }],
  },
  offStop: {
    title: 'slab off its stop',
    weights: { stopGap: 1 },
    worked: 'stopGap',
    min: 0.05,
    target: 1,
    max: 2.2,
    readAt: ['stop.top', 'stop.bottom'],
    toldBy: [
      { finding: 'latch', answers: ['rattles'] },
      { finding: 'complaint', answers: ['rattles'] },
    ],
    clearedBy: [{ finding: 'latch', answers: ['alone'] }],
  },
  clearsFloor: {
    title: 'foot gap, half open',
    weights: { heightRoom: 1, headGap: -1, drop: -1, floorRise: -1 },
    worked: 'floorRise',
    cutAt: { edge: 'foot', f: 1 },
    min: 1,
    target: 3,
    max: 60,
    readAt: ['foot.swing'],
    toldBy: [
      { finding: 'floorDrag', answers: ['partWay'] },
      { finding: 'complaint', answers: ['dragsFloor'] },
    ],
    clearedBy: [{ finding: 'floorDrag', answers: ['free'] }],
  },
} as const satisfies Record<string, SideEntry>;

export type SideId = keyof typeof SIDES;

export const SIDE_IDS = Object.keys(SIDES) as SideId[];

export function side(id: SideId): Side {
  return { id, ...SIDES[id] };
}
