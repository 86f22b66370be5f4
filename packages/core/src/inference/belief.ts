import type { DoorModel } from '../model/doorModel';
import type { Gaussian } from '../numbers/gaussian';
import type { FaultSpace, Hypothesis } from './hypotheses';
import type { LinearReading } from './linearReadings';
import type { DoneStep } from './observed';
import type { TakenAnswer } from './takenAnswers';

/** A hypothesis with its posterior after all that was read and found. */
export interface HeldHypothesis {
  hypothesis: Hypothesis;
  /** Over the state and what stands behind it, as the layout says. */
  posterior: Gaussian;
  probability: number;
}

/** What is believed of a door. */
export interface Belief {
  model: DoorModel;
  space: FaultSpace;
  readings: readonly LinearReading[];
  /** Those of the door as it is now: as found, or of the last round. */
  latest: readonly LinearReading[];
  answers: readonly TakenAnswer[];
  /** Chance of every hypothesis of the space, in its order; they sum to one. */
  chances: Float64Array;
  /** The likeliest hypotheses in full, likeliest first; their probabilities sum to one among themselves. */
  held: readonly HeldHypothesis[];
  /** Everything done so far. */
  done: readonly DoneStep[];
  /** What one unit of an action has turned out to do here, as a multiple of what was expected. */
  learned: ReadonlyMap<string, number>;
}
