import type { Names } from './names';

export interface FindingAnswer {
  id: string;
  label: string;
  /** As it reads in a sentence of evidence. */
  says: string;
}

/** Chance of each answer, in the order of the answers, in percent; a column adds up to 100. */
export type AnswerColumn = readonly number[];

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
