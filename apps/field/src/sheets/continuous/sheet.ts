import { lazy } from 'react';
import type { FittingSheet } from '@proper-swing/core/sheets';
import { benchSheet, workOnce } from '../benchSheet';
import { length } from '../fieldKinds';
import { continuousSays } from './says';

export const continuousSheet = benchSheet<FittingSheet>({
  name: 'hinge.continuous',
  title: 'Full-height hinge',
  about: 'Fitting sheet for a worn door: trim, packers, first screws.',
  basis: ({ withUnit }) =>
    `Gaps ${withUnit(3.175)}, settling ${withUnit(1.5875)}, bearing ${withUnit(22.225)}: common practice. The hinge’s own sheet decides.`,
  groups: [
    {
      title: 'Opening and slab',
      fields: [
        { path: 'openingWidthsMm', label: 'Width at top, middle, foot', kind: 'lengths', hint: 'Three, a comma between' },
        { path: 'openingHeightsMm', label: 'Height at hinge, latch side', kind: 'lengths', hint: 'Two, a comma between' },
        length('slabWidthMm', 'Slab width'),
        length('slabHeightMm', 'Slab height'),
      ],
    },
    {
      title: 'The hinge',
      fields: [
        length('hingeLengthMm', 'Hinge length', { usual: 2108 }),
        length('hingeTakesMm', 'Hinge takes', { usual: 8, hint: 'From its sheet' }),
        length('frameLeafMm', 'Leaf on frame', { usual: 45 }),
        length('frameFaceMm', 'Frame to lie on', { usual: 50 }),
        length('footWantedMm', 'Foot gap wanted', { usual: 10 }),
      ],
    },
  ],
  serves: ['replaceHinge', 'fitFullHeight'],
  Answer: lazy(async () => ({ default: (await import('./ContinuousAnswer')).ContinuousAnswer })),
  says: continuousSays,
  work: () => [workOnce('fitFullHeight', null, 'Full-height hinge fitted')],
});
