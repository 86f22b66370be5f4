/** How the gaps of a door go from visit to visit: they stay, settle steadily, come and go with the year, or work loose again after each repair. */
export const COURSES = ['stays', 'settles', 'season', 'wears'] as const;
export type Course = (typeof COURSES)[number];
export type MovingCourse = Exclude<Course, 'stays'>;

/** What was gauged on a visit, mm, by where it was gauged: as found, and as left where something was done. */
export interface VisitGauged {
  /** When, in years from any day. */
  atYears: number;
  found: Readonly<Partial<Record<string, number>>>;
  left?: Readonly<Partial<Record<string, number>>>;
}

export interface DoorCourse {
  visits: readonly VisitGauged[];
  /** Moisture of the slab at a moment, %, against the mean of its year. */
  moistureAt: (atYears: number) => number;
  /** How much the latch gap narrows for each % of moisture, by slab and timber, where that is known, mm. */
  perPercentMm?: number;
}

/** One gap between two visits: by how much it went from as left to as found. */
export interface GapChange {
  station: string;
  from: number;
  /** Until it is gauged again. */
  years: number;
  changeMm: number;
  /** Moisture gained between the two, %. */
  wetterBy: number;
  /** By how much it was set on the visit it begins at, mm. */
  setMm: number;
  /** The gap as it was found first of all. */
  firstMm: number;
  /** It begins with the reading that the change before ended with: an error of that reading is in both. */
  sharesReading: boolean;
}

/** The changes of every gap from one visit to the next it was gauged on, in the order of the visits. */
export function gapChanges({ visits, moistureAt }: DoorCourse): GapChange[] {
  const ordered = [...visits].sort((a, b) => a.atYears - b.atYears);
  const stations = [...new Set(ordered.flatMap(({ found }) => Object.keys(found)))];
  return stations.flatMap((station) => {
    const gauged = ordered.flatMap(({ atYears, found, left }) => {
      const [as, set] = [found[station], left?.[station]];
      const isLeft = set ?? as;
      return isLeft === undefined ? [] : [{ atYears, found: as ?? isLeft, left: isLeft, isReadAgain: set !== undefined }];
    });
    return gauged.slice(1).flatMap((next, i): GapChange[] => {
      const was = gauged[i];
      if (was === undefined || next.atYears <= was.atYears) return [];
      return [
        {
          ...{ station, from: was.left, years: next.atYears - was.atYears, changeMm: next.found - was.left },
          wetterBy: moistureAt(next.atYears) - moistureAt(was.atYears),
          setMm: was.left - was.found,
          firstMm: gauged[0]?.found ?? 0,
          sharesReading: i > 0 && !was.isReadAgain,
        },
      ];
    });
  });
}
