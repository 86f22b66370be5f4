import type { CallRecord, Door } from '@proper-swing/contract';
import { COURSES, type Course } from '@proper-swing/core/history/course';
import { dueAgain } from '@proper-swing/core/history/dueAgain';
import { LEAST_VISITS, loosenedShare, tellCourse, type ToldCourse } from '@proper-swing/core/history/tellCourse';
import { station, type StationId } from '@proper-swing/core/doors';
import { format } from 'date-fns/format';
import { useMemo } from 'react';
import { useLengthWords, type LengthWords } from '../../design/lengthWords';
import { Section } from '../../design/Section';
import { Table } from '../../design/Table';
import { Words } from '../../design/Words';
import { usePreferences } from '../../offline/preferences';
import { modelFor } from '../../record/door';
import { asDate, courseOf } from './courseOf';

const COURSE_WORDS: Readonly<Record<Course, string>> = {
  stays: 'It stays as it is left.',
  settles: 'It settles, a little every year.',
  season: 'It comes and goes with the year.',
  wears: 'It works loose again after each repair.',
};

/** What to do about it, where it is told. */
const COURSE_ADVICE: Readonly<Record<Course, string>> = {
  stays: 'Nothing to come back for.',
  settles: 'Wall, framing or hinge leg move on: look for cracks, and leave room for what is still to come.',
  season: 'Plane nothing in the wet: seal all six faces, and gauge it in the same month as before.',
  wears: 'What was done does not hold: the next remedy up, into sound framing.',
};

/** What a door does over the years, told from its gaps once it can be; when it is likely due again, and what that rests on. */
export function DoorCourseSection({ door, calls }: { door: Door; calls: readonly CallRecord[] }) {
  const words = useLengthWords();
  const { climateId, ownClimate } = usePreferences();
  const course = useMemo(() => courseOf(door, calls, climateId, ownClimate), [door, calls, climateId, ownClimate]);
  const told = useMemo(() => tellCourse(course), [course]);
  const due = useMemo(() => dueAgain(course, told, limitsOf(door)), [course, told, door]);
  if (course.visits.length < 2) return null;
  // What one change or two look like is no chance yet.
  const isEarly = course.visits.length < LEAST_VISITS;
  const last = Math.max(...course.visits.map(({ atYears }) => atYears));
  return (
    <Section title="Over the years">
      <Words kind="title" testID="course">
        {told.course !== undefined
          ? COURSE_WORDS[told.course]
          : isEarly
            ? `Cannot be told yet: gauged on ${course.visits.length} visits, ${LEAST_VISITS} are wanted.`
            : 'Cannot be told yet.'}
      </Words>
      {told.course !== undefined && <Words>{COURSE_ADVICE[told.course]}</Words>}
      {told.course !== undefined && told.course !== 'stays' && <Words testID="course-figure">{mostWords(told, words)}</Words>}
      {due && (
        <Words kind="strong" testID="due-again">
          {`Due again about ${format(asDate(last + due.fromYears), 'MMM yyyy')} to ${format(asDate(last + due.toYears), 'MMM yyyy')}: ${station(due.station as StationId).title.toLowerCase()}.`}
        </Words>
      )}
      {!isEarly && (
        <>
          <Table
            label="What it may be, and how likely"
            isHeadless
            columns={[
              { title: 'What', cell: (id: Course) => <Words>{COURSE_WORDS[id]}</Words> },
              { title: 'Chance', width: 80, isRight: true, kind: 'label', cell: (id: Course) => `${Math.round(100 * told.chances[id])} %` },
            ]}
            rows={[...COURSES].sort((a, b) => told.chances[b] - told.chances[a])}
            keyOf={(id) => id}
          />
          <Words
            kind="small"
            tone="pencil"
          >{`From ${told.changes} changes of gaps between ${course.visits.length} visits, gauge and hand allowed for.`}</Words>
        </>
      )}
    </Section>
  );
}

const limitsOf = (door: Door) => {
  const { profile, stations } = modelFor(door);
  return Object.fromEntries(
    stations.flatMap(({ id, edge }) => {
      const limits = edge === undefined ? undefined : profile.edges[edge];
      return limits === undefined ? [] : [[id, { min: limits.min, max: limits.max }]];
    }),
  );
};

/** The figure of the course where it is largest. */
function mostWords({ course, figures }: ToldCourse, { withUnit }: LengthWords): string {
  if (course === undefined || course === 'stays') return '';
  const [most] = [...figures[course]].sort((a, b) => Math.abs(b.mean) - Math.abs(a.mean));
  if (most === undefined) return '';
  const where = station(most.station as StationId).title.toLowerCase();
  const says = {
    settles: () => `Most at the ${where}: ${withUnit(Math.abs(most.mean))} a year ${most.mean < 0 ? 'narrower' : 'wider'}.`,
    season: () => `Most at the ${where}: ${withUnit(Math.abs(most.mean))} ${most.mean < 0 ? 'narrower' : 'wider'} for each % of moisture.`,
    wears: () => `Within a year it is ${Math.round(100 * loosenedShare(1))} % of the way back to where it hangs loose.`,
  };
  return says[course]();
}
