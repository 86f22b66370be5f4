import { MM_PER_UNIT } from '../length/length';
import { BLADE_BEYOND_MM } from './cutList';
import { sum, type Sum } from './sums';
import { LEAST_BLOCK_MM, USUAL_BLOCK_MM, type FitSlabKind } from './slabKinds';

export const FLOORS = ['finished', 'toCome', 'bare'] as const;
export type Floor = (typeof FLOORS)[number];

/** A door to be shortened to its floor; lengths in mm. */
export interface DoorToShorten {
  /** Floor to head at places across the opening and along the swing, the floor as it is now. */
  heightsMm: readonly number[];
  slabHeightMm: number;
  headGapMm: number;
  clearanceMm: number;
  floor: Floor;
  /** What is still to come on the floor, where it is known. */
  comesMm?: number;
  kind: FitSlabKind;
  blockMm?: number;
  thicknessMm: number;
  /** From the edge of the saw's base to its blade. */
  sawBaseMm?: number;
}

export interface Shortening {
  lengthMm: number;
  /** Off the foot; negative is how much it is too short. */
  cutMm: number;
  /** Which height is least, from 0: the high point of the floor; and how far the floor runs off against it. */
  highPoint: number;
  runsOffMm: number;
  /** Room at its lowest place. */
  mostClearanceMm: number;
  /** Left of the solid rail of a hollow slab. */
  blockLeftMm?: number;
  mustReblock: boolean;
  /** Where the straightedge is clamped: from the FOOT, and how far the blade reaches below its base. */
  guideMm?: number;
  bladeMm: number;
  sums: Sum[];
}

/** Under a door whose floor is not laid yet is left so much: 2 in (common practice, no source), mm. */
export const BARE_FLOOR_MM = 2 * MM_PER_UNIT.in;

/** Length from head to floor, less the head gap and what the floor needs, over the floor's high point. */
export function shorten(door: DoorToShorten): Shortening {
  const { heightsMm, slabHeightMm, headGapMm, clearanceMm, floor, comesMm, kind, blockMm, thicknessMm, sawBaseMm } = door;
  const least = Math.min(...heightsMm);
  const runsOffMm = Math.max(...heightsMm) - least;
  const bottom = floor === 'bare' && comesMm === undefined ? BARE_FLOOR_MM : clearanceMm;
  const room = sum('length', least).less(headGapMm).less(bottom);
  const length = floor !== 'finished' && comesMm !== undefined ? room.less(comesMm) : room;
  const cut = sum('slabCut', slabHeightMm).less(length.gives);
  const guide = sawBaseMm === undefined || cut.gives <= 0 ? undefined : sum('guide', cut.gives).plus(sawBaseMm);
  const blockLeftMm = kind === 'hollow' ? (blockMm ?? USUAL_BLOCK_MM) - Math.max(0, cut.gives) : undefined;
  return {
    lengthMm: length.gives,
    cutMm: cut.gives,
    highPoint: heightsMm.indexOf(least),
    runsOffMm,
    mostClearanceMm: bottom + runsOffMm,
    ...(blockLeftMm !== undefined && { blockLeftMm }),
    mustReblock: blockLeftMm !== undefined && blockLeftMm < LEAST_BLOCK_MM,
    ...(guide && { guideMm: guide.gives }),
    bladeMm: thicknessMm + BLADE_BEYOND_MM,
    sums: [length.done, cut.done, ...(guide ? [guide.done] : [])],
  };
}
