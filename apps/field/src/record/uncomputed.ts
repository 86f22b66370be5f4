import { standing, type CallRecord, type Door, type FindingEntry, type ReadingEntry } from '@proper-swing/contract';
import type { Fault } from '@proper-swing/core';
import { answerFaults, readingFaults } from '@proper-swing/core/doors';
import { handbookOf } from './door';

function faultsOfReading(door: Door, { station, mm, kind }: ReadingEntry): Fault[] {
  const { walk, further } = handbookOf(door);
  if (![...walk, ...further].includes(station)) return [{ field: 'station', message: 'such a door has no such place' }];
  return readingFaults({ station, mm, rubs: kind === 'rubs' });
}

function faultsOfFinding(door: Door, entry: FindingEntry): Fault[] {
  const isOfKind = handbookOf(door).checkGroups.some(({ checks }) => checks.includes(entry.finding));
  return isOfKind ? answerFaults(entry) : [{ field: 'finding', message: 'which is not asked of such a door' }];
}

/** Whether the engine can reckon with an entry on a door; one of an earlier program, or of another kind of door, may not be so. */
export const isComputable = (door: Door, entry: ReadingEntry | FindingEntry): boolean =>
  ('station' in entry ? faultsOfReading(door, entry) : faultsOfFinding(door, entry)).length === 0;

/** An entry that stands and cannot be reckoned with, and why. */
export type Uncomputed = { why: string } & ({ kind: 'readings'; entry: ReadingEntry } | { kind: 'findings'; entry: FindingEntry });

/** What stands on a call and is left out of what is computed. */
export function uncomputedOf({ door, readings, findings }: CallRecord): Uncomputed[] {
  const why = (faults: readonly Fault[]) => faults.map(({ message }) => message).join('; ');
  return [
    ...standing(readings).map((entry) => ({ kind: 'readings' as const, entry, why: why(faultsOfReading(door, entry)) })),
    ...standing(findings).map((entry) => ({ kind: 'findings' as const, entry, why: why(faultsOfFinding(door, entry)) })),
  ].filter((each) => each.why !== '');
}
