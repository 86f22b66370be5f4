import type { DoorCourse } from './course';
import { loosenedShare, type CourseFigure, type ToldCourse } from './tellCourse';

/** When a gap is likely to leave its limits again, in years from the last visit, as a range. */
export interface DueAgain {
  station: string;
  fromYears: number;
  toYears: number;
}

export type GapLimits = Readonly<Partial<Record<string, { min: number; max: number }>>>;

/** Four of five fall between so many standard deviations. */
const RANGE_SD = 1.28;
/** Further away than this is not told. */
const TOLD_UP_TO_YEARS = 10;
const STEPS_A_YEAR = 24;

/** How far a gap has gone after so many years, by the figure of its course. */
type Went = (figure: number, years: number) => number;

/** When the first gap leaves its limits, by the course that is claimed; nothing where none does. */
export function dueAgain(door: DoorCourse, { course, figures }: ToldCourse, limits: GapLimits): DueAgain | undefined {
  if (course === undefined || course === 'stays') return undefined;
  const last = [...door.visits].sort((a, b) => a.atYears - b.atYears).at(-1);
  if (last === undefined) return undefined;
  const due = figures[course].flatMap((figure): DueAgain[] => {
    const { station } = figure;
    const limit = limits[station];
    const from = last.left?.[station] ?? last.found[station];
    if (limit === undefined || from === undefined) return [];
    const went: Went = {
      settles: (rate: number, years: number) => rate * years,
      season: (perPercent: number, years: number) => perPercent * (door.moistureAt(last.atYears + years) - door.moistureAt(last.atYears)),
      wears: (loose: number, years: number) => (loose - from) * loosenedShare(years),
    }[course];
    const times = [-RANGE_SD, 0, RANGE_SD].map((sds) => whenOut(from, limit, went, figure, sds));
    const [soonest, latest] = [Math.min(...times), Math.max(...times)];
    return Number.isFinite(times[1] ?? Infinity) ? [{ station, fromYears: soonest, toYears: Math.min(latest, TOLD_UP_TO_YEARS) }] : [];
  });
  return due.sort((a, b) => a.fromYears + a.toYears - b.fromYears - b.toYears)[0];
}

function whenOut(from: number, { min, max }: { min: number; max: number }, went: Went, { mean, sd }: CourseFigure, sds: number): number {
  for (let step = 1; step <= TOLD_UP_TO_YEARS * STEPS_A_YEAR; step += 1) {
    const years = step / STEPS_A_YEAR;
    const gap = from + went(mean + sds * sd, years);
    if (gap < min || gap > max) return years;
  }
  return Infinity;
}
