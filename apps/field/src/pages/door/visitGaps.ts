import type { CallRecord, ReadingEntry } from '@proper-swing/contract';
import { HANDBOOKS, station, type EdgeId, type StationId } from '@proper-swing/core/doors';
import { gaugedMm } from '../../record/comparedGaps';
import { readingsByStation } from '../../record/observed';

/** What was read on one visit: as left where that was read, else as found. */
export interface VisitGaps {
  record: CallRecord;
  readings: ReadonlyMap<StationId, ReadingEntry>;
  isLeft: boolean;
}

/** The visits on which gaps were read, in the order of the calls. */
export function visitGaps(calls: readonly CallRecord[]): VisitGaps[] {
  return calls
    .map((record) => {
      const left = readingsByStation(record, 'left');
      return { record, readings: left.size > 0 ? left : readingsByStation(record, 'found'), isLeft: left.size > 0 };
    })
    .filter(({ readings }) => readings.size > 0);
}

/** The oldest visit first. */
export const inTime = (visits: readonly VisitGaps[]): VisitGaps[] =>
  [...visits].sort((a, b) => a.record.call.scheduledFor.localeCompare(b.record.call.scheduledFor));

/** One gap over the visits; a rub is nothing at all, what was not gauged is left out. */
export interface GapLine {
  station: StationId;
  points: { at: number; mm: number }[];
}

/** The gaps of an edge over time, the oldest visit first. */
export function gapLines(visits: readonly VisitGaps[], edge: EdgeId): GapLine[] {
  const ordered = inTime(visits);
  const kinds = new Set(visits.map(({ record }) => record.door.kind));
  const walked = [...kinds].flatMap((kind) => HANDBOOKS[kind].walk);
  return walked
    .filter((id) => station(id).edge === edge)
    .flatMap((id) => {
      const points = ordered.flatMap(({ record, readings }) => {
        const mm = gaugedMm(readings.get(id));
        return mm === undefined ? [] : [{ at: Date.parse(record.call.scheduledFor), mm }];
      });
      return points.length === 0 ? [] : [{ station: id, points }];
    });
}
