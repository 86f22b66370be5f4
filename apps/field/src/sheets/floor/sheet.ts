import { lazy } from 'react';
import type { FloorClearance } from '@proper-swing/core/sheets';
import { benchSheet, isWorth, workInMm } from '../benchSheet';
import { ACROSS, ALONG, figure, length, SLAB_WIDTH } from '../fieldKinds';
import { floorSays } from './says';

/** Angles at which the floor is read along the arc. */
const ARC_ANGLES = [15, 30, 45, 60, 75, 90] as const;

export const floorSheet = benchSheet<FloorClearance>({
  name: 'swing.floor',
  title: 'Floor along the arc',
  about: 'Where the foot drags, how much to raise and what is left to cut.',
  basis: 'Exact rise of a point on a leaning axis; floor straight between readings.',
  groups: [
    {
      title: 'Gaps under the latch corner',
      fields: [
        length('closedGapMm', 'Closed', {}),
        ...ARC_ANGLES.map((deg) => length(`gapAt.${deg}`, `At ${deg}°`, { isOptional: true })),
        length('headGapMm', 'Head gap', { isOptional: true, hint: 'to raise it by' }),
      ],
    },
    {
      title: 'What is wanted',
      fields: [
        length('wantedMm', 'Gap to keep', { usual: 3 }),
        length('leastHeadGapMm', 'Least head gap', { needs: 'headGapMm', usual: 2 }),
      ],
    },
    {
      title: 'Rug or strip',
      fields: [
        length('cover.thicknessMm', 'Thickness', { isOptional: true }),
        figure('cover.fromDeg', 'From', '°', { needs: 'cover.thicknessMm', usual: '20' }),
        figure('cover.toDeg', 'To', '°', { needs: 'cover.thicknessMm', usual: '90' }),
      ],
    },
    {
      title: 'The door',
      fields: [
        SLAB_WIDTH,
        figure('opensToDeg', 'Opens to', '°', { usual: '90' }),
        { ...ACROSS, isOptional: false, usual: 0 },
        { ...ALONG, isOptional: false, usual: 0 },
        length('leanOverMm', 'Read over a height of', { usual: 1981 }),
      ],
    },
  ],
  serves: ['trimFoot'],
  stations: {
    closedGapMm: 'foot.latch',
    'gapAt.45': 'foot.swing',
    headGapMm: 'head.latch',
    acrossMm: 'plumb.across',
    alongMm: 'plumb.hinge',
  },
  Answer: lazy(async () => ({ default: (await import('./FloorAnswer')).FloorAnswer })),
  says: floorSays,
  work: ({ cutMm }) => (isWorth(cutMm) ? [workInMm('trimFoot', null, cutMm, 'Foot trimmed')] : []),
  shape: ({ gapAt = {}, ...request }: { gapAt?: Readonly<Record<string, number>> }) => ({
    ...request,
    readings: ARC_ANGLES.flatMap((atDeg) => {
      const gapMm = gapAt[String(atDeg)];
      return gapMm === undefined ? [] : [{ atDeg, gapMm }];
    }),
  }),
  fieldOf: (field, request: { readings?: { atDeg: number }[] }) => {
    const reading = /^readings\[(\d+)\]/.exec(field)?.[1];
    return reading === undefined ? undefined : `gapAt.${request.readings?.[Number(reading)]?.atDeg ?? ''}`;
  },
});
