import { lazy } from 'react';
import type { HingesToBuy } from '@proper-swing/core/sheets';
import { benchSheet } from '../benchSheet';
import { length, MASS, SLAB_HEIGHT, SLAB_WIDTH, THICKNESS } from '../fieldKinds';
import { sizeSays } from './says';

export const sizeSheet = benchSheet<HingesToBuy>({
  name: 'hinge.size',
  title: 'Hinges to buy',
  about: 'How many, how high and how wide.',
  // The handbooks' tables are from memory.
  basis: 'Tables of door hardware handbooks; one more for a heavy leaf: common practice.',
  groups: [
    {
      title: 'The door',
      fields: [
        SLAB_WIDTH,
        SLAB_HEIGHT,
        THICKNESS,
        MASS,
        length('backsetMm', 'Backset of the leaf', { usual: 6 }),
        length('clearanceMm', 'Clear of the trim by', { usual: 25 }),
      ],
    },
  ],
  serves: ['replaceHinge'],
  Answer: lazy(async () => ({ default: (await import('./SizeAnswer')).SizeAnswer })),
  says: sizeSays,
});
