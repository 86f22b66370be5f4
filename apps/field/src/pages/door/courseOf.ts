import type { CallRecord, Door } from '@proper-swing/contract';
import type { DoorCourse, VisitGauged } from '@proper-swing/core/history/course';
import { HANDBOOKS, station } from '@proper-swing/core/doors';
import { SAMPLE_CLIMATES, settledYear, widthChange } from '@proper-swing/core/sheets';
import { gaugedMm } from '../../record/comparedGaps';
import { readingsByStation } from '../../record/observed';
import { BUILT_AS } from '../../sheets/builtAs';
import { climateOf, ownMonths } from '../../sheets/timber/climateText';

const YEAR_MS = 365.25 * 86_400_000;
/** Width of a stile where nobody measured it, mm (common practice, no source). */
const USUAL_STILE_MM = 110;

export const asYears = (at: string): number => Date.parse(at) / YEAR_MS;
export const asDate = (years: number): Date => new Date(years * YEAR_MS);

/** What was gauged of the gaps of a door on each of its visits, and the year its slab lives in. */
export function courseOf(door: Door, calls: readonly CallRecord[], climateId: string, ownClimate: string): DoorCourse {
  const months = climateOf(climateId, ownMonths(ownClimate)) ?? SAMPLE_CLIMATES.mildCoast.months;
  if (door.kind !== 'hinged') return { visits: visitsOf(door, calls), moistureAt: () => 0 };
  const build = BUILT_AS[door.make.slabKind];
  const year = settledYear(months, { exposure: 'between', finish: 'edgesBare', build });
  const mean = year.reduce((sum, each) => sum + each, 0) / year.length;
  return {
    visits: visitsOf(door, calls),
    moistureAt: (atYears) => (year[asDate(atYears).getMonth()] ?? mean) - mean,
    perPercentMm: widthChange(
      { species: 'whitePine', cut: 'mixed', build, slabWidthMm: door.make.slabWidthMm, stileMm: USUAL_STILE_MM },
      1,
    ),
  };
}

function visitsOf(door: Door, calls: readonly CallRecord[]): VisitGauged[] {
  const gaps = HANDBOOKS[door.kind].walk.filter((id) => station(id).edge !== undefined);
  return calls.flatMap((record) => {
    const gauged = (stage: 'found' | 'left') => {
      const read = readingsByStation(record, stage);
      return Object.fromEntries(
        gaps.flatMap((id) => {
          const mm = gaugedMm(read.get(id));
          return mm === undefined ? [] : [[id, mm]];
        }),
      );
    };
    const [found, left] = [gauged('found'), gauged('left')];
    const isRead = Object.keys(found).length + Object.keys(left).length > 0;
    return isRead ? [{ atYears: asYears(record.call.scheduledFor), found, ...(Object.keys(left).length > 0 && { left }) }] : [];
  });
}
