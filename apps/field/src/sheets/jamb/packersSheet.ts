import type { MadeStacks } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet } from '../benchSheet';
import { figure, length } from '../fieldKinds';
import { inKinds, packerKinds, PACKERS } from './jambFields';
import { packersSays } from './jambSays';

interface TypedPackers {
  thicknessesMm: readonly number[];
  counts?: readonly number[];
  sparePercent: number;
}

export const jambPackersSheet = benchSheet<MadeStacks>({
  name: 'jamb.packers',
  shelf: 'jambs',
  title: 'Packers',
  about: 'The fewest pieces for every stack, from what the van holds, and what to take along.',
  basis: 'No stack of more than eight pieces: pack that out with timber. Common practice.',
  groups: [
    { title: 'Stacks', fields: [{ path: 'stacksMm', label: 'How thick each is to be', kind: 'lengths', hint: '7, 7, 8, 11' }] },
    {
      title: 'In the van',
      fields: [...PACKERS, length('withinMm', 'Exact within', { usual: 0.2 }), figure('sparePercent', 'Spares', '%', { usual: '20' })],
    },
  ],
  Answer: lazy(async () => ({ default: (await import('./PackersAnswer')).PackersAnswer })),
  says: packersSays,
  shape: ({ thicknessesMm, counts, sparePercent, ...rest }: TypedPackers) => ({
    ...rest,
    spareShare: sparePercent / 100,
    kinds: packerKinds(thicknessesMm, counts),
  }),
  fieldOf: (field) => (field === 'spareShare' ? 'sparePercent' : inKinds(field)),
});
