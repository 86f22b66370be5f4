import { lazy } from 'react';
import type { Twist } from '@proper-swing/core/sheets';
import { benchSheet, workInMm } from '../benchSheet';
import { HINGES, length, SLAB_HEIGHT } from '../fieldKinds';
import { twistSays } from './says';

export const twistSheet = benchSheet<Twist>({
  name: 'swing.twist',
  title: 'Slab against stop',
  about: 'One corner touches first: throw a hinge, move the stop, or replace.',
  // The warp limit, a quarter inch, is from memory.
  basis: ({ withUnit }) => `Plane geometry; warp limit ${withUnit(6.35)}, ANSI/WDMA I.S.1A; half at the hinge: common practice.`,
  groups: [
    {
      title: 'Slab to stop at the latch side',
      fields: [
        length('stopTopMm', 'At the top', {}),
        length('stopBottomMm', 'At the foot', {}),
        length('wantedMm', 'Wanted', { usual: 0, hint: 'For a seal' }),
      ],
    },
    {
      title: 'Both legs across the wall',
      fields: [
        length('hingeAcrossMm', 'Hinge leg', { isOptional: true, signed: true, hint: '+ into the room' }),
        length('latchAcrossMm', 'Latch leg', { isOptional: true, signed: true, hint: '+ into the room' }),
      ],
    },
    { title: 'The door', fields: [SLAB_HEIGHT, HINGES] },
  ],
  serves: ['moveStop', 'throwForTwist'],
  stations: { stopTopMm: 'stop.top', stopBottomMm: 'stop.bottom', hingeAcrossMm: 'plumb.across' },
  Answer: lazy(async () => ({ default: (await import('./TwistAnswer')).TwistAnswer })),
  says: twistSays,
  work: ({ remedies }) =>
    remedies.flatMap(({ id, throws, stopMove }) => [
      ...(id === 'throwHinge' && throws
        ? [workInMm('throwForTwist', throws.hinge, throws.mm, `${throws.hinge === 'top' ? 'Top' : 'Bottom'} hinge thrown`)]
        : []),
      ...(id === 'moveStop' && stopMove
        ? [workInMm('moveStop', null, Math.max(Math.abs(stopMove.topMm), Math.abs(stopMove.bottomMm)), 'Stop moved')]
        : []),
    ]),
});
