import type { Belief } from '../inference/belief';
import { choleskyOf, dot } from '../numbers/gaussian';
import type { RandomStream } from '../numbers/seededRandom';
import { gapChanges, gapsAt, type GapBoard } from './board';
import { drawWorkErrors, type WorkErrors } from './workErrors';

/** One door as it may be, drawn from the belief, with how each kind of work will turn out on it. */
export interface DrawnDoor {
  /** Figures at the stations of the board, and behind them of the sides, mm. */
  gaps: Float64Array;
  /** What each cause at work adds to the board, mm; taking the cause away takes this away. */
  faults: ReadonlyMap<string, Float64Array>;
  errors: WorkErrors;
  /** The state it was drawn in, and which set of causes is at work. */
  state: Float64Array;
  supposition: number;
}

/** Draws doors from the belief: a hypothesis by its probability, then its state. */
export function drawDoors(belief: Belief, board: GapBoard, random: RandomStream, count: number): DrawnDoor[] {
  const { model, space } = belief;
  const roots = belief.held.map(({ posterior }) => choleskyOf(posterior.cov, posterior.mean.length));
  const along = new Map<number, Float64Array>();
  return Array.from({ length: count }, () => {
    const h = pick(belief, random.uniform());
    const held = belief.held[h] ?? belief.held[0];
    const root = roots[h] ?? roots[0];
    if (held === undefined || root === undefined) throw new RangeError('A belief holds at least one hypothesis.');
    const state = draw(held.posterior.mean, root, random);
    const faults = new Map<string, Float64Array>();
    held.hypothesis.directions.forEach((place, k) => {
      const direction = space.directions[place];
      if (direction === undefined) return;
      const magnitude = state[model.layout.magnitudeAt(k)] ?? 0;
      const changes = along.get(place) ?? gapChanges(board, model, direction.along);
      along.set(place, changes);
      const moved = changes.map((change) => change * magnitude);
      const known = faults.get(direction.cause.id);
      faults.set(direction.cause.id, known === undefined ? moved : known.map((mm, i) => mm + (moved[i] ?? 0)));
    });
    return {
      gaps: gapsAt(board, model, state),
      faults,
      errors: drawWorkErrors(random),
      state,
      supposition: held.hypothesis.supposition,
    };
  });
}

function pick({ held }: Belief, u: number): number {
  let sum = 0;
  for (let i = 0; i < held.length; i += 1) {
    sum += held[i]?.probability ?? 0;
    if (u < sum) return i;
  }
  return 0;
}

function draw(mean: Float64Array, root: Float64Array, random: RandomStream): Float64Array {
  const n = mean.length;
  const z = Float64Array.from({ length: n }, () => random.normal());
  return mean.map((m, i) => m + dot(root.subarray(i * n, i * n + i + 1), z.subarray(0, i + 1)));
}

/** The mean of the doors' boards. */
export function meanBoard(gaps: readonly Float64Array[]): Float64Array {
  const mean = new Float64Array(gaps[0]?.length ?? 0);
  for (const each of gaps) for (let i = 0; i < mean.length; i += 1) mean[i] = (mean[i] ?? 0) + (each[i] ?? 0) / gaps.length;
  return mean;
}
