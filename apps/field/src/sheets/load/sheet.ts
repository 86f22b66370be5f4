import { lazy } from 'react';
import { wood, WOOD_IDS } from '@proper-swing/core/load/wood';
import type { HingeLoads } from '@proper-swing/core/sheets';
import { benchSheet, workOnce } from '../benchSheet';
import { figure, HINGES, length, MASS, SLAB_HEIGHT, SLAB_WIDTH } from '../fieldKinds';
import { loadSays } from './says';

const WOODS = WOOD_IDS.map((id) => ({ id, label: wood(id).title }));

export const loadSheet = benchSheet<HingeLoads>({
  name: 'hinge.load',
  title: 'Hinge load and screws',
  about: 'The pull on each hinge, and what one long screw is worth.',
  basis: 'Statics; National Design Specification for Wood Construction, withdrawal of wood screws, W = 2850·G²·D.',
  groups: [
    { title: 'The door', fields: [SLAB_WIDTH, SLAB_HEIGHT, MASS, HINGES] },
    {
      title: 'Screws',
      fields: [
        figure('short.count', 'In the leaf', 'screws', { usual: '3' }),
        figure('short.number', 'Their number', 'no.', { usual: '9' }),
        length('short.lengthMm', 'Their length', { usual: 19 }),
        figure('long.number', 'Long one, number', 'no.', { usual: '9' }),
        length('long.lengthMm', 'Long one, length', { usual: 76 }),
        length('leafMm', 'Leaf', { usual: 2.5 }),
      ],
    },
    {
      title: 'Behind the leaf',
      fields: [
        length('behind.jambMm', 'Jamb', { usual: 19 }),
        length('behind.spaceMm', 'Packers or air', { usual: 12 }),
        { path: 'behind.jambWood', label: 'Jamb is', kind: 'choice', options: WOODS, usual: 'sprucePineFir' },
        { path: 'behind.framingWood', label: 'Framing is', kind: 'choice', options: WOODS, usual: 'sprucePineFir' },
      ],
    },
  ],
  serves: ['tighten', 'fillHoles', 'longScrew', 'longScrewBottom'],
  Answer: lazy(async () => ({ default: (await import('./LoadAnswer')).LoadAnswer })),
  says: loadSays,
  work: ({ withLong }) => (withLong.framingN > 0 ? [workOnce('longScrew', 'top', 'Long screw driven at the top hinge')] : []),
});
