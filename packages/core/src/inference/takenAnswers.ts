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
  /** How much its evidence counts: less where it says little more than another answer that was given. */
  weight: number;
}

/**
 * What is left of an answer that another check gives better. That the customer complains of just this still says that nothing else bothers
 * them more, so it is not nothing (by judgement, no source).
 */
const TOLD_TWICE = 0.5;

/**
 * What counts of an answer that stands beside another to the same check: what the customer complains of besides is drawn from what is left
 * once the first is told, and bothers them less (by judgement, no source).
 */
const TOLD_BESIDES = 0.5;

/** Looked at again and found so: two looks, each of which may have been mistaken by itself. */
const SEEN_TWICE = 2;

/** @throws DomainError `finding.answer` when something is not an answer to its check */
export function takenAnswers(model: DoorModel, findings: readonly AnsweredFinding[]): TakenAnswer[] {
  const taken = findings.map(({ finding, answer, again }, i) => {
    const { answers } = model.finding(finding);
    const place = answers.findIndex(({ id }) => id === answer);
    const found = answers[place];
    if (found === undefined)
      throw new DomainError('finding.answer', `findings[${i}].answer`, `"${answer}" is not an answer to ${finding}.`);
    const isBesides = findings.slice(0, i).some((earlier) => earlier.finding === finding);
    return { finding, answer: found, place, weight: again ? SEEN_TWICE : isBesides ? TOLD_BESIDES : 1 };
  });
  return taken.map((each) => (isToldTwice(model, each, taken) ? { ...each, weight: TOLD_TWICE } : each));
}

/** Whether an answer says no more than another that was given. */
function isToldTwice(model: DoorModel, { finding, answer }: TakenAnswer, all: readonly TakenAnswer[]): boolean {
  const { saysNoMore = [] } = model.finding(finding);
  return saysNoMore.some(
    (fact) => fact.answer === answer.id && all.some((each) => each.finding === fact.as && fact.answers.includes(each.answer.id)),
  );
}
