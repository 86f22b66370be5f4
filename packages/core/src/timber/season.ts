import { widthChange, type SlabOfTimber } from './slabBuilds';
import type { MonthOfAir } from './climate';
import { settledYear, yearFrom, type SlabInAir } from './yearOfMoisture';

/** A slab that is tight or loose today, and the year it lives in; lengths in mm, moisture in % of the dry mass. */
export interface SlabInSeason extends SlabOfTimber, SlabInAir {
  /** January first. */
  climate: readonly MonthOfAir[];
  /** 1 is January. */
  month: number;
  /** What a meter says; else what the climate makes of it. */
  meterPercent?: number;
  /** Gap at the latch side now; negative is by how much it is too wide to shut. */
  gapMm: number;
  /** Least gap in the wettest month and most in the driest. */
  leastMm: number;
  mostMm: number;
}

export interface MonthOfSlab {
  month: number;
  percent: number;
  gapMm: number;
}

export const SEASON_ADVICE = ['findWater', 'meterFirst', 'leave', 'sealWhenDry', 'planeWhenDry', 'planeNow', 'tooNarrowWhenDry'] as const;
export type SeasonAdvice = (typeof SEASON_ADVICE)[number];

export interface SeasonForecast {
  nowPercent: number;
  /** The twelve months that follow, the next first. */
  months: MonthOfSlab[];
  wettest: MonthOfSlab;
  driest: MonthOfSlab;
  /** Change of width for each % and between wettest and driest. */
  perPercentMm: number;
  movesMm: number;
  /** How far a gap may be off the forecast, one standard deviation. */
  doubtMm: number;
  advice: SeasonAdvice;
  /** Timber to come off at the latch edge, once it may. */
  planeMm: number;
  /** Gap in the wettest month of a slab that was sealed on all faces first. */
  sealedMm: number;
  /** Gap in the driest month after the plane. */
  thenDriestMm: number;
  /** When to come back, in months from now, and which month that is; nought where nobody need. */
  backInMonths: number;
  backMonth: number;
}

/** A coefficient is true of a species within a fifth, the moisture of a slab within one %: one standard deviation each (common practice, no source). */
const COEFFICIENT_DOUBT = 0.2;
const PERCENT_DOUBT = 1;
/** Wetter than the air makes it by this: water comes from elsewhere, % (common practice, no source). */
const WATER_FROM_PERCENT = 4;
/** A slab is in its dry season in the lowest third of its range (common practice, no source). */
const DRY_SHARE = 1 / 3;
/** Less is not worth a plane, mm. */
const WORTH_MM = 0.3;

interface Case {
  isWet: boolean;
  isDry: boolean;
  /** Without a meter: tighter than the air alone makes a slab that once had its gap. */
  isUnexplained: boolean;
  needMm: number;
  needSealedMm: number;
  dryAfterMm: number;
  mostMm: number;
}

/** What is advised: the first that holds. */
const RULES: readonly { advice: SeasonAdvice; holds: (of: Case) => boolean }[] = [
  { advice: 'findWater', holds: ({ isWet }) => isWet },
  { advice: 'meterFirst', holds: ({ isUnexplained, isDry }) => isUnexplained && !isDry },
  { advice: 'leave', holds: ({ needMm }) => needMm < WORTH_MM },
  { advice: 'sealWhenDry', holds: ({ needSealedMm }) => needSealedMm < WORTH_MM },
  { advice: 'tooNarrowWhenDry', holds: ({ dryAfterMm, mostMm }) => dryAfterMm > mostMm },
  { advice: 'planeNow', holds: ({ isDry }) => isDry },
  { advice: 'planeWhenDry', holds: () => true },
];

/** Forecasts the latch gap through the year and says whether to plane, how much, and when to come back. */
export function forecastSeason(slab: SlabInSeason): SeasonForecast {
  const { climate, month, meterPercent, gapMm, leastMm, mostMm } = slab;
  const settled = settledYear(climate, slab);
  const byAir = settled[month - 1] ?? 0;
  const nowPercent = meterPercent ?? byAir;
  const gapAt = (percent: number) => gapMm - widthChange(slab, percent - nowPercent);
  const months = yearFrom(climate, slab, month, nowPercent).map((percent, i): MonthOfSlab => ({
    ...{ month: ((month + i) % 12) + 1, percent, gapMm: gapAt(percent) },
  }));
  const at = (percent: number) => months.find((each) => each.percent === percent) as MonthOfSlab;
  const wettest = at(Math.max(...months.map(({ percent }) => percent)));
  const driest = at(Math.min(...months.map(({ percent }) => percent)));
  const perPercentMm = widthChange(slab, 1);
  const movesMm = widthChange(slab, wettest.percent - driest.percent);
  const doubtMm = Math.hypot(COEFFICIENT_DOUBT * movesMm, perPercentMm * PERCENT_DOUBT);
  const sealed = settledYear(climate, { ...slab, finish: 'sealed' });
  // It is sealed when it is dry, and from then on follows the air more slowly.
  const sealedMm = gapAt(Math.max(...sealed));
  const tightest = Math.min(gapMm, wettest.gapMm);
  const needMm = leastMm - tightest;
  const planeSealedMm = Math.max(0, leastMm - sealedMm);
  const dryLine = driest.percent + DRY_SHARE * (wettest.percent - driest.percent);
  const isDry = nowPercent <= dryLine;
  const isWet = meterPercent !== undefined && meterPercent > byAir + WATER_FROM_PERCENT;
  const isUnexplained = meterPercent === undefined && driest.gapMm + doubtMm < leastMm;
  const known = { isWet, isDry, isUnexplained, needMm, needSealedMm: planeSealedMm, dryAfterMm: driest.gapMm + planeSealedMm, mostMm };
  const advice = RULES.find(({ holds }) => holds(known))?.advice ?? 'planeWhenDry';
  const waits = advice === 'findWater' || (advice !== 'leave' && !isDry);
  const back = waits ? months.findIndex(({ percent }) => percent <= dryLine) + 1 : 0;
  const planes = advice === 'planeNow' || advice === 'planeWhenDry' || advice === 'tooNarrowWhenDry';
  const planeMm = planes ? planeSealedMm : 0;
  return {
    ...{ nowPercent, months, wettest, driest, perPercentMm, movesMm, doubtMm, advice, planeMm, sealedMm },
    thenDriestMm: driest.gapMm + planeMm,
    backInMonths: back,
    backMonth: back === 0 ? month : ((month - 1 + back) % 12) + 1,
  };
}
