import type { Moves, Share } from './moves';
import type { Names } from './names';

export interface FindingAnswer {
  id: string;
  label: string;
  /** As it reads in a sentence of evidence. */
  says: string;
}

/** What is said of a look or a try that cannot be had on this door: it tells nothing, and is not asked for again. */
export const CANNOT_LOOK: FindingAnswer = { id: 'cannot', label: 'Cannot be checked here', says: 'it could not be checked' };

/** Whether a check is tried, and not looked at or told. */
export const isTry = ({ stage }: Pick<Finding, 'stage'>): boolean => stage === 'test';

/** Chance of each answer, in the order of the answers, in percent; a column adds up to 100. */
export type AnswerColumn = readonly number[];

/** A figure that gives an answer once it is above or below a border, and how soft that border is, mm (standard deviation). */
export interface Showing<N extends Names = Names> {
  answer: string;
  /** A station's own figure, or a figure of the state that no station reads. */
  at: N['station'] | Moves<N>;
  /** A number of millimetres, or a figure of the card. */
  border: { above: Share<N['figure']> } | { below: Share<N['figure']> };
  softMm: number;
}

/** How the answers of a check follow from how the door is, whatever the cause. */
export interface Follows<N extends Names = Names> {
  /** Share of answers that follow; the others come as the table says. */
  share: number;
  /** What is answered when nothing shows. */
  otherwise: string;
  shows: readonly Showing<N>[];
  /** Causes under which the table alone holds: what they do to the answer shows in no figure. */
  notUnder?: readonly N['cause'][];
}

/** An answer that another check gives better: of one fact told twice only that one counts. */
export interface SameFact {
  answer: string;
  /** The other check. */
  as: string;
  answers: readonly string[];
}

/** A quick check or an answer of the customer; answers are exclusive. */
export interface Finding<N extends Names = Names> {
  id: N['finding'];
  /** Asked of the customer, looked at, or tried with a hand on the door. */
  stage: 'listen' | 'look' | 'test';
  question: string;
  howTo: string;
  minutes: number;
  answers: readonly FindingAnswer[];
  /** What is answered under each cause; `otherwise` holds for every cause not named. */
  chances: { readonly otherwise: AnswerColumn } & { readonly [C in N['cause']]?: AnswerColumn };
  /** Set where what is seen follows from the figures of the door: then it tells nothing new of a cause once those are known. */
  follows?: Follows<N>;
  /** Answers that say no more than an answer to another check. */
  saysNoMore?: readonly SameFact[];
  /** Shows the door as it is now, so that it can be asked again after work. */
  again?: true;
}

/** The percentages of a check's answers under a cause. */
export function answerColumn({ chances }: Pick<Finding, 'chances'>, causeId: string): AnswerColumn {
  return chances[causeId] ?? chances.otherwise;
}

/** How far a column is from the ordinary one: the sum of the differences, percent. */
export function columnDistance({ chances }: Pick<Finding, 'chances'>, column: AnswerColumn): number {
  return column.reduce((sum, percent, i) => sum + Math.abs(percent - (chances.otherwise[i] ?? 0)), 0);
}

/** Chances of the answers of a finding under one cause, 0 to 1. */
export function answerChances(finding: Pick<Finding, 'chances'>, causeId: string): number[] {
  return answerColumn(finding, causeId).map((percent) => percent / 100);
}

/**
 * Chances of the answers with several causes at work. The answer follows the causes that have a say in this check, each by
 * how far its column is from the ordinary one; with none that has, the ordinary column holds.
 */
export function jointAnswerChances(finding: Pick<Finding, 'chances'>, causeIds: readonly string[]): number[] {
  const { chances } = finding;
  const columns = causeIds.map((causeId) => answerColumn(finding, causeId));
  const says = columns.map((column) => columnDistance(finding, column) ** 2);
  const total = says.reduce((sum, each) => sum + each, 0);
  if (total === 0) return chances.otherwise.map((percent) => percent / 100);
  return chances.otherwise.map((_, i) => columns.reduce((sum, column, c) => sum + ((says[c] ?? 0) / total) * ((column[i] ?? 0) / 100), 0));
}
