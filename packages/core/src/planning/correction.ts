import type { DoubtfulReading } from '../inference/doubtful';
import type { Names } from '../model/names';
import type { Verdict } from '../model/tables';
import type { Plan } from './plan';

/**
 * `measure first`: too little is known to plan. `read again`: readings stand against all the others. `look again`: heavy work
 * rests on one look. `at once`: what was found undone
 * is done before anything is measured. `true`: leave it alone. `done`: free and even after work. `check all round`: nothing better is to
 * be had than to gauge it all round. `cures`: treats the cause and likely leaves the door free. `helps`: better than before, and no more is
 * promised. `find out first`: under a floor nothing is touched until more is known. `wait`: nothing is to be cut or set until the door has
 * dried. `falls short`: the best that can be done here.
 */
export const PLAN_OUTCOMES = [
  'measure first',
  'read again',
  'look again',
  'at once',
  'true',
  'done',
  'check all round',
  'cures',
  'helps',
  'find out first',
  'wait',
  'falls short',
] as const;
export type PlanOutcome = (typeof PLAN_OUTCOMES)[number];

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
  /** What work on this door is for. */
  binds: Verdict;
  /** What the work is for: the likeliest cause that is still to be treated, or of all where none is. */
  cause: { id: N['cause']; title: string; probability: number; isTreated?: true };
  /** One to three, the quickest first. */
  plans: Plan<N>[];
  /** Whether setting the places, and what holds them, can make the door true. */
  settingAlone: { can: boolean; chanceTrue: number };
  lost: LostPlan[];
  /** What is to be read first: what is too little known to plan by, with its doubt, mm (standard deviation). */
  unknown: { station: N['station']; sdMm: number }[];
  /** What is tried again now that the slab has been moved. */
  tryAgain: N['finding'][];
  /** What is looked at again before heavy work is done for it. */
  lookAgain: N['finding'][];
  /** Readings that stand against all the others, to be taken again first. */
  doubtful: DoubtfulReading<N>[];
  ruledOut: RuledOut<N>[];
  advice: string[];
}

/**
 * Told a plan before all of it is worked out: one to begin with, while not all ways have been tried; then the plan itself, when only what
 * keeps it from being sure is still to be counted.
 */
export type TellPlan<C = Correction> = (soFar: C, allTried: boolean) => void;

export interface PlanOptions<N extends Names = Names> {
  /** Actions the technician will not do today. */
  without?: readonly N['action'][];
  seed?: number;
  /** Doors drawn for the chance; its standard error is at most 0.5/√draws. */
  draws?: number;
}
