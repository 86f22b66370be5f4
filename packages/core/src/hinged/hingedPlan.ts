import type { Correction as AnyCorrection, PlanOptions as AnyPlanOptions } from '../planning/correction';
import type { GapMove as AnyGapMove, Plan as AnyPlan } from '../planning/plan';
import type { PlannedStep as AnyStep } from '../planning/steps';
import type { HingeName } from './card/doorKinds';
import type { HingedNames } from './tables/hingedNames';

export type GapMove = AnyGapMove<HingedNames>;
export type PlanOptions = AnyPlanOptions<HingedNames>;

/** One step of a plan, at a hinge where it is at one; `shiftMm` is + toward the latch. */
export interface PlannedStep extends Omit<AnyStep<HingedNames>, 'place'> {
  hinge?: HingeName;
}

export interface Plan extends Omit<AnyPlan<HingedNames>, 'steps' | 'misfit'> {
  steps: PlannedStep[];
  /** Hinges left off the line of the others, mm: they bind unless eased. */
  misfit: { hinge: HingeName; mm: number }[];
}

export interface Correction extends Omit<AnyCorrection<HingedNames>, 'plans' | 'settingAlone'> {
  plans: Plan[];
  /** Whether setting the hinges, and what holds them, can make the door true. */
  hingesAlone: { can: boolean; chanceTrue: number };
}

/** A correction in the words of hinged doors: its places are hinges. */
export function hingedCorrection(correction: AnyCorrection): Correction {
  const { plans, settingAlone, ...rest } = correction as AnyCorrection<HingedNames>;
  return {
    ...rest,
    plans: plans.map((plan) => ({
      ...plan,
      steps: plan.steps.map(hingedStep),
      misfit: plan.misfit.map(({ place, mm }) => ({ hinge: place, mm })),
    })),
    hingesAlone: settingAlone,
  };
}

export function hingedStep(step: AnyStep): PlannedStep {
  const { place, ...rest } = step as AnyStep<HingedNames>;
  return { ...rest, ...(place !== undefined && { hinge: place }) };
}
