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

/**
 * Chances of the answers of a check with some causes at work, 0 to 1 and one in all: those that follow from the figures of the door,
 * as far as these are known; the rest as the table says; and some that are mistaken.
 */
export function answerChancesUnder(model: DoorModel, finding: Finding, causeIds: readonly string[], expect: ExpectShowing): number[] {
  const { follows, answers } = finding;
  const { mistaken } = model.tables.trust;
  const asTold = jointAnswerChances(finding, causeIds);
  const doesFollow = follows !== undefined && !causeIds.some((id) => follows.notUnder?.includes(id));
  const share = doesFollow ? follows.share : 0;
  const shown = doesFollow ? chancesShown(model, finding, expect) : [];
  return asTold.map((chance, i) => mistaken / answers.length + (1 - mistaken) * ((1 - share) * chance + share * (shown[i] ?? 0)));
}

/** Chances of the answers as the figures give them: nothing shows, or one of what shows is what is told, each as likely as it shows. */
function chancesShown(model: DoorModel, { id, answers, follows }: Finding, expect: ExpectShowing): number[] {
  const chances = answers.map(() => 0);
  let nothing = 1;
  let sum = 0;
  model.showings(id).forEach((showing, i) => {
    const { mean, variance } = expect(showing, i);
    const chance = normalBelow((showing.side * (mean - showing.borderMm)) / Math.sqrt(variance + showing.softness));
    chances[showing.place] = (chances[showing.place] ?? 0) + chance;
    nothing *= 1 - chance;
    sum += chance;
  });
  const plain = answers.findIndex((each) => each.id === follows?.otherwise);
  const scale = sum === 0 ? 0 : (1 - nothing) / sum;
  return chances.map((chance, i) => chance * scale + (i === plain ? nothing : 0));
}
