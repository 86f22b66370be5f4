import type { HingedMake } from '@proper-swing/contract';
import { MM_PER_UNIT } from '@proper-swing/core';

/** A usual make of door: everything a new door needs but its place and its sizes when they differ. */
export interface DoorPreset extends Pick<
  HingedMake,
  'slabWidthMm' | 'slabHeightMm' | 'thicknessMm' | 'hingeKind' | 'slabKind' | 'fireRated' | 'profile'
> {
  id: string;
  label: string;
  hingeCount: 2 | 3 | 4;
  /** As it is sold where doors are sold in inches. */
  inInches: Pick<HingedMake, 'slabWidthMm' | 'slabHeightMm'>;
}

const inches = (width: number, height: number) => ({ slabWidthMm: width * MM_PER_UNIT.in, slabHeightMm: height * MM_PER_UNIT.in });

/** Common sizes; any of it can be corrected (common practice, no source). */
export const DOOR_PRESETS: readonly DoorPreset[] = [
  {
    id: 'interior',
    label: 'Interior, hollow',
    slabWidthMm: 762,
    slabHeightMm: 1981,
    thicknessMm: 35,
    hingeKind: 'butt',
    slabKind: 'hollowCore',
    fireRated: false,
    profile: 'interiorTimber',
    hingeCount: 2,
    inInches: inches(30, 80),
  },
  {
    id: 'solid',
    label: 'Interior, solid',
    slabWidthMm: 762,
    slabHeightMm: 1981,
    thicknessMm: 40,
    hingeKind: 'butt',
    slabKind: 'solidTimber',
    fireRated: false,
    profile: 'interiorTimber',
    hingeCount: 3,
    inInches: inches(30, 80),
  },
  {
    id: 'exterior',
    label: 'Exterior timber',
    slabWidthMm: 838,
    slabHeightMm: 1981,
    thicknessMm: 44,
    hingeKind: 'butt',
    slabKind: 'framed',
    fireRated: false,
    profile: 'exteriorTimber',
    hingeCount: 3,
    inInches: inches(36, 80),
  },
  {
    id: 'composite',
    label: 'Composite',
    slabWidthMm: 900,
    slabHeightMm: 2050,
    thicknessMm: 68,
    hingeKind: 'adjustable',
    slabKind: 'composite',
    fireRated: false,
    profile: 'compositeMultipoint',
    hingeCount: 3,
    inInches: inches(36, 80),
  },
  {
    id: 'steel',
    label: 'Steel',
    slabWidthMm: 914,
    slabHeightMm: 2134,
    thicknessMm: 44,
    hingeKind: 'ballBearing',
    slabKind: 'steel',
    fireRated: false,
    profile: 'steelFrame',
    hingeCount: 3,
    inInches: inches(36, 84),
  },
  {
    id: 'fire',
    label: 'Fire door',
    slabWidthMm: 838,
    slabHeightMm: 1981,
    thicknessMm: 44,
    hingeKind: 'ballBearing',
    slabKind: 'solidTimber',
    fireRated: true,
    profile: 'fireDoor',
    hingeCount: 3,
    inInches: inches(36, 80),
  },
];
