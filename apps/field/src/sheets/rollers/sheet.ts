import { lazy } from 'react';
import { DEMO_CATALOGUE, type RollerMatch } from '@proper-swing/core/sheets';
import { ROLLING } from '@proper-swing/core/sliding/card/panel';
import { benchSheet } from '../benchSheet';
import { choice, length } from '../fieldKinds';
import { rollersSay } from './says';

export const rollersSheet = benchSheet<RollerMatch>({
  name: 'sliding.rollers',
  doors: 'sliding',
  panels: ROLLING,
  title: 'Roller match',
  about: 'Rollers look alike. Measure the old one, and see which of the catalogue is it, and what differs.',
  basis: 'Each difference in units of what it may be: wheel 0.5 mm, axle 0.3, housing 0.5 to 1: common practice.',
  groups: [
    {
      title: 'The old roller',
      fields: [
        length('measured.wheelMm', '1 · Wheel across'),
        length('measured.treadMm', '2 · Wheel width', { isOptional: true }),
        length('measured.axleMm', '3 · Axle', { isOptional: true }),
        length('measured.lengthMm', '4 · Housing length'),
        length('measured.widthMm', '5 · Housing width', { isOptional: true }),
        length('measured.heightMm', '6 · Height over all', { isOptional: true }),
        length('measured.screwMm', '7 · End to screw', { isOptional: true }),
        choice('measured.groove', 'Rim of the wheel', { grooved: 'Grooved', flat: 'Flat', ridged: 'Ridge' }, { isOptional: true }),
        { path: 'catalogue', label: 'Catalogue', kind: 'filled', isOptional: true, read: (text) => JSON.parse(text) as unknown },
      ],
    },
  ],
  serves: ['replaceRollers'],
  Helper: lazy(async () => ({ default: (await import('./RollerHelper')).RollerHelper })),
  Answer: lazy(async () => ({ default: (await import('./RollersAnswer')).RollersAnswer })),
  says: rollersSay,
  shape: ({ measured = {}, catalogue = DEMO_CATALOGUE }: { measured?: object; catalogue?: unknown }) => ({ measured, catalogue }),
  fieldOf: (field) => (field === 'measured' ? 'measured.wheelMm' : undefined),
});
