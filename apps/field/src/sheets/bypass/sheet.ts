import { lazy } from 'react';
import type { BypassSheet } from '@proper-swing/core/sheets';
import { benchSheet } from '../benchSheet';
import { choice, length } from '../fieldKinds';
import { bypassSays } from './says';

export const bypassSheet = benchSheet<BypassSheet>({
  name: 'sliding.bypass',
  doors: 'sliding',
  panels: ['bypass'],
  title: 'Bypass door',
  about: 'How far the panels overlap, where the floor guide stands, how long they are, and what brings their feet level.',
  basis: (words) =>
    `The narrowest place and the floor’s high point decide. Overlap about ${words.withUnit(25)}, guide play ${words.bare(0.75)} to ${words.withUnit(3)} each side: common practice.`,
  groups: [
    {
      title: 'The opening',
      fields: [
        { path: 'widthsMm', label: 'Leg to leg', kind: 'lengths', hint: 'Top, middle, foot, a comma between' },
        choice('panels', 'Panels', { '2': 'Two', '3': 'Three' }, { usual: '2' }),
        length('panelWidthMm', 'Width of a panel', { usual: 840 }),
      ],
    },
    {
      title: 'Where they overlap',
      fields: [
        length('stepMm', 'Front foot higher by', { isOptional: true, signed: true, hint: '+ the front one' }),
        length('higherFootMm', 'Under the higher one', { isOptional: true }),
        length('mmPerTurn', 'A turn lifts', { isOptional: true }),
      ],
    },
    {
      title: 'The floor guide',
      fields: [
        length('thicknessMm', 'Panel, thick', { isOptional: true }),
        length('guideSlotMm', 'Between its cheeks', { isOptional: true }),
      ],
    },
    {
      title: 'Length',
      fields: [
        { path: 'heightsMm', label: 'Floor to track', kind: 'lengths', isOptional: true, hint: 'Along the opening, a comma between' },
        length('hangMm', 'Track to panel', { isOptional: true, hint: 'Hangers at mid-travel' }),
        length('panelHeightMm', 'Panel as it is', { isOptional: true }),
        length('floorGapMm', 'Wanted over the floor', { usual: 10 }),
      ],
    },
  ],
  serves: ['resetHanger', 'refitGuide'],
  Answer: lazy(async () => ({ default: (await import('./BypassAnswer')).BypassAnswer })),
  says: bypassSays,
  shape: ({ panels, ...request }: { panels: string }) => ({ ...request, panels: Number(panels) }),
  fieldOf: (field) => (field.startsWith('widthsMm') ? 'widthsMm' : field.startsWith('heightsMm') ? 'heightsMm' : undefined),
});
