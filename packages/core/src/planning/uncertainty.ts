import type { Belief } from '../inference/belief';
import { readingVariance } from '../inference/linearReadings';
import type { Names } from '../model/names';
import { dot } from '../numbers/gaussian';
import type { Stepwise } from '../stepwise';
import { candidate, share, type Candidate, type Trial } from './candidate';
import { allCured } from './outcome';
import type { DrawnDoor } from './drawnDoors';
import { workErrorsFrom } from './workErrors';

/** What keeps a plan from being sure. */
export interface Uncertainty<N extends Names = Names> {
  /** Chance of what the work is for if this were known as well, the rest of the plan then chosen by it; 0 to 1. */
  ifKnown: { cause: number; readings: number; hand: number };
  /** The reading still to be taken that would raise the chance most, and to what; none where none would by much. */
  reading?: { station: N['station']; chance: number };
}

/** Plans that would be chosen among if more were known. */
const COMPARED = 16;
/** Classes that a reading is told apart in. */
const CLASSES = 4;
/** A reading is named when it raises the chance by so much. */
const WORTH_NAMING = 0.04;
const STEADY = workErrorsFrom([]);

/**
 * What makes the chance of each chosen plan uncertain, counted on the drawn doors: by what it would be if the causes, every figure, or
 * the outcome of the hand were known beforehand. Plans are chosen on one half of the doors and counted on the other, so that none
 * wins by chance.
 *
 * @param toRead stations that could still be read
 */
export function* uncertaintyOf(
  belief: Belief,
  trial: Trial,
  able: readonly Candidate[],
  chosen: readonly Candidate[],
  toRead: readonly string[],
): Stepwise<Uncertainty[]> {
  const compared = [...able].sort((a, b) => share(b.isTrue) - share(a.isTrue)).slice(0, COMPARED);
  const { drawn } = trial;
  // No hand, however steady, tells where a new wheel will stand.
  const steadied = ({ errors: { ofStanding }, ...door }: DrawnDoor) => ({ ...door, errors: { ...STEADY, ofStanding } });
  const steady = { ...trial, drawn: drawn.map(steadied) };
  const bySteadyHand = (each: Candidate) => {
    const after = allCured(steady.drawn, each.cures, trial.board, each.setPoints, each.sides);
    return candidate(steady, { ...each, after }, each.found).isTrue;
  };
  const steadily: (readonly boolean[])[] = [];
  for (const each of compared) {
    steadily.push(bySteadyHand(each));
    yield 1;
  }
  const causes = drawn.map(({ supposition }) => supposition);
  // With nothing else to choose no reading changes the choice.
  const classes = (compared.length === 0 ? [] : toRead).map((station) => ({ station, classOf: classesBy(belief, trial, station) }));
  const uncertain: Uncertainty[] = [];
  for (const first of chosen) {
    const now = share(first.isTrue);
    const known = (classOf: readonly number[]) => Math.min(1, now + gainBy(classOf, compared, first));
    const readings: { station: string; chance: number }[] = [];
    for (const { station, classOf } of classes) {
      readings.push({ station, chance: known(classOf) });
      yield 1;
    }
    const [best] = readings.sort((a, b) => b.chance - a.chance);
    uncertain.push({
      ifKnown: {
        cause: known(causes),
        readings: Math.max(now, chosenDoorByDoor(compared, steadily, first)),
        hand: Math.max(now, share(bySteadyHand(first))),
      },
      ...(best !== undefined && best.chance >= now + WORTH_NAMING && { reading: best }),
    });
    yield 1;
  }
  return uncertain;
}

/** Before it is counted nothing is said to raise the chance. */
export function notYetCounted({ isTrue }: Candidate): Uncertainty {
  const now = share(isTrue);
  return { ifKnown: { cause: now, readings: now, hand: now } };
}

/** By how much the chance rises when a plan is chosen for each class of doors: chosen on one half, counted on the other, both ways. */
function gainBy(classOf: readonly number[], compared: readonly Candidate[], first: Candidate): number {
  const all = [first, ...compared];
  // Each candidate's true doors, by class and half: two places a class.
  const places = 2 * (Math.max(...classOf, 0) + 1);
  const trueAt = all.map(({ isTrue }) => {
    const counts = new Float64Array(places);
    for (let i = 0; i < classOf.length; i += 1) {
      const at = 2 * (classOf[i] ?? 0) + (i % 2);
      if (isTrue[i] === true) counts[at] = (counts[at] ?? 0) + 1;
    }
    return counts;
  });
  const [byFirst] = trueAt;
  let gain = 0;
  for (let at = 0; at < places; at += 1) {
    const best = trueAt.reduce((a, b) => ((b[at] ?? 0) > (a[at] ?? 0) ? b : a));
    // Beside an even place stands the other half of its class, and the other way round.
    gain += (best[at ^ 1] ?? 0) - (byFirst?.[at ^ 1] ?? 0);
  }
  return Math.max(0, gain / Math.max(1, classOf.length));
}

/** With every figure known each door has the plan that a steady hand would make right; the hand is as it is. */
function chosenDoorByDoor(compared: readonly Candidate[], steadily: readonly (readonly boolean[])[], first: Candidate): number {
  const ended = first.isTrue.map((isTrue, i) => {
    const fit = compared.find((_, c) => steadily[c]?.[i] === true);
    return fit === undefined ? isTrue : fit.isTrue[i] === true;
  });
  return share(ended);
}

/** What a reading would tell the drawn doors apart by: its figure on each, with the error of its instrument, in classes of one size. */
function classesBy({ model }: Belief, { drawn }: Trial, station: string): number[] {
  const sd = Math.sqrt(readingVariance(model, { station }));
  const figures = drawn.map(({ state, errors }) => {
    const { coefficients, offset } = model.row(station, state.length);
    return offset + dot(coefficients, state) + sd * errors.ofReading;
  });
  const order = figures.map((_, i) => i).sort((a, b) => (figures[a] ?? 0) - (figures[b] ?? 0));
  const classOf = figures.map(() => 0);
  order.forEach((i, rank) => (classOf[i] = Math.floor((rank * CLASSES) / order.length)));
  return classOf;
}
