import { standing, type Adjustment, type CallRecord } from '@proper-swing/contract';
import type { FindingId } from '@proper-swing/core';
import { write } from '../offline/write';
import { entryStamp } from './writing';

/**
 * Writes the answer to a check; the same answer again takes it back, another one corrects it.
 *
 * @param after the work after which it was checked again; the door as found without it
 */
export function writeFinding(record: CallRecord, finding: FindingId, answer: string, after?: Adjustment): void {
  const adjustmentId = after?.id ?? null;
  const earlier = standing(record.findings).find((entry) => entry.finding === finding && (entry.adjustmentId ?? null) === adjustmentId);
  write('findings', {
    ...entryStamp(record),
    callId: record.call.id,
    finding,
    answer,
    ...(after && { adjustmentId: after.id }),
    ...(earlier && { supersedes: earlier.id }),
    ...(earlier?.answer === answer && { withdrawn: true }),
  });
}
