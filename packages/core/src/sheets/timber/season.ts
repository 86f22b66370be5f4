import { lengthMm, number, omittable } from '../../fields/field';
import { forecastSeason, SEASON_ADVICE } from '../../timber/season';
import { SAMPLE_CLIMATES } from '../../timber/climate';
import { listOf, mm, oneOf, part } from '../shapes';
import { sheet } from '../sheet';
import { exposure, finish, percent, slabOfTimber, year } from './fields';

const monthOf = part({
  month: number('Month, 1 is January', { whole: true }),
  percent: number('Moisture, %', {}),
  gapMm: mm('Latch gap'),
});

export const seasonSheet = sheet({
  name: 'timber.season',
  title: 'A slab through the year: plane it, or wait?',
  request: {
    ...slabOfTimber,
    exposure,
    finish,
    climate: year,
    month: number('Month now, 1 is January', { from: 1, to: 12, whole: true }),
    meterPercent: omittable(percent('What a meter says')),
    gapMm: lengthMm('Latch gap now; negative where it does not shut', -30, 60),
    leastMm: lengthMm('Least gap, in the wettest month', 0, 30),
    mostMm: lengthMm('Most gap, in the driest month', 0, 60),
  },
  faults: ({ leastMm, mostMm }) => (mostMm <= leastMm ? [{ field: 'mostMm', message: 'must be more than the least' }] : []),
  result: {
    nowPercent: number('Moisture now, %', {}),
    months: listOf(monthOf),
    wettest: monthOf,
    driest: monthOf,
    perPercentMm: mm('Width for each %'),
    movesMm: mm('Width between wettest and driest'),
    doubtMm: mm('A gap may be off by, one standard deviation'),
    advice: oneOf(SEASON_ADVICE),
    planeMm: mm('To come off the latch edge, once it may'),
    sealedMm: mm('Gap in the wettest month, sealed first'),
    thenDriestMm: mm('Gap in the driest month after the plane'),
    backInMonths: number('Come back in, months; nought where nobody need', { whole: true }),
    backMonth: number('Which month that is', { whole: true }),
  },
  example: {
    species: 'redOak',
    cut: 'flat',
    build: 'plank',
    slabWidthMm: 762,
    stileMm: 110,
    exposure: 'between',
    finish: 'edgesBare',
    climate: [...SAMPLE_CLIMATES.wetSummer.months],
    month: 8,
    gapMm: 0.5,
    leastMm: 2,
    mostMm: 6,
  },
  run: forecastSeason,
});
