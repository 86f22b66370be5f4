import type { Adjustment, CallRecord, ReadingEntry } from '@proper-swing/contract';
import type { PlaceId, StationId } from '@proper-swing/core/doors';
import { gaugedMm } from './comparedGaps';
import { placeOf, readingsByStation, workRounds } from './observed';

/** What a full turn of the screw at an end has done on this panel, mm, by the last turn there with a reading before and after it. */
export interface TriedScrews {
  lead?: number;
  trail?: number;
}

const UNDER: Readonly<Record<'lead' | 'trail', StationId>> = { lead: 'foot.lead', trail: 'foot.trail' };
const SCREWS: readonly string[] = ['turnScrew', 'turnHanger'];
/** Half turns are what the record counts a screw in. */
const HALVES = 2;

/** What the screws of a panel do, read off its call: the gap under an end before and after its screw was turned. */
export function triedScrews(record: CallRecord): TriedScrews {
  const tried: TriedScrews = {};
  const gaps = new Map<StationId, number>();
  const note = (readings: readonly ReadingEntry[]) => {
    for (const entry of readings) {
      const mm = gaugedMm(entry);
      if (mm !== undefined) gaps.set(entry.station, mm);
    }
  };
  note([...readingsByStation(record, 'found').values()]);
  for (const { work, readings = [] } of workRounds(record)) {
    const before = new Map(gaps);
    note(readings);
    for (const end of ['lead', 'trail'] as const) {
      const turns = turnsAt(end, work);
      const [was, is] = [before.get(UNDER[end]), gaps.get(UNDER[end])];
      const isRead = readings.some(({ station }) => station === UNDER[end]);
      // Other work in the same round may have moved that end as well.
      const isAlone = work.every(({ action }) => SCREWS.includes(action));
      if (turns !== 0 && isAlone && isRead && was !== undefined && is !== undefined) tried[end] = (is - was) / turns;
    }
  }
  return tried;
}

const turnsAt = (end: PlaceId, work: readonly Adjustment[]) =>
  work.filter((each) => placeOf(each) === end).reduce((sum, { amount }) => sum + amount / HALVES, 0);
