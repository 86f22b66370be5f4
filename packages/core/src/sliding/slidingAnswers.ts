import type { Belief } from '../inference/belief';
import * as inference from '../inference/believe';
import * as diagnosing from '../inference/diagnose';
import type { Diagnosis as AnyDiagnosis, Estimate as AnyEstimate } from '../inference/diagnosis';
import * as next from '../inference/nextBest';
import type { Correction as AnyCorrection, PlanOptions as AnyPlanOptions, TellPlan } from '../planning/correction';
import * as planning from '../planning/planCorrections';
import { toEnd, type Stepwise } from '../stepwise';
import type { Observed } from './observed';
import { slidingModel } from './slidingDoors';
import type { SlidingNames } from './tables/slidingNames';

export type Estimate = AnyEstimate<SlidingNames>;
export type Diagnosis = AnyDiagnosis<SlidingNames>;
export type NextBest = next.NextBest<SlidingNames>;
export type Correction = AnyCorrection<SlidingNames>;
export type PlanOptions = AnyPlanOptions<SlidingNames>;

/*
 * What inference and planning say of a sliding door. They speak of any door, in any names; given the tables of sliding doors, the
 * names they give back are names of those tables.
 */

/** @throws DomainError when the door, a reading or a finding makes no sense; so do all below */
export function believe(observed: Observed): Belief {
  return inference.believe(slidingModel(observed.door), observed);
}

/** Estimates every gap and the chance of every cause, from whatever was read. */
export function estimate(observed: Observed): Estimate {
  return diagnosing.estimate(slidingModel(observed.door), observed) as Estimate;
}

/** Names the likely causes of a sliding door's trouble, and estimates every gap, from whatever was read. */
export function diagnose(observed: Observed): Diagnosis {
  return diagnosing.diagnose(slidingModel(observed.door), observed) as Diagnosis;
}

/** What to read or try next, from whatever was read. */
export function whatNext(observed: Observed): NextBest {
  return next.whatNext(slidingModel(observed.door), observed) as NextBest;
}

/** The same for a belief that is already there. */
export function nextBest(observed: Observed, belief: Belief): NextBest {
  return next.nextBest(observed, belief) as NextBest;
}

/** The best corrections of a sliding door; up to three aims. */
export function planCorrections(observed: Observed, options: PlanOptions = {}): Correction {
  return toEnd(planningOf(observed, options));
}

/** The same a piece at a time. */
export function* planningOf(observed: Observed, options: PlanOptions = {}, tell?: TellPlan<Correction>): Stepwise<Correction> {
  const tellAny: TellPlan | undefined = tell && ((soFar, allTried) => tell(soFar as Correction, allTried));
  return (yield* planning.planningOf(slidingModel(observed.door), observed, options, tellAny)) as Correction;
}

/** The same at once, for a belief that is already there. */
export function planFor(observed: Observed, belief: Belief, options: PlanOptions = {}): Correction {
  return planning.planFor(observed, belief, options) as Correction;
}
