import { lazy } from 'react';
import type { PairThrow } from '@proper-swing/core/sheets';
import { benchSheet } from '../benchSheet';
import { HINGES, length, SLAB_HEIGHT } from '../fieldKinds';
import { pairSays } from './says';

export const pairSheet = benchSheet<PairThrow>({
  name: 'swing.pair',
  title: 'Pair in one plane',
  about: 'Brings the faces of a pair together at the meeting stiles.',
  basis: 'Line through three readings by least squares.',
  groups: [
    {
      title: 'Step between the faces, + when this leaf stands toward the room',
      fields: [
        length('topMm', 'At the top', { signed: true }),
        length('middleMm', 'At the middle', { signed: true }),
        length('bottomMm', 'At the foot', { signed: true }),
      ],
    },
    { title: 'The leaf', fields: [SLAB_HEIGHT, HINGES] },
  ],
  Answer: lazy(async () => ({ default: (await import('./PairAnswer')).PairAnswer })),
  says: pairSays,
});
