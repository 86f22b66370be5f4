import { lazy } from 'react';
import type { Effort } from '@proper-swing/core/sheets';
import { benchSheet } from '../benchSheet';
import { choice, figure, length, PANEL_HEIGHT, PANEL_WIDTH } from '../fieldKinds';
import { effortSays } from './says';

export const effortSheet = benchSheet<Effort>({
  name: 'sliding.effort',
  doors: 'sliding',
  title: 'Pull of a panel',
  about: 'The pull against the weight: clean, adjust, lubricate or replace.',
  basis: 'Pull over weight. Glass 2.5 kg for each m² and mm (EN 572-1, from memory); ranges and order of work: common practice.',
  groups: [
    {
      title: 'The pull',
      fields: [
        figure('pullN', 'Keeps it moving', 'N', { hint: 'spring scale at the handle' }),
        figure('pullAfterN', 'After the work', 'N', { isOptional: true }),
        choice(
          'track',
          'The track is',
          { notLooked: 'Not looked at', clean: 'Clean, sound', dirty: 'Dirty', damaged: 'Damaged' },
          { usual: 'notLooked' },
        ),
        choice(
          'wheels',
          'The wheels, the worse of the two',
          { notLooked: 'Not turned', spin: 'Spin', stiff: 'Unwilling', seized: 'Do not turn', worn: 'Wobble' },
          { usual: 'notLooked' },
        ),
        { path: 'isLubricated', label: 'Lubricated already', kind: 'yes', usual: 'no' },
        length('footGapMm', 'Least gap under it', { isOptional: true }),
      ],
    },
    {
      title: 'The panel',
      fields: [
        { ...PANEL_WIDTH, path: 'panel.panelWidthMm' },
        { ...PANEL_HEIGHT, path: 'panel.panelHeightMm' },
        length('panel.glassMm', 'Glass in all', { usual: 8, hint: '4 + 4 double; 0 for a screen' }),
        figure('massKg', 'Weighed', 'kg', { isOptional: true }),
        choice('panel.frame', 'Frame', { aluminium: 'Aluminium', vinyl: 'Vinyl', timber: 'Timber' }, { usual: 'aluminium' }),
      ],
    },
    {
      title: 'Prices',
      fields: [
        figure('rollersCost', 'Two rollers', 'money', { isOptional: true }),
        figure('doorCost', 'A new door', 'money', { isOptional: true }),
      ],
    },
  ],
  serves: ['cleanTrack', 'lubricateWheels', 'replaceRollers'],
  Answer: lazy(async () => ({ default: (await import('./EffortAnswer')).EffortAnswer })),
  says: effortSays,
});
