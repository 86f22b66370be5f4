import type { Belief } from '../inference/belief';
import * as inference from '../inference/believe';
import * as diagnosing from '../inference/diagnose';
import type { Diagnosis as AnyDiagnosis, Estimate as AnyEstimate } from '../inference/diagnosis';
import * as next from '../inference/nextBest';
import type { TellPlan } from '../planning/correction';
import * as planning from '../planning/planCorrections';
import { toEnd, type Stepwise } from '../stepwise';
import { hingedModel } from './hingedDoors';
import type { HingedNames } from './tables/hingedNames';
import { hingedCorrection, type Correction, type PlanOptions } from './hingedPlan';
import { observationsOf, type Observed } from './observed';

export type Estimate = AnyEstimate<HingedNames>;
export type Diagnosis = AnyDiagnosis<HingedNames>;
export type NextBest = next.NextBest<HingedNames>;

/*
 * What inference and planning say of a hinged door. They speak of any door, in any names; given the tables of hinged doors, the
 * names they give back are names of those tables.
 */

/** @throws DomainError when the door, a reading or a finding makes no sense; so do all below */
export function believe(observed: Observed): Belief {
  return inference.believe(hingedModel(observed.door), observationsOf(observed));
}

/** Estimates every gap and the chance of every cause, from whatever was read. */
export function estimate(observed: Observed): Estimate {
  return diagnosing.estimate(hingedModel(observed.door), observationsOf(observed)) as Estimate;
}

/** Names the likely causes of a hinged door's trouble, and estimates every gap round it, from whatever was read. */
export function diagnose(observed: Observed): Diagnosis {
  return diagnosing.diagnose(hingedModel(observed.door), observationsOf(observed)) as Diagnosis;
}

/** What to read or try next, from whatever was read. */
export function whatNext(observed: Observed): NextBest {
  return next.whatNext(hingedModel(observed.door), observationsOf(observed)) as NextBest;
}

/** The same for a belief that is already there. */
export function nextBest(observed: Observed, belief: Belief): NextBest {
  return next.nextBest(observationsOf(observed), belief) as NextBest;
}

/** The best corrections of a hinged door inside its tolerance profile; up to three aims. */
export function planCorrections(observed: Observed, options: PlanOptions = {}): Correction {
  return toEnd(planningOf(observed, options));
}

/**
 * The same a piece at a time.
 *
 * @param tell told a plan to begin with where there is one whose work can be undone, and the plan itself before its uncertainty is counted
 */
export function* planningOf(observed: Observed, options: PlanOptions = {}, tell?: TellPlan<Correction>): Stepwise<Correction> {
  const tellAny: TellPlan | undefined = tell && ((soFar, allTried) => tell(hingedCorrection(soFar), allTried));
  return hingedCorrection(yield* planning.planningOf(hingedModel(observed.door), observationsOf(observed), options, tellAny));
}

/** The same at once, for a belief that is already there. */
export function planFor(observed: Observed, belief: Belief, options: PlanOptions = {}): Correction {
  return hingedCorrection(planning.planFor(observationsOf(observed), belief, options));
}
