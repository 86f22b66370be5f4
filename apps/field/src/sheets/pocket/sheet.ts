import { lazy } from 'react';
import { POCKET_CLEARANCE_MM, type PocketSheet } from '@proper-swing/core/sheets';
import { benchSheet } from '../benchSheet';
import { length } from '../fieldKinds';
import { pocketSays } from './says';

export const pocketSheet = benchSheet<PocketSheet>({
  name: 'sliding.pocket',
  doors: 'sliding',
  panels: ['pocket'],
  title: 'Pocket door',
  about: 'Length from the floor’s high point, hanger turns, fixings too short to reach it, and the clips before closing up.',
  basis: (words) =>
    `High point of the floor to the bracket, less ${words.withUnit(POCKET_CLEARANCE_MM)}; hangers ±1/2 in from mid-travel: common practice.`,
  groups: [
    {
      title: 'Heights',
      fields: [
        {
          path: 'heightsMm',
          label: 'Floor to bracket, along the travel',
          kind: 'lengths',
          hint: 'Three or more, the pocket too; hangers at mid-travel',
        },
        length('slabHeightMm', 'Slab as it is', { isOptional: true }),
        length('solidRailMm', 'Solid rail, hollow slab', { isOptional: true }),
        { path: 'areClipsHome', label: 'Both lock clips seen home', kind: 'yes', usual: 'no' },
      ],
    },
    {
      title: 'Closing gap, hung',
      fields: [
        length('jambTopMm', 'Top', { isOptional: true }),
        length('jambFootMm', 'Foot', { isOptional: true }),
        length('panelWidthMm', 'Slab width', { usual: 762 }),
        length('mmPerTurn', 'A turn lifts', { usual: 1.25 }),
      ],
    },
    {
      title: 'Beside the pocket',
      fields: [
        length('trimMm', 'Trim', { usual: 12 }),
        length('boardMm', 'Board', { usual: 12.5 }),
        length('slatMm', 'Slat or split stud', { usual: 19 }),
      ],
    },
    { title: 'Over the floor', fields: [length('clearanceMm', 'Room to keep', { usual: POCKET_CLEARANCE_MM })] },
  ],
  serves: ['trimSlab', 'fitClip', 'shortenFixing', 'easeTrim'],
  stations: { jambTopMm: 'jamb.top', jambFootMm: 'jamb.foot' },
  Answer: lazy(async () => ({ default: (await import('./PocketAnswer')).PocketAnswer })),
  says: pocketSays,
  fieldOf: (field) => (field.startsWith('heightsMm') ? 'heightsMm' : undefined),
});
