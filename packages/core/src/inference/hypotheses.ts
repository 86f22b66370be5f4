import { NO_PART, type Cause, type CauseForm } from '../model/cause';
import type { DoorModel } from '../model/doorModel';
import { shareOf } from '../model/moves';
import { dot, type LinearRow, type Spread } from '../numbers/gaussian';

/** One magnitude of one form of a cause, with the direction in which 1 mm of it moves the state. */
export interface FaultDirection {
  cause: Cause;
  form: CauseForm;
  mean: number;
  sd: number;
  along: Float64Array;
}

/** A supposition: which causes are at work, each in which form. */
export interface Hypothesis {
  causes: readonly Cause[];
  /** Which set of causes this is; those that differ in form or spread only share one. */
  supposition: number;
  forms: readonly CauseForm[];
  /** Places in the fault directions of the space. */
  directions: readonly number[];
  /** How widely the sizes of its faults are supposed to be spread, as a multiple of the usual. */
  spread: number;
  logPrior: number;
}

/** Everything that can be supposed of a door: what faults move, and which go together. */
export interface FaultSpace {
  directions: readonly FaultDirection[];
  /** Every cause by itself and every two that can meet; prior chances sum to one. */
  hypotheses: readonly Hypothesis[];
}

/** How many calls have two faults at once (common practice, no source: one in five). */
const PAIR_SHARE = 0.2;

const SPACES = new WeakMap<DoorModel, FaultSpace>();

export function faultSpace(model: DoorModel): FaultSpace {
  const kept = SPACES.get(model) ?? makeSpace(model);
  SPACES.set(model, kept);
  return kept;
}

function makeSpace({ causes, direction, figures, tables: { trust } }: DoorModel): FaultSpace {
  const directions: FaultDirection[] = [];
  const total = causes.reduce((sum, { prior }) => sum + prior, 0);
  const supposed = causes.flatMap((cause) =>
    cause.forms.map((form) => {
      const own = form.axes.map(
        ({ mean, sd, moves }) => directions.push({ cause, form, mean: shareOf(mean, figures), sd, along: direction(moves) }) - 1,
      );
      return { cause, form, own, chance: (cause.prior / total) * form.share };
    }),
  );
  const singles = supposed.flatMap((each) =>
    each.own.length === 0
      ? [{ ...each, spread: 1 }]
      : trust.tails.map(({ share, spread }) => ({ ...each, spread, chance: each.chance * share })),
  );
  const pairs = supposed.flatMap((a, i) =>
    supposed.slice(i + 1).flatMap((b) => (canMeet(a.cause, b.cause) ? [{ a, b, chance: a.chance * b.chance }] : [])),
  );
  const pairTotal = pairs.reduce((sum, { chance }) => sum + chance, 0);
  // Where no two causes can meet, single ones have all the chance.
  const singleShare = pairs.length === 0 ? 1 : 1 - PAIR_SHARE;
  const made: Omit<Hypothesis, 'supposition'>[] = [
    ...singles.map(({ cause, form, own, spread, chance }) => ({
      causes: [cause],
      forms: [form],
      directions: own,
      spread,
      logPrior: Math.log(chance * singleShare),
    })),
    ...pairs.map(({ a, b, chance }) => ({
      causes: [a.cause, b.cause],
      forms: [a.form, b.form],
      directions: [...a.own, ...b.own],
      spread: trust.pairedSpread,
      logPrior: Math.log((chance / pairTotal) * PAIR_SHARE),
    })),
  ];
  const keys = [...new Set(made.map(suppositionKey))];
  const placeOf = new Map(keys.map((key, i) => [key, i]));
  return { directions, hypotheses: made.map((each) => ({ ...each, supposition: placeOf.get(suppositionKey(each)) ?? 0 })) };
}

function canMeet(a: Cause, b: Cause): boolean {
  const isApart = a.part !== b.part || (a.piece !== undefined && b.piece !== undefined && a.piece !== b.piece);
  return isApart && a.part !== NO_PART && b.part !== NO_PART;
}

/** Names the causes of a hypothesis whatever their form. */
export function suppositionKey({ causes }: Pick<Hypothesis, 'causes'>): string {
  return causes.map(({ id }) => id).join();
}

/** What a supposition expects of one figure before anything is read, given what a sound door would show there. */
export function expectBeforehand(space: FaultSpace, { directions, spread }: Hypothesis, row: LinearRow, sound: Spread): Spread {
  let { mean, variance } = sound;
  for (const place of directions) {
    const direction = space.directions[place];
    if (direction === undefined) continue;
    const share = dot(row.coefficients, direction.along);
    mean += share * direction.mean;
    variance += (share * direction.sd * spread) ** 2;
  }
  return { mean, variance };
}
