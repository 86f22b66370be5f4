import { DomainError } from '../../errors';
import { MM_PER_UNIT } from '../../length/length';
import type { HingeKind, HingeName, SlabKind } from './doorKinds';
import { withOwnLimits, type OwnLimits } from './ownLimits';
import { toleranceProfile, type HingedProfile, type ProfileId } from './profiles';
import type { SchoolChoices } from './schools';

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
  /** A closer shuts it: what it does when let go says nothing of its hinges, and nothing may hold it open. */
  closer?: boolean | null | undefined;
  /** Limits of this one door, in place of the profile's. */
  ownLimits?: OwnLimits | null | undefined;
  /** Ways of working chosen for this one door. */
  schools?: SchoolChoices | null | undefined;
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

/** Schools of setting hinges: the top one so far down, the bottom one so far up, inches (common practice, no source). */
export const HINGE_LAYOUTS = {
  fiveAndNine: { label: '5 in and 9 in', down: 5, up: 9 },
  sixAndTen: { label: '6 in and 10 in', down: 6, up: 10 },
  sevenAndTen: { label: '7 in and 10 in', down: 7, up: 10 },
  sevenAndEleven: { label: '7 in and 11 in', down: 7, up: 11 },
} as const;

export type HingeLayoutId = keyof typeof HINGE_LAYOUTS;

export const HINGE_LAYOUT_IDS = Object.keys(HINGE_LAYOUTS) as HingeLayoutId[];

/** Where hinges sit when nobody has measured them: by a layout, those between at even distances, mm below the top of the slab. */
export function usualHingeHeights(slabHeightMm: number, count: 2 | 3 | 4, layout: HingeLayoutId = 'sixAndTen'): number[] {
  const { down, up } = HINGE_LAYOUTS[layout];
  const top = down * MM_PER_UNIT.in;
  const bottom = slabHeightMm - up * MM_PER_UNIT.in;
  return Array.from({ length: count }, (_, i) => Math.round(top + ((bottom - top) * i) / (count - 1)));
}

/** What the gaps of a door are judged by: its profile, or its own limits where it has them. */
export function profileOf({ profile, ownLimits }: Pick<HingedDoor, 'profile' | 'ownLimits'>): HingedProfile {
  const usual = toleranceProfile(profile);
  return ownLimits ? withOwnLimits(usual, ownLimits) : usual;
}
