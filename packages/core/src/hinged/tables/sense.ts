import { findingAnswer, type FindingId } from './findings';

/** What is wrong, and with which field. */
export interface Fault {
  field: string;
  message: string;
}

/** Whether a gap is read there, and no level or height. */
const isGapStation = (station: string | undefined): boolean => /^(hinge|head|latch|foot|stop)\./.test(station ?? '');

/** What makes no sense of a reading, wherever it is written: in the record or to the engine. */
export function readingFaults({ station, rubs, mm }: { station: string; rubs: boolean; mm?: number | null | undefined }): Fault[] {
  if (isGapStation(station)) return (mm ?? 0) < 0 ? [{ field: 'mm', message: 'a gap cannot be negative; say rubs' }] : [];
  return rubs ? [{ field: 'rubs', message: 'only a gap can rub' }] : [];
}

/** What makes no sense of an answer to a check. */
export function answerFaults({ finding, answer }: { finding: FindingId; answer: string }): Fault[] {
  return findingAnswer(finding, answer) === undefined ? [{ field: 'answer', message: `"${answer}" is not an answer to ${finding}` }] : [];
}
