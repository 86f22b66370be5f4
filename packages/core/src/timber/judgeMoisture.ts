import { DRY_ENOUGH_PERCENT, equilibriumMoisture, ROT_FROM_PERCENT } from './moisture';
import { widthChange, type SlabOfTimber } from './slabBuilds';

/** Timber where it is now, and the air it is to hang in. */
export interface TimberToJudge extends SlabOfTimber {
  celsius: number;
  humidity: number;
  meterPercent?: number;
  toCelsius: number;
  toHumidity: number;
}

export const MOISTURE_STATES = ['rots', 'tooWet', 'settles', 'fits'] as const;
export type MoistureState = (typeof MOISTURE_STATES)[number];

export interface MoistureJudged {
  byAirPercent: number;
  nowPercent: number;
  thenPercent: number;
  state: MoistureState;
  /** How much wider it will be; negative is narrower. */
  widerMm: number;
  perPercentMm: number;
}

/** Further apart than this, stock waits where it is to hang, % (common practice, no source). */
const SETTLES_FROM_PERCENT = 2;

const RULES: readonly { state: MoistureState; holds: (now: number, then: number) => boolean }[] = [
  { state: 'rots', holds: (now) => now > ROT_FROM_PERCENT },
  { state: 'tooWet', holds: (now) => now > DRY_ENOUGH_PERCENT },
  { state: 'settles', holds: (now, then) => Math.abs(now - then) > SETTLES_FROM_PERCENT },
  { state: 'fits', holds: () => true },
];

/** How wet timber is, whether it may be painted and fitted, and what its width does where it is to hang. */
export function judgeMoisture({ celsius, humidity, meterPercent, toCelsius, toHumidity, ...slab }: TimberToJudge): MoistureJudged {
  const byAirPercent = equilibriumMoisture(celsius, humidity);
  const nowPercent = meterPercent ?? byAirPercent;
  const thenPercent = equilibriumMoisture(toCelsius, toHumidity);
  const state = RULES.find(({ holds }) => holds(nowPercent, thenPercent))?.state ?? 'fits';
  return {
    ...{ byAirPercent, nowPercent, thenPercent, state },
    widerMm: widthChange(slab, thenPercent - nowPercent),
    perPercentMm: widthChange(slab, 1),
  };
}
