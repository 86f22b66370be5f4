import type { Moves, Share } from './moves';
import type { Names } from './names';

/** One magnitude of a fault, mm: its usual size, its spread, and what moves with 1 mm of it. */
export interface FaultAxis<N extends Names = Names> {
  measure: string;
  mean: Share<N['figure']>;
  sd: number;
  moves: Moves<N>;
}

/** A way in which a cause shows itself, with its share among the ways. The first axis is the fault's own size. */
export interface CauseForm<N extends Names = Names> {
  id: string;
  share: number;
  axes: readonly FaultAxis<N>[];
}

/** A reason for a door's trouble, as a carpenter would write it down. */
export interface Cause<N extends Names = Names> {
  id: N['cause'];
  title: string;
  /** In the middle of a sentence: "tells … from …". */
  called: string;
  /** One sentence: what has happened to the door. */
  says: string;
  /** How often it is behind a call before anything is known; relative. */
  prior: number;
  /** The part that ails. Causes of one part are not supposed together: the top hinge is loose or stripped, not both. */
  part: string;
  /** What of the part ails, where two things of it can: the screws of a hinge may be loose and its knuckles spread. */
  piece?: string;
  forms: readonly CauseForm<N>[];
  /** The place that ails: setting any other does not treat it. */
  at?: N['place'];
  /** Actions of which one must be in the plan before anything that only hides the fault. */
  /** It harms a door whose gaps are good: it will not stay so, or what is wrong shows in no gap. */
  harmsUnseen?: true;
  cures: readonly N['action'][];
  /** Said beside the plan, or instead of one. */
  advice?: string;
  /** Why the slab may not be planed while this is a likely cause. */
  forbidsPlaning?: string;
}

/** The part of a sound door: what has it goes with no other cause. */
export const NO_PART = 'none';
