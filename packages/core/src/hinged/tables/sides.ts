import type { Side as AnySide } from '../../model/tables';
import type { TableNames } from '../geometry/tableNames';

type SideEntry = Omit<AnySide<TableNames>, 'id'>;

export type Side = AnySide<TableNames & { side: SideId }>;

/** Limits are common practice, no source; mm. */
export const SIDES = {
  swingsItself: {
    title: 'lean across the wall',
    weights: { acrossLean: 1 },
    worked: 'acrossLean',
    min: -3.5,
    target: 0,
    max: 3.5,
    readAt: ['plumb.across'],
  },
  inPlane: {
    title: 'corner off the stop',
    weights: { twist: 1 },
    worked: 'twist',
    min: -2.8,
    target: 0,
    max: 2.8,
    readAt: ['stop.top', 'stop.bottom'],
  },
  offStop: {
    title: 'slab off its stop',
    weights: { stopGap: 1 },
    worked: 'stopGap',
    min: 0.05,
    target: 1,
    max: 2.2,
    readAt: ['stop.top', 'stop.bottom'],
  },
  clearsFloor: {
    title: 'foot gap, half open',
    weights: { heightRoom: 1, headGap: -1, drop: -1, floorRise: -1 },
    worked: 'floorRise',
    min: 1,
    target: 3,
    max: 60,
    readAt: ['foot.swing'],
  },
} as const satisfies Record<string, SideEntry>;

export type SideId = keyof typeof SIDES;

export const SIDE_IDS = Object.keys(SIDES) as SideId[];

export function side(id: SideId): Side {
  return { id, ...SIDES[id] };
}
