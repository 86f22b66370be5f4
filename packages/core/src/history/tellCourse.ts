import { logNormalDensity, logSumExp } from '../numbers/normal';
import { COURSES, gapChanges, type Course, type DoorCourse, type GapChange, type MovingCourse } from './course';

/** A gauging of a gap is off by so much, and gaps wander by so much a year, one standard deviation, mm (common practice, no source). */
const GAUGED_SD_MM = 0.3;
const WANDERS_MM = 0.25;
/** What is believed beforehand: how often each course is met, and how large its figure is (common practice, no source). */
const PRIOR: Readonly<Record<Course, number>> = { stays: 0.4, settles: 0.2, season: 0.2, wears: 0.2 };
const SETTLES_SD_MM_A_YEAR = 0.9;
const SEASON_SD_MM_A_PERCENT = 0.35;
const LOOSE_SD_MM = 0.3;
/** What works loose has gone most of its way after so many years (common practice, no source). */
export const LOOSENS_YEARS = 0.6;
/** Below this nothing is claimed. */
const SURE_FROM = 0.85;
/** Set by less, a gap was not set at all, mm. */
const SET_FROM_MM = 1;
/** Fewer visits than this tell nothing: what went once may go no further (common practice, no source). */
export const LEAST_VISITS = 4;

/** A course as one figure at each station: what it makes of a change for each unit of it. */
interface CourseModel {
  course: MovingCourse;
  perUnit: (change: GapChange) => number;
  /** What it makes of a change whatever its figure, mm; nothing unless said. */
  known?: (change: GapChange) => number;
  mean: (own: readonly GapChange[], perPercentMm: number | undefined) => number;
  sd: number;
}

export const loosenedShare = (years: number): number => 1 - Math.exp(-years / LOOSENS_YEARS);

const MODELS: readonly CourseModel[] = [
  { course: 'settles', perUnit: ({ years }) => years, mean: () => 0, sd: SETTLES_SD_MM_A_YEAR },
  {
    course: 'season',
    perUnit: ({ wetterBy }) => wetterBy,
    // A wetter slab is wider: the gap on its latch side narrows by what timber and width make of it.
    mean: ([first], perPercentMm = 0) => (first?.station.startsWith('latch.') === true ? -perPercentMm : 0),
    sd: SEASON_SD_MM_A_PERCENT,
  },
  {
    course: 'wears',
    // It goes back to where it hangs loose, the figure, the faster the further it is from there.
    perUnit: ({ years }) => loosenedShare(years),
    known: ({ from, years }) => -from * loosenedShare(years),
    mean: ([first]) => first?.firstMm ?? 0,
    sd: LOOSE_SD_MM,
  },
];

/** What is believed of the figure of a course at a station. */
export interface CourseFigure {
  station: string;
  mean: number;
  sd: number;
}

export interface ToldCourse {
  /** The course that is claimed; nothing while it cannot be told yet. */
  course?: Course;
  chances: Record<Course, number>;
  figures: Record<MovingCourse, CourseFigure[]>;
  /** Changes it rests on. */
  changes: number;
}

/** Figures of each change, freed of the errors that neighbours share, each with a standard deviation of one; and the log of what they were scaled by. */
function whitened(changes: readonly GapChange[], rows: readonly (readonly number[])[]): { rows: number[][]; logScale: number } {
  const freed: number[][] = [];
  let logScale = 0;
  let scale = 1;
  changes.forEach(({ years, sharesReading }, i) => {
    const shared = sharesReading && i > 0 ? -(GAUGED_SD_MM ** 2) / scale : 0;
    const before = freed[i - 1];
    scale = Math.sqrt(2 * GAUGED_SD_MM ** 2 + WANDERS_MM ** 2 * years - shared ** 2);
    logScale += Math.log(scale);
    freed.push((rows[i] ?? []).map((figure, k) => (figure - shared * (before?.[k] ?? 0)) / scale));
  });
  return { rows: freed, logScale };
}

/** Evidence that changes are errors alone. */
function evidenceOfNothing(changes: readonly GapChange[]): number {
  const { rows, logScale } = whitened(
    changes,
    changes.map(({ changeMm }) => [changeMm]),
  );
  return rows.reduce((sum, [off = 0]) => sum + logNormalDensity(off, 0, 1), -logScale);
}

/**
 * Evidence for one figure by linear regression with a normal prior, and what is believed of it after: closed form (Sherman and Morrison).
 */
function regress(changes: readonly GapChange[], { perUnit, known = () => 0, sd }: CourseModel, mean: number) {
  const asked = changes.map((change) => [perUnit(change), change.changeMm - known(change) - mean * perUnit(change)]);
  const { rows, logScale } = whitened(changes, asked);
  let logEvidence = -logScale;
  let precision = 1 / sd ** 2;
  let pull = 0;
  for (const [x = 0, off = 0] of rows) {
    logEvidence += logNormalDensity(off, 0, 1);
    precision += x ** 2;
    pull += x * off;
  }
  return {
    logEvidence: logEvidence + pull ** 2 / (2 * precision) - Math.log(precision * sd ** 2) / 2,
    mean: mean + pull / precision,
    sd: Math.sqrt(1 / precision),
  };
}

/** Tells settlement, season, wear and nothing at all apart, from how gaps changed between visits; claims none of it before it is sure. */
export function tellCourse(door: DoorCourse): ToldCourse {
  const changes = gapChanges(door);
  const stations = [...new Set(changes.map(({ station }) => station))];
  const logs: Record<Course, number> = { stays: Math.log(PRIOR.stays), settles: 0, season: 0, wears: 0 };
  for (const station of stations) logs.stays += evidenceOfNothing(changes.filter((change) => change.station === station));
  const figures: ToldCourse['figures'] = { settles: [], season: [], wears: [] };
  for (const model of MODELS) {
    const { course } = model;
    // What was never set right cannot have worked loose again.
    const isOut = course === 'wears' && !changes.some(({ setMm }) => Math.abs(setMm) >= SET_FROM_MM);
    logs[course] = isOut ? -Infinity : Math.log(PRIOR[course]);
    for (const station of stations) {
      const own = changes.filter((change) => change.station === station);
      const told = regress(own, model, model.mean(own, door.perPercentMm));
      logs[course] += told.logEvidence;
      figures[course].push({ station, mean: told.mean, sd: told.sd });
    }
  }
  const total = logSumExp(COURSES.map((course) => logs[course]));
  const chances = Object.fromEntries(COURSES.map((course) => [course, Math.exp(logs[course] - total)])) as Record<Course, number>;
  const likeliest = COURSES.reduce((best, course) => (chances[course] > chances[best] ? course : best));
  const isSure = door.visits.length >= LEAST_VISITS && chances[likeliest] >= SURE_FROM;
  return { ...(isSure && { course: likeliest }), chances, figures, changes: changes.length };
}
