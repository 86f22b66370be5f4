import { addSpread, dot, type Gaussian, type LinearRow, type Spread } from '../numbers/gaussian';
import { causesOf, type Cause, type CauseForm } from './causes';
import { profileOf, type HingedDoor } from './door';
import { HEALTHY_SPREAD, STOP_GAP_MM, UNEVENNESS_MM } from './healthy';
import { moveVector } from './moves';
import { PARAMETER_COUNT, parameterIndex } from './parameters';
import { STATE_SIZE } from './stations';

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
  forms: readonly CauseForm[];
  /** Places in the fault directions of the space. */
  directions: readonly number[];
  logPrior: number;
}

/** Everything that can be supposed of a door: how a sound one differs, what faults move, and which go together. */
export interface FaultSpace {
  door: HingedDoor;
  /** A sound door: mean and covariance of the state. */
  sound: Gaussian;
  directions: readonly FaultDirection[];
  /** Every cause by itself and every two that can meet; prior chances sum to one. */
  hypotheses: readonly Hypothesis[];
}

/** How many calls have two faults at once (common practice, no source: one in five). */
const PAIR_SHARE = 0.2;

export function faultSpace(door: HingedDoor): FaultSpace {
  const key = JSON.stringify(door);
  const kept = SPACES.get(key);
  if (kept !== undefined) return kept;
  const causes = causesOf(door);
  const { edges } = profileOf(door);
  const directions: FaultDirection[] = [];
  const total = causes.reduce((sum, { prior }) => sum + prior, 0);
  const singles = causes.flatMap((cause) =>
    cause.forms.map((form) => {
      const own = form.axes.map(
        ({ mean, sd, moves }) =>
          directions.push({
            cause,
            form,
            mean: mean === 'hingeGap' ? edges.hinge.target : mean,
            sd,
            along: moveVector(moves, door, STATE_SIZE),
          }) - 1,
      );
      return { cause, form, own, chance: (cause.prior / total) * form.share };
    }),
  );
  const pairs = singles.flatMap((a, i) =>
    singles.slice(i + 1).flatMap((b) => (canMeet(a.cause, b.cause) ? [{ a, b, chance: a.chance * b.chance }] : [])),
  );
  const pairTotal = pairs.reduce((sum, { chance }) => sum + chance, 0);
  const hypotheses: Hypothesis[] = [
    ...singles.map(({ cause, form, own, chance }) => ({
      causes: [cause],
      forms: [form],
      directions: own,
      logPrior: Math.log(chance * (1 - PAIR_SHARE)),
    })),
    ...pairs.map(({ a, b, chance }) => ({
      causes: [a.cause, b.cause],
      forms: [a.form, b.form],
      directions: [...a.own, ...b.own],
      logPrior: Math.log((chance / pairTotal) * PAIR_SHARE),
    })),
  ];
  const space = { door, sound: soundDoor(door), directions, hypotheses };
  if (SPACES.size >= MOST_KEPT) SPACES.clear();
  SPACES.set(key, space);
  return space;
}

/** The spaces of the last few doors: each reading of a door asks for the same one again, as a new object. */
const SPACES = new Map<string, FaultSpace>();
const MOST_KEPT = 8;

function canMeet(a: Cause, b: Cause): boolean {
  return a.place !== b.place && a.place !== 'none' && b.place !== 'none';
}

function soundDoor(door: HingedDoor): Gaussian {
  const { edges } = profileOf(door);
  const mean = new Float64Array(STATE_SIZE);
  mean[parameterIndex('hingeGap')] = edges.hinge.target;
  mean[parameterIndex('headGap')] = edges.head.target;
  mean[parameterIndex('sideRoom')] = edges.hinge.target + edges.latch.target;
  mean[parameterIndex('heightRoom')] = edges.head.target + edges.foot.target;
  mean[parameterIndex('stopGap')] = STOP_GAP_MM;
  const cov = new Float64Array(STATE_SIZE * STATE_SIZE);
  for (const { sd, moves } of HEALTHY_SPREAD) addSpread(cov, moveVector(moves, door, STATE_SIZE), sd * sd);
  for (let i = PARAMETER_COUNT; i < STATE_SIZE; i += 1) cov[i * STATE_SIZE + i] = UNEVENNESS_MM * UNEVENNESS_MM;
  return { mean, cov };
}

/** What a supposition expects of one figure before anything is read, given what a sound door would show there. */
export function expectBeforehand(space: FaultSpace, { directions }: Hypothesis, row: LinearRow, sound: Spread): Spread {
  let { mean, variance } = sound;
  for (const place of directions) {
    const direction = space.directions[place];
    if (direction === undefined) continue;
    const share = dot(row.coefficients, direction.along);
    mean += share * direction.mean;
    variance += (share * direction.sd) ** 2;
  }
  return { mean, variance };
}
