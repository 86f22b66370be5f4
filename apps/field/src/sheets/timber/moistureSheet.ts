import type { MoistureJudged } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet } from '../benchSheet';
import { figure } from '../fieldKinds';
import { TIMBER_FIELDS } from './timberFields';
import { moistureSays } from './timberSays';

export const timberMoistureSheet = benchSheet<MoistureJudged>({
  name: 'timber.moisture',
  doors: 'every',
  shelf: 'jambs',
  title: 'How wet is the timber?',
  about: 'Moisture from the air or a meter: fit to paint and to hang, and how much wider or narrower it gets.',
  basis: 'Wood Handbook, USDA Forest Products Laboratory, chapters 4 and 13; rot from 20 %.',
  groups: [
    {
      title: 'Where it is, where it will hang',
      fields: [
        figure('celsius', 'Here, temperature', '°C', { usual: '12', signed: true }),
        figure('humidity', 'Here, humidity', '%', { usual: '75' }),
        figure('toCelsius', 'There, temperature', '°C', { usual: '20', signed: true }),
        figure('toHumidity', 'There, humidity', '%', { usual: '50' }),
        figure('meterPercent', 'Meter says', '%', { isOptional: true }),
      ],
    },
    { title: 'The slab', fields: [...TIMBER_FIELDS] },
  ],
  Answer: lazy(async () => ({ default: (await import('./MoistureAnswer')).MoistureAnswer })),
  says: moistureSays,
});
