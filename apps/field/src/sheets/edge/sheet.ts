import { lazy } from 'react';
import type { EdgeClearance } from '@proper-swing/core/sheets';
import { benchSheet } from '../benchSheet';
import { length, SLAB_WIDTH, THICKNESS } from '../fieldKinds';
import { edgeSays } from './says';

export const edgeSheet = benchSheet<EdgeClearance>({
  name: 'swing.edge',
  title: 'Closing edge',
  about: 'Whether the edge passes its leg, the least gap and bevel, and how far it opens.',
  basis: 'Plane geometry; usual bevel 1/8 in in 2 in, door handbooks (from memory).',
  groups: [
    {
      title: 'The edge',
      fields: [
        SLAB_WIDTH,
        THICKNESS,
        length('latchGapMm', 'Latch gap', { usual: 3 }),
        length('bevelMm', 'Bevel as planed', { isOptional: true }),
        length('wantedMm', 'To keep clear', { usual: 1 }),
        length('legProudMm', 'Leg stands proud', { isOptional: true, signed: true, hint: '− set back' }),
      ],
    },
    {
      title: 'The pin',
      fields: [
        length('pinBehindMm', 'Behind hinge edge', { usual: 1.5, signed: true }),
        length('pinProudMm', 'In front of face', { usual: 6, signed: true }),
      ],
    },
    {
      title: 'Stop beside the hinges',
      fields: [
        length('stop.gapMm', 'Slab to stop', { isOptional: true }),
        length('stop.widthMm', 'Stop comes over by', { needs: 'stop.gapMm', usual: 12 }),
        length('stop.hingeGapMm', 'Hinge gap', { needs: 'stop.gapMm', usual: 2 }),
      ],
    },
    {
      title: 'Trim beside the hinges',
      fields: [
        length('trim.proudMm', 'Stands out', { isOptional: true }),
        length('trim.setBackMm', 'Set back from edge', { needs: 'trim.proudMm', usual: 6 }),
        length('trim.hingeGapMm', 'Hinge gap', { needs: 'trim.proudMm', usual: 2 }),
      ],
    },
  ],
  serves: ['planeLatch'],
  stations: { latchGapMm: 'latch.mid' },
  estimated: ['latchGapMm'],
  Answer: lazy(async () => ({ default: (await import('./EdgeAnswer')).EdgeAnswer })),
  says: edgeSays,
});
