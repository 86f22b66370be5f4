import type { Belief } from '../inference/belief';
import type { Observations } from '../inference/observed';
import type { Plan } from './plan';
import type { PlannedStep } from './steps';

/** A plan in which each step that comes again says why: how far it got, and how far it is to go. */
export function withReasons(plan: Plan, { done }: Pick<Belief, 'done'>, { rounds = [] }: Pick<Observations, 'rounds'>): Plan {
  const comesAgain = ({ action, place }: PlannedStep) => done.some((each) => each.action === action && each.place === place);
  const read = rounds.flatMap(({ readings }) => readings);
  const reasonFor = (step: PlannedStep): PlannedStep => {
    const [station] = comesAgain(step) ? step.recheck : [];
    const last = read.filter((each) => each.station === station).at(-1);
    const wanted = plan.gaps.find((each) => each.station === station);
    if (last === undefined || 'rubs' in last || wanted === undefined) return step;
    return { ...step, again: { station: last.station, readMm: last.mm, wantedMm: wanted.afterMm } };
  };
  return { ...plan, steps: plan.steps.map(reasonFor) };
}
