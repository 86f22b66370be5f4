import type { DoorModel } from '../model/doorModel';
import { dot, timesCov, type Spread } from '../numbers/gaussian';
import { answerChance, answersUnder, chanceOfAnswer, chanceShown, type AnswersUnder } from './answerChances';
import type { FilteredFigures, Magnitudes } from './filterFigures';
import type { Hypothesis } from './hypotheses';
import type { LinearReading } from './linearReadings';
import type { TakenAnswer } from './takenAnswers';

/** A gap that rubs is this, whatever its figure would be: some tenths of overlap, mm and mm². */
const RUBBING: Spread = { mean: -0.3, variance: 0.09 };

/** Logs of the chance of all answers under a hypothesis. */
export interface AnswerWeights {
  /** At most, whatever the figures are. */
  atMost: (hypothesis: Hypothesis) => number;
  /** Given the figures that were read. */
  under: (hypothesis: Hypothesis, magnitudes: Magnitudes) => number;
}

export function answerWeights(
  model: DoorModel,
  figures: FilteredFigures,
  answers: readonly TakenAnswer[],
  rubs: readonly LinearReading[],
): AnswerWeights {
  const asked = answers.map((answer) => askedOf(model, figures, answer, rubs));
  const known: UnderCauses[] = [];
  // The tables speak of causes, not of their forms and sizes: what they say is worked out once for each set of causes.
  const tablesOf = ({ supposition, causes }: Hypothesis): UnderCauses => (known[supposition] ??= underCauses(model, asked, causes));
  return {
    atMost: (hypothesis) => tablesOf(hypothesis).atMost,
    under: (hypothesis, magnitudes) => {
      const { plain, following } = tablesOf(hypothesis);
      return following.reduce((logs, { question, under }) => {
        const { finding, place, weight } = question;
        return logs + weight * Math.log(answerChance(model, finding, under, place, shownUnder(question, hypothesis, magnitudes)));
      }, plain);
    },
  };
}

/** An answer with the figures that its check shows. */
type Asked = ReturnType<typeof askedOf>;

function askedOf(
  model: DoorModel,
  { sound, left }: FilteredFigures,
  { finding, place, weight }: TakenAnswer,
  rubs: readonly LinearReading[],
) {
  const rubbing = new Set(rubs.map(({ station }) => station));
  const showings = model.showings(finding);
  const figures = showings.map((showing) => {
    const { row, station } = showing;
    const isRubbing = station !== undefined && rubbing.has(station);
    const onSound: Spread = {
      mean: row.offset + dot(row.coefficients, sound.mean),
      variance: dot(row.coefficients, timesCov(sound.cov, row.coefficients)),
    };
    const base = isRubbing ? RUBBING : onSound;
    return {
      showing,
      base,
      chance: chanceShown(showing, base),
      shares: left.map((along) => (isRubbing ? 0 : dot(row.coefficients, along))),
    };
  });
  return { finding: model.finding(finding), place, weight, showings, figures, chances: new Float64Array(figures.length) };
}

/** What the tables say with one set of causes at work. */
interface UnderCauses {
  atMost: number;
  /** Of the answers that follow no figure. */
  plain: number;
  following: readonly { question: Asked; under: AnswersUnder }[];
}

function underCauses(model: DoorModel, asked: readonly Asked[], causes: Hypothesis['causes']): UnderCauses {
  const ids = causes.map(({ id }) => id);
  const all = asked.map((question) => ({ question, under: answersUnder(question.finding, ids) }));
  const following = all.filter(({ under }) => under.share > 0);
  const plain = logsOf(all.filter(({ under }) => under.share === 0));
  return { plain, following, atMost: plain + logsOf(following) };

  function logsOf(some: typeof all): number {
    return some.reduce((logs, { question: { finding, place, weight }, under }) => {
      return logs + weight * Math.log(answerChance(model, finding, under, place, 1));
    }, 0);
  }
}

/** Chance that the figures of a hypothesis give an answer. */
function shownUnder({ finding, place, showings, figures, chances }: Asked, { directions }: Hypothesis, magnitudes: Magnitudes): number {
  for (let i = 0; i < figures.length; i += 1) {
    const figure = figures[i];
    if (figure === undefined) continue;
    const isMoved = directions.some((direction) => (figure.shares[direction] ?? 0) !== 0);
    chances[i] = isMoved ? chanceShown(figure.showing, withMagnitudes(figure, directions, magnitudes)) : figure.chance;
  }
  return chanceOfAnswer(finding, showings, chances, place);
}

/** A figure of a sound door with the faults of a hypothesis added. */
function withMagnitudes({ base, shares }: Asked['figures'][number], directions: readonly number[], magnitudes: Magnitudes): Spread {
  const q = directions.length;
  let at = base.mean;
  let spread = base.variance;
  for (let a = 0; a < q; a += 1) {
    const share = shares[directions[a] ?? 0] ?? 0;
    if (share === 0) continue;
    at += share * (magnitudes.mean[a] ?? 0);
    for (let b = 0; b < q; b += 1) spread += share * (shares[directions[b] ?? 0] ?? 0) * (magnitudes.cov[a * q + b] ?? 0);
  }
  return { mean: at, variance: Math.max(0, spread) };
}
