import { readingSense, type Fault } from '../../model/sense';
import { STATIONS } from '../geometry/stations';
import { findingAnswer, type FindingId } from './findings';

export type { Fault } from '../../model/sense';

/** What makes no sense of a reading of a hinged door. */
export const readingFaults = readingSense(STATIONS);

/** What makes no sense of an answer to a check. */
export function answerFaults({ finding, answer }: { finding: FindingId; answer: string }): Fault[] {
  return findingAnswer(finding, answer) === undefined ? [{ field: 'answer', message: `"${answer}" is not an answer to ${finding}` }] : [];
}
