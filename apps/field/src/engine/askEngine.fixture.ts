import { engineFunction } from '@proper-swing/contract/engine';
import {
  correctionFrom,
  engineRequest,
  type ActionId,
  type Correction,
  type Diagnosis,
  type EngineQuestion,
  type Estimate,
  type NextBest,
  type Observed,
} from '@proper-swing/core/doors';

/** What the engine answers in a test, asked as the app asks it. */
function ask(observed: Observed, question: EngineQuestion, more: object = {}): unknown {
  const { name, request } = engineRequest(observed, question);
  return engineFunction(name)?.run({ ...request, ...more } as never);
}

export const estimateOf = (observed: Observed) => ask(observed, 'estimate') as Estimate;
export const diagnosisOf = (observed: Observed) => ask(observed, 'diagnose') as Diagnosis;
export const nextBestOf = (observed: Observed) => ask(observed, 'next') as NextBest;
export const correctionOf = (observed: Observed, without: readonly ActionId[] = []): Correction =>
  correctionFrom(observed.door, ask(observed, 'plan', { without }));
