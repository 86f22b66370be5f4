import { standing, type CallRecord, type FindingEntry, type ReadingEntry } from '@proper-swing/contract';
import type { Fault } from '@proper-swing/core';
import { answerFaults, readingFaults } from '@proper-swing/core/doors';

const faultsOfReading = ({ station, mm, kind }: ReadingEntry): Fault[] => readingFaults({ station, mm, rubs: kind === 'rubs' });

/** Whether the engine can reckon with an entry; one of an earlier program may not be so. */
export const isComputable = (entry: ReadingEntry | FindingEntry): boolean =>
  ('station' in entry ? faultsOfReading(entry) : answerFaults(entry)).length === 0;

/** An entry that stands and cannot be reckoned with, and why. */
export type Uncomputed = { why: string } & ({ kind: 'readings'; entry: ReadingEntry } | { kind: 'findings'; entry: FindingEntry });

/** What stands on a call and is left out of what is computed. */
export function uncomputedOf({ readings, findings }: CallRecord): Uncomputed[] {
  const why = (faults: readonly Fault[]) => faults.map(({ message }) => message).join('; ');
  return [
    ...standing(readings).map((entry) => ({ kind: 'readings' as const, entry, why: why(faultsOfReading(entry)) })),
    ...standing(findings).map((entry) => ({ kind: 'findings' as const, entry, why: why(answerFaults(entry)) })),
  ].filter((each) => each.why !== '');
}
