import type { Diagnosis as AnyDiagnosis, Estimate as AnyEstimate, ExpectedGap as AnyExpected } from '../inference/diagnosis';
import type { NextBest as AnyNextBest } from '../inference/nextBest';
import type {
  AnsweredFinding as AnyAnswered,
  DoneStep as AnyDone,
  Observations,
  Reading as AnyReading,
  Round as AnyRound,
} from '../inference/observed';
import type { Correction as AnyCorrection } from '../planning/correction';
import type { GapMove as AnyGapMove, Plan as AnyPlan } from '../planning/plan';
import type { PlannedStep as AnyStep } from '../planning/steps';
import type { AnyDoor } from './anyDoor';
import type { EveryName } from './names';

export type Reading = AnyReading<EveryName>;
export type AnsweredFinding = AnyAnswered<EveryName>;
export type DoneStep = AnyDone<EveryName>;
export type Round = AnyRound<EveryName>;

/** What is known of a door of any kind on site. */
export interface Observed extends Observations<EveryName> {
  door: AnyDoor;
}

export type Estimate = AnyEstimate<EveryName>;
export type ExpectedGap = AnyExpected<EveryName>;
export type Diagnosis = AnyDiagnosis<EveryName>;
export type NextBest = AnyNextBest<EveryName>;
export type Correction = AnyCorrection<EveryName>;
export type Plan = AnyPlan<EveryName>;
export type PlannedStep = AnyStep<EveryName>;
export type GapMove = AnyGapMove<EveryName>;

/** What a function of the engine answers of every kind of door, by the name behind the dot. */
export type EngineQuestion = 'estimate' | 'diagnose' | 'next' | 'plan';

/** Name of a function of the engine and its request, for a door of some kind: places of a hinged door are its hinges. */
export function engineRequest({ door, ...observed }: Observed, question: EngineQuestion): { name: string; request: object } {
  const name = `${door.kind}.${question}`;
  if (door.kind === 'sliding') return { name, request: { door: door.card, ...observed } };
  const { rounds } = observed;
  const withHinges = rounds?.map((round) => ({
    ...round,
    done: round.done.map(({ place, ...step }) => ({ ...step, ...(place !== undefined && { hinge: place }) })),
  }));
  return { name, request: { door: door.card, ...observed, ...(withHinges && { rounds: withHinges }) } };
}

/** A plan as the engine tells it of a kind of door, in the words of any. */
export function correctionFrom({ kind }: AnyDoor, told: unknown): Correction {
  if (kind === 'sliding') return told as Correction;
  const { plans, hingesAlone, ...rest } = told as Omit<Correction, 'plans' | 'settingAlone'> & {
    plans: (Omit<Plan, 'steps' | 'misfit'> & {
      steps: (Omit<PlannedStep, 'place'> & { hinge?: PlannedStep['place'] })[];
      misfit: { hinge: Plan['misfit'][number]['place']; mm: number }[];
    })[];
    hingesAlone: Correction['settingAlone'];
  };
  return {
    ...rest,
    settingAlone: hingesAlone,
    plans: plans.map(({ steps, misfit, ...plan }) => ({
      ...plan,
      steps: steps.map(({ hinge, ...step }) => ({ ...step, ...(hinge !== undefined && { place: hinge }) })),
      misfit: misfit.map(({ hinge, mm }) => ({ place: hinge, mm })),
    })),
  };
}
