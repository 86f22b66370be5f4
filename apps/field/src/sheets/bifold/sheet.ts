import { lazy } from 'react';
import type { BifoldSheet } from '@proper-swing/core/sheets';
import { benchSheet } from '../benchSheet';
import { choice, length } from '../fieldKinds';
import { bifoldSays } from './says';

export const bifoldSheet = benchSheet<BifoldSheet>({
  name: 'sliding.bifold',
  doors: 'sliding',
  panels: ['bifold'],
  title: 'Bifold door',
  about: 'Leaves for the opening, how high the pivot stands, where its top goes, and whether the corners hold it.',
  basis: (words) =>
    `The narrowest place and the lower side decide. Pivots in ${words.withUnit(25)} of solid wood, guide play ${words.bare(0.5)} to ${words.withUnit(3)}: common practice.`,
  groups: [
    {
      title: 'The opening',
      fields: [
        { path: 'widthsMm', label: 'Leg to leg', kind: 'lengths', hint: 'Top, middle, foot, a comma between' },
        length('heightAtPivotMm', 'Height at pivot'),
        length('heightAtGuideMm', 'Height at other side'),
        choice('leaves', 'Leaves', { '2': 'Two', '4': 'Four' }, { usual: '2' }),
      ],
    },
    {
      title: 'The leaves as they are',
      fields: [
        length('leafWidthMm', 'Width', { isOptional: true }),
        length('leafHeightMm', 'Height', { isOptional: true }),
        length('solidRailMm', 'Solid rail', { isOptional: true }),
      ],
    },
    {
      title: 'Hung',
      fields: [
        length('jambTopMm', 'Pivot jamb, top', { isOptional: true }),
        length('jambFootMm', 'Pivot jamb, foot', { isOptional: true }),
        length('guidePlayMm', 'Play of the guide', { isOptional: true }),
      ],
    },
    {
      title: 'Gaps wanted',
      fields: [
        length('sideGapMm', 'Each leg', { usual: 3 }),
        length('leafGapMm', 'Between leaves', { usual: 2 }),
        length('topGapMm', 'Under the track', { usual: 6 }),
        length('floorGapMm', 'Over the floor', { usual: 10 }),
      ],
    },
  ],
  serves: ['turnPivot', 'setTopPivot', 'reblockPivot'],
  Answer: lazy(async () => ({ default: (await import('./BifoldAnswer')).BifoldAnswer })),
  says: bifoldSays,
  shape: ({ leaves, ...request }: { leaves: string }) => ({ ...request, leaves: Number(leaves) }),
  fieldOf: (field) => (field.startsWith('widthsMm') ? 'widthsMm' : undefined),
});
