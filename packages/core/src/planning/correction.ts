import type { Names } from '../model/names';
import type { Plan } from './plan';

/**
 * `measure first`: too little is known to plan. `true`: leave it alone. `cures`: ends inside the profile. `wait`: nothing is to
 * be cut or set until the door has dried. `falls short`: the best that can be done here.
 */
export type PlanOutcome = 'measure first' | 'true' | 'cures' | 'wait' | 'falls short';

/** A way that was tried and did not win. */
export interface LostPlan {
  says: string;
  why: string;
}

/** An action that is not allowed here, and why. */
export interface RuledOut<N extends Names = Names> {
  action: N['action'];
  title: string;
  why: string;
}

export interface Correction<N extends Names = Names> {
  outcome: PlanOutcome;
  cause: { id: N['cause']; title: string; probability: number };
  /** One to three, the quickest first. */
  plans: Plan<N>[];
  /** Whether setting the places, and what holds them, can make the door true. */
  settingAlone: { can: boolean; chanceTrue: number };
  lost: LostPlan[];
  /** Gaps too little known to plan by, with their doubt, mm (standard deviation). */
  unknown: { station: N['station']; sdMm: number }[];
  ruledOut: RuledOut<N>[];
  advice: string[];
}

export interface PlanOptions<N extends Names = Names> {
  /** Actions the technician will not do today. */
  without?: readonly N['action'][];
  seed?: number;
  /** Doors drawn for the chance; its standard error is at most 0.5/√draws. */
  draws?: number;
}
