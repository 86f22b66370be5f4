import type { LinearRow } from '../numbers/gaussian';
import { parameterIndex, type ParameterId } from './parameters';
import type { StationId } from './stations';

/** A figure judged beside the gaps: no setting of the hinges in the wall's plane moves it much. */
export interface Side {
  title: string;
  weights: Partial<Record<ParameterId, number>>;
  /** What work on it changes. */
  worked: ParameterId;
  min: number;
  target: number;
  max: number;
  /** Judged when one of these has been read. */
  readAt: readonly StationId[];
}

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
} as const satisfies Record<string, Side>;

export type SideId = keyof typeof SIDES;

export const SIDE_IDS = Object.keys(SIDES) as SideId[];

export function side(id: SideId): Side {
  return SIDES[id];
}

/** A side as a linear row over the state. */
export function sideRow(id: SideId, size: number): LinearRow {
  const coefficients = new Float64Array(size);
  for (const [parameter, weight] of Object.entries(side(id).weights)) coefficients[parameterIndex(parameter as ParameterId)] = weight;
  return { coefficients, offset: 0 };
}
