import { seededRandom, type RandomStream } from '@proper-swing/core';

/** What a made-up door does over the years. */
export const YEARS_OF = ['stays', 'settles', 'season', 'wears'] as const;
export type YearsOf = (typeof YEARS_OF)[number];

export interface MadeUpVisit {
  atYears: number;
  found: Record<string, number>;
  left?: Record<string, number>;
}

const AIM: Readonly<Record<string, number>> = { 'hinge.top': 2, 'head.latch': 3, 'latch.top': 3, 'latch.mid': 3, 'latch.bottom': 3 };
const STATIONS = Object.keys(AIM);
/** What a millimetre of sag, and of width, does to each gap. */
const BY_SAG: Readonly<Record<string, number>> = {
  'hinge.top': 0.6,
  'head.latch': 0.9,
  'latch.top': -1,
  'latch.mid': -0.4,
  'latch.bottom': 0.3,
};
const BY_WIDTH: Readonly<Record<string, number>> = {
  'hinge.top': -0.1,
  'head.latch': 0,
  'latch.top': -1,
  'latch.mid': -1,
  'latch.bottom': -1,
};
const REPAIRED_FROM_MM = 1;
const GAUGE_SD_MM = 0.22;
const WANDERS_MM = 0.1;
const GAUGE_STEP_MM = 0.5;

/** Moisture of a slab through the year against its mean, %: wettest at the turn of the year. */
export const moistureOfYear = (atYears: number): number => 2.2 * Math.cos(2 * Math.PI * atYears);

/** A door visited so many times, at odd intervals, gauged in half millimetres, and set about right whenever it is a millimetre out. */
export function doorYears(what: YearsOf, visits: number, seed: number): MadeUpVisit[] {
  const random = seededRandom(seed);
  const perPercent = what === 'season' ? 0.25 + 0.35 * random.uniform() : 0;
  const perYear = what === 'settles' ? 0.7 + 1.2 * random.uniform() : 0;
  const fault = what === 'wears' ? 1.5 + 1.5 * random.uniform() : 0;
  const returns = 0.55 + 0.4 * random.uniform();
  const built = Object.fromEntries(STATIONS.map((id) => [id, (AIM[id] ?? 0) + 0.3 * random.normal()]));
  let sag = what === 'wears' ? fault : what === 'settles' ? 0.6 * random.normal() : 0;
  let at = random.uniform();
  const gap = (id: string) => (built[id] ?? 0) + (BY_WIDTH[id] ?? 0) * perPercent * moistureOfYear(at) + (BY_SAG[id] ?? 0) * sag;
  return Array.from({ length: visits }, (_, visit) => {
    const truth = Object.fromEntries(STATIONS.map((id) => [id, gap(id) + WANDERS_MM * random.normal()]));
    const found = gauge(truth, random);
    const isOut = STATIONS.some((id) => Math.abs((truth[id] ?? 0) - (AIM[id] ?? 0)) > REPAIRED_FROM_MM);
    const made: MadeUpVisit = { atYears: at, found };
    if (isOut || (visit === 0 && what !== 'stays')) {
      const share = 0.7 + 0.3 * random.uniform();
      if (what === 'settles' || what === 'wears') sag *= 1 - share;
      else
        for (const id of STATIONS)
          built[id] = (built[id] ?? 0) + ((AIM[id] ?? 0) - (truth[id] ?? 0)) * share * (what === 'season' ? 0.5 : 1);
      made.left = gauge(Object.fromEntries(STATIONS.map((id) => [id, gap(id)])), random);
    }
    const years = 0.3 + 1.1 * random.uniform();
    sag += perYear * years * (0.8 + 0.4 * random.uniform());
    sag += (fault - sag) * (fault > 0 ? returns : 0) * (1 - Math.exp(-years / (0.4 + 0.5 * random.uniform())));
    at += years;
    return made;
  });
}

const gauge = (truth: Readonly<Record<string, number>>, { normal }: RandomStream): Record<string, number> =>
  Object.fromEntries(
    Object.entries(truth).map(([id, mm]) => [id, Math.max(0, Math.round((mm + GAUGE_SD_MM * normal()) / GAUGE_STEP_MM) * GAUGE_STEP_MM)]),
  );
