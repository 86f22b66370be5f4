import { lazy } from 'react';
import type { Drift } from '@proper-swing/core/sheets';
import { benchSheet, workInMm, workOnce } from '../benchSheet';
import { choice, ACROSS, ALONG, figure, HINGES, length, MASS, SLAB_HEIGHT, SLAB_WIDTH, THICKNESS } from '../fieldKinds';
import { driftSays } from './says';

/** A hinge thrown by less is not worth undoing it, mm (common practice, no source). */
const THROW_WORTH_MM = 0.2;

export const driftSheet = benchSheet<Drift>({
  name: 'swing.drift',
  title: 'Drift',
  about: 'Why it moves by itself, where it comes to rest, and both cures side by side.',
  basis: 'Statics of a leaning hinge line; friction 0.2 and slack of pins: common practice.',
  groups: [
    {
      title: 'What was tried',
      fields: [
        choice('test.did', 'Let go, it', { stays: 'Stays', closes: 'Closes', opens: 'Opens' }, { isOptional: true }),
        figure('test.fromDeg', 'Let go at', '°', { needs: 'test.did', usual: '45' }),
        figure('test.restDeg', 'Came to rest at', '°', { needs: 'test.did', isOptional: true }),
        ACROSS,
        ALONG,
      ],
    },
    {
      title: 'The door',
      fields: [SLAB_WIDTH, SLAB_HEIGHT, THICKNESS, MASS, HINGES, figure('opensToDeg', 'Opens to', '°', { usual: '90' })],
    },
    {
      title: 'Spring balance at the latch edge',
      fields: [
        figure('pull.toOpenN', 'Just opens it', 'N', { isOptional: true }),
        figure('pull.toCloseN', 'Just closes it', 'N', { needs: 'pull.toOpenN' }),
        figure('pull.atDeg', 'Held open at', '°', { needs: 'pull.toOpenN', usual: '45' }),
      ],
    },
    {
      title: 'Slab to stop, latch side',
      fields: [
        length('stop.topMm', 'At the top', { isOptional: true }),
        length('stop.bottomMm', 'At the foot', { needs: 'stop.topMm', usual: 0 }),
      ],
    },
  ],
  serves: ['bendPin', 'throwHinge'],
  stations: { acrossMm: 'plumb.across', alongMm: 'plumb.hinge', 'stop.topMm': 'stop.top', 'stop.bottomMm': 'stop.bottom' },
  checks: { 'test.did': 'halfOpen' },
  Answer: lazy(async () => ({ default: (await import('./DriftAnswer')).DriftAnswer })),
  says: driftSays,
  work: ({ cures: { friction, geometry } }) => [
    ...friction.pins.map(({ hinge }) => workOnce('bendPin', hinge, `${hinge === 'top' ? 'Top' : 'Bottom'} pin bent`)),
    ...geometry
      .filter(({ mm }) => mm >= THROW_WORTH_MM)
      .map(({ hinge, mm }) => workInMm('throwHinge', hinge, mm, `${hinge === 'top' ? 'Top' : 'Bottom'} hinge thrown`)),
  ],
});
