import { STATIONS } from '../geometry/stations';
import { findingAnswer, type FindingId } from './findings';

/** What is wrong, and with which field. */
export interface Fault {
  field: string;
  message: string;
}

const kindAt = new Map<string, string>(STATIONS.map(({ id, kind }) => [id, kind]));

/** What makes no sense of a reading, wherever it is written: in the record or to the engine. */
export function readingFaults({ station, rubs, mm }: { station: string; rubs: boolean; mm?: number | null | undefined }): Fault[] {
  const kind = kindAt.get(station);
  if (rubs && kind !== 'gap') return [{ field: 'rubs', message: 'only a gap can rub' }];
  const isBetween = kind === 'gap' || kind === 'stop';
  return isBetween && (mm ?? 0) < 0 ? [{ field: 'mm', message: 'a gap cannot be negative; say rubs' }] : [];
}

/** What makes no sense of an answer to a check. */
export function answerFaults({ finding, answer }: { finding: FindingId; answer: string }): Fault[] {
  return findingAnswer(finding, answer) === undefined ? [{ field: 'answer', message: `"${answer}" is not an answer to ${finding}` }] : [];
}
