import { standing, type Adjustment, type CallRecord, type FindingEntry } from '@proper-swing/contract';
import type { FindingId } from '@proper-swing/core/doors';
import { write } from '../offline/write';
import { handbookOf } from './door';
import { triesAsLeft } from './observed';
import { entryStamp } from './writing';

/**
 * Writes the answer to a check; the same answer again takes it back, another one corrects it.
 *
 * @param after the work after which it was checked again; the door as found without it
 */
export function writeFinding(record: CallRecord, finding: FindingId, answer: string, after?: Adjustment): void {
  const earlier = standingAnswer(record, finding, after);
  writeAnswer(record, finding, answer, { after, earlier, isWithdrawn: earlier?.answer === answer });
}

/** Writes a complaint beside the others that there are; told again, it is taken back. */
export function writeComplaint(record: CallRecord, answer: string): void {
  const { complaint } = handbookOf(record.door);
  const earlier = standing(record.findings).find((entry) => entry.finding === complaint && entry.answer === answer);
  writeAnswer(record, complaint, answer, { after: undefined, earlier, isWithdrawn: earlier !== undefined });
}

/** Writes what a second look at the door as found has shown: the same answer bears the first one out. */
export function writeSecondLook(record: CallRecord, finding: FindingId, answer: string): void {
  writeAnswer(record, finding, answer, { after: undefined, earlier: standingAnswer(record, finding), isWithdrawn: false });
}

/**
 * Writes how the door as left answers to a try; the same answer again takes it back, another one corrects it.
 *
 * @param go names the act, where several are written at once
 */
export function writeTry(record: CallRecord, finding: FindingId, answer: string, go?: string): void {
  const earlier = triesAsLeft(record).find((entry) => entry.finding === finding);
  const isWithdrawn = go === undefined && earlier?.answer === answer;
  writeAnswer(record, finding, answer, { after: undefined, earlier, isWithdrawn, stage: 'left', go });
}

function standingAnswer({ findings }: CallRecord, finding: FindingId, after?: Adjustment): FindingEntry | undefined {
  return standing(findings).find(
    (entry) => entry.finding === finding && entry.stage !== 'left' && (entry.adjustmentId ?? undefined) === after?.id,
  );
}

interface Answered {
  after: Adjustment | undefined;
  earlier: FindingEntry | undefined;
  isWithdrawn: boolean;
  stage?: 'left';
  go?: string | undefined;
}

function writeAnswer(record: CallRecord, finding: FindingId, answer: string, { after, earlier, isWithdrawn, stage, go }: Answered): void {
  write('findings', {
    ...entryStamp(record),
    callId: record.call.id,
    finding,
    answer,
    ...(stage && { stage }),
    ...(go !== undefined && { go }),
    ...(after && { adjustmentId: after.id }),
    ...(earlier && { supersedes: earlier.id }),
    ...(isWithdrawn && { withdrawn: true }),
  });
}
