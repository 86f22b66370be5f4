import { DomainError } from '../errors';
import { withOwnLimits, type OwnLimits } from './ownLimits';
import { toleranceProfile, type ProfileId, type ToleranceProfile } from './profiles';

export type HingeKind = 'butt' | 'ballBearing' | 'cast' | 'adjustable';
export type SlabKind = 'solidTimber' | 'framed' | 'hollowCore' | 'composite' | 'steel' | 'glazed';
export type HingeName = 'top' | 'upper' | 'middle' | 'lower' | 'bottom';

/** A hinged door as the engine sees it; lengths in millimetres. */
export interface HingedDoor {
  slabWidthMm: number;
  slabHeightMm: number;
  /** Hinge centres below the top of the slab, from the top down; two to four. */
  hingeHeightsMm: readonly number[];
  hingeKind: HingeKind;
  slabKind: SlabKind;
  fireRated: boolean;
  profile: ProfileId;
  /** Limits of this one door, in place of the profile's. */
  ownLimits?: OwnLimits | null | undefined;
}

/** A hinge by its name and its place f down the hinge edge, 0 at the top and 1 at the foot. */
export interface PlacedHinge {
  name: HingeName;
  f: number;
}

const HINGE_NAMES: Readonly<Record<number, readonly HingeName[]>> = {
  2: ['top', 'bottom'],
  3: ['top', 'middle', 'bottom'],
  4: ['top', 'upper', 'lower', 'bottom'],
};

/**
 * The hinges of a door from the top down.
 *
 * @throws DomainError `door.hinges` when there are not two to four, in order, within the slab
 */
export function placeHinges(door: HingedDoor): PlacedHinge[] {
  const names = HINGE_NAMES[door.hingeHeightsMm.length];
  if (names === undefined) {
    throw new DomainError('door.hinges', 'door.hingeHeightsMm', 'A door needs two to four hinge heights.');
  }
  return names.map((name, i) => {
    const height = door.hingeHeightsMm[i] ?? 0;
    const above = i === 0 ? 0 : (door.hingeHeightsMm[i - 1] ?? 0);
    if (!(height > above && height < door.slabHeightMm)) {
      throw new DomainError('door.hinges', `door.hingeHeightsMm[${i}]`, 'Hinge heights run from the top down, inside the slab.');
    }
    return { name, f: height / door.slabHeightMm };
  });
}

/** Height over width: how much more the side gaps turn than the head. */
export function slenderness(door: HingedDoor): number {
  return door.slabHeightMm / door.slabWidthMm;
}

/** Where hinges sit when nobody has measured them: 6 in down, 10 in up, the third midway (common practice, no source). */
export function usualHingeHeights(slabHeightMm: number, count: 2 | 3 | 4): number[] {
  const top = 6 * 25.4;
  const bottom = slabHeightMm - 10 * 25.4;
  return Array.from({ length: count }, (_, i) => Math.round(top + ((bottom - top) * i) / (count - 1)));
}

/** What the gaps of a door are judged by: its profile, or its own limits where it has them. */
export function profileOf({ profile, ownLimits }: Pick<HingedDoor, 'profile' | 'ownLimits'>): ToleranceProfile {
  const usual = toleranceProfile(profile);
  return ownLimits ? withOwnLimits(usual, ownLimits) : usual;
}
