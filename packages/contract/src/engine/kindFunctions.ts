import { toEnd, type Stepwise } from '@proper-swing/core/stepwise';
import type { Schema } from 'yup';
import { withoutAbsent } from '../fields/withoutAbsent';
import { diagnoseResult, estimateResult, nextResult } from './diagnosisSchemas';
import type { EngineFunction, TellSoFar } from './engineFunction';
import type { KindNames } from './kindNames';
import { observedRequests } from './observedRequests';
import { planResult } from './planSchemas';

/** What a plan may be asked with besides what was observed. */
interface PlanWishes<Action extends string> {
  without?: readonly Action[];
  seed?: number;
}

/** What is asked of every kind of door, answered by what the core says of this one. */
export interface AskedKind<Observed, Action extends string> {
  /** Before the dot of a function's name. */
  prefix: string;
  titles: { diagnose: string; next: string; plan: string; estimate: string };
  names: KindNames;
  door: Schema<object>;
  example: object;
  diagnose: (observed: Observed) => unknown;
  estimate: (observed: Observed) => unknown;
  whatNext: (observed: Observed) => unknown;
  planningOf: (observed: Observed, wishes: PlanWishes<Action>, tell?: TellSoFar) => Stepwise<unknown>;
}

/** Diagnosis, the next reading, the plan and the quick estimate of a kind of door. */
export function kindFunctions<Observed extends object, Action extends string>(asked: AskedKind<Observed, Action>): EngineFunction[] {
  const { prefix, titles, names, example } = asked;
  const requests = observedRequests(names, asked.door);
  const planningFrom = (request: Observed & PlanWishes<Action>, tell?: TellSoFar) => {
    const { without, seed, ...observed } = withoutAbsent(request);
    return asked.planningOf(observed as unknown as Observed, { ...(without && { without }), ...(seed !== undefined && { seed }) }, tell);
  };
  return [
    {
      name: `${prefix}.diagnose`,
      title: titles.diagnose,
      request: requests.diagnose,
      result: diagnoseResult(names),
      example,
      run: (request: Observed) => asked.diagnose(withoutAbsent(request)),
    },
    {
      name: `${prefix}.next`,
      title: titles.next,
      request: requests.diagnose,
      result: nextResult,
      example,
      run: (request: Observed) => asked.whatNext(withoutAbsent(request)),
    },
    {
      name: `${prefix}.plan`,
      title: titles.plan,
      request: requests.plan,
      result: planResult(names),
      example,
      run: (request: Observed) => toEnd(planningFrom(request)),
      inSteps: planningFrom,
    },
    {
      name: `${prefix}.estimate`,
      title: titles.estimate,
      request: requests.diagnose,
      result: estimateResult(names),
      example,
      run: (request: Observed) => asked.estimate(withoutAbsent(request)),
    },
  ];
}
