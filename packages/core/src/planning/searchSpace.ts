import type { Action } from '../model/action';
import type { PlaceLine } from '../model/tables';
import type { PlaningLine } from '../model/planingLine';
import type { GapBoard, Guard } from './board';

/** Work that sets the slab, with what it does to the board. */
export interface Setting {
  action: Action;
  /** Index of the place that is set; `whole` for what moves all of the slab. */
  where: number | 'whole';
  amount: number;
  /** At the place, mm; nought for what moves the slab whole. */
  shiftMm: number;
  changes: Float64Array;
  price: number;
}

/** A way to bring the strike to a bolt that is off. */
export interface StrikeChoice {
  action: Action;
  upToMm: number;
  price: number;
}

/** A setting of which a plan must have one, when the cause is cured there; at that place, if one is named. */
export interface RequiredSetting {
  action: string;
  place?: number;
}

export interface SearchSpace {
  board: GapBoard;
  start: Float64Array;
  /** For each place, and for the slab as a whole, what may be done there; at most one is. */
  settings: readonly (readonly Setting[])[];
  mustUse: readonly RequiredSetting[];
  planes: readonly { action: Action; price: number }[];
  strikes: readonly StrikeChoice[];
  line: Pick<PlaceLine, 'misfit'>;
  /** How far each place is off the line already, from work done before, mm. */
  misfitNow: readonly number[];
  guard: Guard;
  misfitAllowedMm: number;
}

export interface FoundPlan {
  settings: readonly Setting[];
  planed: readonly PlaningLine[];
  strike?: { choice: StrikeChoice; mm: number };
  gaps: Float64Array;
  misfit: readonly number[];
  /** mm outside the limits in all, places off their line included; 0 when the plan makes the door true. */
  outside: number;
  price: number;
  /** Found by a search that was not carried to its end: there may be better. */
  isCutShort?: true;
}

/** A figure inside its limit but within the guard is worth this many minutes a millimetre to clear. */
export const GUARD_PRICE = 60;
/** A figure left outside its limit is worth this many minutes a millimetre: more than any cut that cures it. */
export const OUTSIDE_PRICE = 200;
/** mm outside that no gauge shows. */
export const SEEN_FROM_MM = 0.005;

/** Whether a plan leaves the door outside its profile by more than can be seen. */
export const leavesOutside = ({ outside }: FoundPlan) => outside > SEEN_FROM_MM;

/** The places that settings have moved; what moves the slab whole leaves them on their line. */
export function movedPlaces(settings: readonly Setting[]): { place: number; shiftMm: number }[] {
  return settings.flatMap(({ where, shiftMm }) => (where === 'whole' ? [] : [{ place: where, shiftMm }]));
}
