import { standing, type CallRecord } from '@proper-swing/contract';
import type { FindingId } from '@proper-swing/core';
import { stamp, write } from '../../data/sendWrites';

/** Writes the answer to a check; the same answer again takes it back, another one corrects it. */
export function writeFinding(record: CallRecord, finding: FindingId, answer: string): void {
  const earlier = standing(record.findings).find((entry) => entry.finding === finding);
  write('findings', {
    ...stamp(),
    callId: record.call.id,
    finding,
    answer,
    ...(earlier && { supersedes: earlier.id }),
    ...(earlier?.answer === answer && { withdrawn: true }),
  });
}
