import { airInside, type Exposure, type MonthOfAir } from './climate';
import { equilibriumMoisture } from './moisture';
import type { Build } from './slabBuilds';

/** How well a slab is closed against the air: all faces, the faces but not top and foot, or bare. */
export const FINISHES = ['sealed', 'edgesBare', 'bare'] as const;
export type Finish = (typeof FINISHES)[number];

/** Days in which a slab goes most of the way (1 − 1/e) to what the air asks for (common practice, no source). */
const SLOWNESS_DAYS: Readonly<Record<Finish, number>> = { sealed: 90, edgesBare: 45, bare: 25 };
/** Glued and pressed slabs take longer by this factor (common practice, no source). */
const SLOWER: Readonly<Record<Build, number>> = { plank: 1, framed: 1, veneered: 1.3, moulded: 0.8 };
const DAYS_A_MONTH = 365.25 / 12;
const YEARS_TO_SETTLE = 6;

export interface SlabInAir {
  exposure: Exposure;
  finish: Finish;
  build: Build;
}

/** What the air of each month asks for, %: of a door between two climates the mean of both faces. */
export function askedByAir(climate: readonly MonthOfAir[], exposure: Exposure): number[] {
  return climate.map((out) => {
    const inside = airInside(out);
    const outside = equilibriumMoisture(out.celsius, out.humidity);
    const room = equilibriumMoisture(inside.celsius, inside.humidity);
    return { inside: room, between: (room + outside) / 2, outside }[exposure];
  });
}

/** Share of the way that a slab goes in a month. */
const shareOf = ({ finish, build }: SlabInAir) => 1 - Math.exp(-DAYS_A_MONTH / (SLOWNESS_DAYS[finish] * SLOWER[build]));

/** Moisture of a slab at the end of each month of a year like all the others, January first, %. */
export function settledYear(climate: readonly MonthOfAir[], slab: SlabInAir): number[] {
  const asked = askedByAir(climate, slab.exposure);
  const share = shareOf(slab);
  let moisture = asked.reduce((sum, each) => sum + each, 0) / asked.length;
  let year: number[] = [];
  for (let turn = 0; turn < YEARS_TO_SETTLE; turn += 1) year = asked.map((air) => (moisture += (air - moisture) * share));
  return year;
}

/** Moisture in the twelve months after one, from what it is then, %: the first is the month after. */
export function yearFrom(climate: readonly MonthOfAir[], slab: SlabInAir, month: number, percent: number): number[] {
  const asked = askedByAir(climate, slab.exposure);
  const share = shareOf(slab);
  let moisture = percent;
  return Array.from({ length: 12 }, (_, i) => (moisture += ((asked[(month + i) % 12] ?? moisture) - moisture) * share));
}
