import { saturationHPa } from './moisture';

/** Weather of a month in the mean. */
export interface MonthOfAir {
  celsius: number;
  /** Relative humidity, %. */
  humidity: number;
}

/** Where a door hangs: between rooms that are heated, in the open, or with one face to either. */
export const EXPOSURES = ['inside', 'between', 'outside'] as const;
export type Exposure = (typeof EXPOSURES)[number];

/** Heated rooms: at least so warm, and so much more vapour than outdoors, hPa (common practice, no source). */
const ROOM_CELSIUS = 20;
const ROOM_VAPOUR_HPA = 4;
/** Windows are opened before the walls drip. */
const MOST_IN_ROOM = 75;

/** Air in a room that is heated, by the air outdoors. */
export function airInside({ celsius, humidity }: MonthOfAir): MonthOfAir {
  const warm = Math.max(ROOM_CELSIUS, celsius);
  const excess = celsius < ROOM_CELSIUS ? (ROOM_VAPOUR_HPA * Math.min(20, ROOM_CELSIUS - celsius)) / 20 : 0;
  const vapour = (humidity / 100) * saturationHPa(celsius) + excess;
  return { celsius: warm, humidity: Math.min(MOST_IN_ROOM, (100 * vapour) / saturationHPa(warm)) };
}

const months = (...pairs: readonly (readonly [celsius: number, humidity: number])[]): MonthOfAir[] =>
  pairs.map(([celsius, humidity]) => ({ celsius, humidity }));

/** Climates made up to try with; a workshop types its own. January first. */
export const SAMPLE_CLIMATES = {
  mildCoast: {
    title: 'Mild coast',
    months: months([6, 87], [6, 84], [8, 80], [10, 76], [13, 75], [16, 76], [18, 77], [18, 78], [16, 81], [12, 85], [9, 87], [7, 88]),
  },
  inlandCold: {
    title: 'Inland, cold winters',
    months: months([-6, 80], [-4, 76], [2, 70], [9, 62], [15, 60], [19, 64], [21, 67], [20, 70], [15, 73], [9, 76], [3, 81], [-3, 82]),
  },
  wetSummer: {
    title: 'Warm, wet summers',
    months: months([9, 62], [11, 60], [15, 60], [19, 63], [23, 71], [26, 79], [28, 83], [28, 83], [25, 80], [20, 73], [14, 67], [10, 64]),
  },
  dryPlateau: {
    title: 'Dry plateau',
    months: months([2, 60], [4, 54], [8, 47], [12, 41], [17, 37], [23, 31], [27, 30], [26, 33], [21, 38], [14, 46], [7, 55], [2, 61]),
  },
} as const satisfies Record<string, { title: string; months: readonly MonthOfAir[] }>;

export type SampleClimateId = keyof typeof SAMPLE_CLIMATES;
export const SAMPLE_CLIMATE_IDS = Object.keys(SAMPLE_CLIMATES) as SampleClimateId[];
