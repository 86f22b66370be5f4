import { jointAnswerChances, type Finding } from '../model/finding';
import type { DoorModel } from '../model/doorModel';
import type { ShowingRow } from '../model/showingRows';
import { project, widened, type Gaussian, type Spread } from '../numbers/gaussian';
import { normalBelow } from '../numbers/normal';

/** What is expected of the figure of a showing. */
export type ExpectShowing = (showing: ShowingRow, place: number) => Spread;

/** What a belief expects of the figures of showings, with whatever stands behind the state. */
export function expectedBy(belief: Gaussian): ExpectShowing {
  return ({ row: { coefficients, offset } }) => project(belief, { coefficients: widened(coefficients, belief.mean.length), offset });
}

/** How the answers of a check come about with some causes at work. */
export interface AnswersUnder {
  /** Chances of the answers as the table says, 0 to 1. */
  asTold: readonly number[];
  /** Share of the answers that follow from the figures instead. */
  share: number;
}

export function answersUnder(finding: Finding, causeIds: readonly string[]): AnswersUnder {
  const { follows } = finding;
  const doesFollow = follows !== undefined && !causeIds.some((id) => follows.notUnder?.includes(id));
  return { asTold: jointAnswerChances(finding, causeIds), share: doesFollow ? follows.share : 0 };
}

/**
 * Chances of the answers of a check with some causes at work, 0 to 1 and one in all: those that follow from the figures of the door,
 * as far as these are known; the rest as the table says; and some that are mistaken.
 */
export function answerChancesUnder(model: DoorModel, finding: Finding, causeIds: readonly string[], expect: ExpectShowing): number[] {
  const under = answersUnder(finding, causeIds);
  const showings = model.showings(finding.id);
  const chances = under.share === 0 ? [] : showings.map((showing, i) => chanceShown(showing, expect(showing, i)));
  return finding.answers.map((_, place) => answerChance(model, finding, under, place, chanceOfAnswer(finding, showings, chances, place)));
}

/** Chance of one answer, given the chance that the figures give it. */
export function answerChance(
  { tables }: DoorModel,
  { answers }: Finding,
  { asTold, share }: AnswersUnder,
  place: number,
  shown: number,
): number {
  const { mistaken } = tables.trust;
  return mistaken / answers.length + (1 - mistaken) * ((1 - share) * (asTold[place] ?? 0) + share * shown);
}

/** Chance that a figure is beyond the border of its showing. */
export function chanceShown({ side, borderMm, softness }: ShowingRow, { mean, variance }: Spread): number {
  return normalBelow((side * (mean - borderMm)) / Math.sqrt(variance + softness));
}

/** Chance of an answer as the figures give it: nothing shows, or one of what shows is what is told, each as likely as it shows. */
export function chanceOfAnswer(
  { answers, follows }: Finding,
  showings: readonly ShowingRow[],
  chances: ArrayLike<number>,
  place: number,
): number {
  let nothing = 1;
  let sum = 0;
  let own = 0;
  for (let i = 0; i < chances.length; i += 1) {
    const chance = chances[i] ?? 0;
    nothing *= 1 - chance;
    sum += chance;
    if (showings[i]?.place === place) own += chance;
  }
  const told = sum === 0 ? 0 : (own * (1 - nothing)) / sum;
  return answers[place]?.id === follows?.otherwise ? told + nothing : told;
}
