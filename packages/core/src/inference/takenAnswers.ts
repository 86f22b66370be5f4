import { DomainError } from '../errors';
import type { DoorModel } from '../model/doorModel';
import type { FindingAnswer } from '../model/finding';
import type { AnsweredFinding } from './observed';

/** An answer as it was given. */
export interface TakenAnswer {
  finding: string;
  answer: FindingAnswer;
  /** Which of the check's answers. */
  place: number;
}

/** @throws DomainError `finding.answer` when something is not an answer to its check */
export function takenAnswers(model: DoorModel, findings: readonly AnsweredFinding[]): TakenAnswer[] {
  return findings.map(({ finding, answer }, i) => {
    const { answers } = model.finding(finding);
    const place = answers.findIndex(({ id }) => id === answer);
    const found = answers[place];
    if (found === undefined)
      throw new DomainError('finding.answer', `findings[${i}].answer`, `"${answer}" is not an answer to ${finding}.`);
    return { finding, answer: found, place };
  });
}
