import type { MoistureJudged, MoistureState, SeasonAdvice, SeasonForecast } from '@proper-swing/core/sheets';
import { format } from 'date-fns/format';
import type { LengthWords } from '../../design/lengthWords';

export const percentWords = (percent: number) => `${percent.toFixed(1)} %`;

/** A month by its number, 1 for January. */
export const monthWords = (month: number, pattern: 'LLLL' | 'LLLLL' | 'LLL' = 'LLLL') => format(new Date(2000, month - 1, 1), pattern);

const STATE_SAYS: Readonly<Record<MoistureState, string>> = {
  rots: 'wet enough to rot: find where the water comes from',
  tooWet: 'too wet for paint, filler and glue',
  settles: 'let it lie where it is to hang for some weeks before it is fitted',
  fits: 'dry enough, and near to what it will be',
};

export const moistureSays = ({ nowPercent, thenPercent, state, widerMm }: MoistureJudged, { withUnit }: LengthWords) =>
  `${percentWords(nowPercent)} now, ${percentWords(thenPercent)} where it will hang: ${STATE_SAYS[state]}. ${withUnit(Math.abs(widerMm))} ${widerMm >= 0 ? 'wider' : 'narrower'} by then.`;

const ADVICE_SAYS: Readonly<Record<SeasonAdvice, (forecast: SeasonForecast, words: LengthWords) => string>> = {
  findWater: () => 'Do not plane: it is wetter than the air makes it. Find the water and let it dry.',
  meterFirst: ({ movesMm, backMonth }, { withUnit }) =>
    `Do not plane. The air alone moves it ${withUnit(movesMm)}, which does not make it so tight: read a meter at its bare edges, find the water, let it dry. Come back in ${monthWords(backMonth)}.`,
  leave: ({ wettest }, { withUnit }) =>
    `Leave it: ${withUnit(Math.max(0, wettest.gapMm))} at its tightest, in ${monthWords(wettest.month)}.`,
  sealWhenDry: ({ sealedMm, backInMonths, backMonth }, { withUnit }) =>
    `Do not plane. ${backInMonths === 0 ? 'Seal all six faces now, it is dry' : `Come back in ${monthWords(backMonth)} and seal all six faces`}: then ${withUnit(Math.max(0, sealedMm))} is left at its tightest.`,
  planeWhenDry: ({ planeMm, backMonth }, { withUnit }) =>
    `Do not plane it swollen. Come back in ${monthWords(backMonth)}: ${withUnit(planeMm)} off the latch edge, then seal all six faces.`,
  planeNow: ({ planeMm }, { withUnit }) => `It is dry: ${withUnit(planeMm)} off the latch edge now, then seal all six faces.`,
  tooNarrowWhenDry: ({ driest, planeMm, backInMonths, backMonth }, { withUnit }) =>
    `It moves more than the gaps allow: planed ${withUnit(planeMm)} for the wet it gapes in ${monthWords(driest.month)}. Seal it${backInMonths > 0 ? ` in ${monthWords(backMonth)}` : ''}, plane half, or change the slab.`,
};

export const seasonSays = (forecast: SeasonForecast, words: LengthWords) => ADVICE_SAYS[forecast.advice](forecast, words);
