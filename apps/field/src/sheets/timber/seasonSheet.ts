import { SAMPLE_CLIMATES, type MonthOfAir, type SeasonForecast } from '@proper-swing/core/sheets';
import { addMonths } from 'date-fns/addMonths';
import { setHours } from 'date-fns/setHours';
import { lazy } from 'react';
import { preferencesNow } from '../../offline/preferences';
import { benchSheet } from '../benchSheet';
import { choice, DONE, figure, length } from '../fieldKinds';
import { climateOf, readClimate } from './climateText';
import { TIMBER_FIELDS } from './timberFields';
import { monthWords, seasonSays } from './timberSays';

const CLIMATES = { ...Object.fromEntries(Object.entries(SAMPLE_CLIMATES).map(([id, { title }]) => [id, title])), own: 'Own' };
const MONTHS = Object.fromEntries(Array.from({ length: 12 }, (_, i) => [String(i + 1), monthWords(i + 1, 'LLL')]));

interface TypedSeason {
  climateId: string;
  ownClimate?: readonly MonthOfAir[];
  month: string;
}

/** A return in another season is in the morning. */
const MORNING = 9;
const inMonths = (months: number): Date => setHours(addMonths(new Date().setMinutes(0, 0, 0), months), MORNING);

export const timberSeasonSheet = benchSheet<SeasonForecast>({
  name: 'timber.season',
  shelf: 'jambs',
  title: 'Plane it, or wait?',
  about: 'A tight slab through the year: gaps in the wettest and driest month, whether to plane, how much, when to come back.',
  basis: 'Wood Handbook, chapters 4 and 13, through the months of your climate; how fast a slab follows the air: common practice.',
  groups: [
    {
      title: 'Today',
      fields: [
        length('gapMm', 'Latch gap now', { signed: true, hint: '− where it does not shut' }),
        figure('meterPercent', 'Meter says', '%', { isOptional: true }),
        length('leastMm', 'Least, in the wet', { usual: 1.5 }),
        length('mostMm', 'Most, in the dry', { usual: 6 }),
        choice('exposure', 'It hangs', { inside: 'Indoors', between: 'In an outside wall', outside: 'In the open' }, { usual: 'between' }),
        choice('finish', 'It is closed', { sealed: 'All six faces', edgesBare: 'Top or foot bare', bare: 'Bare' }, { usual: 'edgesBare' }),
      ],
    },
    { title: 'The slab', fields: [...TIMBER_FIELDS] },
    {
      title: 'The year here',
      fields: [
        choice('month', 'Month', MONTHS, { usual: () => String(new Date().getMonth() + 1) }),
        choice('climateId', 'Climate, samples made up', CLIMATES, { usual: () => preferencesNow().climateId }),
        {
          path: 'ownClimate',
          label: 'Own: °C/humidity of twelve months',
          kind: 'words',
          isOptional: true,
          usual: () => preferencesNow().ownClimate,
          hint: 'January first: 6/87, 6/84 … For good: Settings, the climate here',
          read: readClimate,
        },
        DONE,
      ],
    },
  ],
  serves: ['dryAndSeal'],
  isToldBeside: true,
  stations: { gapMm: 'latch.mid' },
  estimated: ['gapMm'],
  Answer: lazy(async () => ({ default: (await import('./SeasonAnswer')).SeasonAnswer })),
  says: seasonSays,
  comeBack: ({ backInMonths }) => (backInMonths === 0 ? [] : [{ at: inMonths(backInMonths), because: 'Swollen, left to dry' }]),
  shape: ({ climateId, ownClimate, month, ...rest }: TypedSeason) => ({
    ...rest,
    month: Number(month),
    climate: climateOf(climateId, ownClimate) ?? [],
  }),
  fieldOf: (field) => (/^climate/.test(field) ? 'ownClimate' : undefined),
});
