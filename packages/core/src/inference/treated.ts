import type { Cause } from '../model/cause';
import type { Belief, HeldHypothesis } from './belief';
import type { DoneStep } from './observed';

/** Less than this share of a fault's usual size left, and it has been treated. */
const TREATED_BELOW = 0.4;

/** Whether work already done has dealt with a cause: the magnitude that is left is small, or there is none to gauge. */
export function isTreated(
  { model, space, held, done }: Pick<Belief, 'model' | 'space' | 'held' | 'done'>,
  { id, cures, at }: Cause,
): boolean {
  const own = done.filter((step) => cures.includes(step.action) && (at === undefined || step.place === at));
  if (own.length === 0) return false;
  // What is set rather than cured leaves no magnitude to gauge: it has been treated.
  if (own.some((step) => model.action(step.action).effect.kind !== 'cure')) return true;
  let left = 0;
  let usual = 0;
  for (const { hypothesis, posterior, probability } of held) {
    hypothesis.directions.forEach((place, k) => {
      const direction = space.directions[place];
      if (direction?.cause.id !== id) return;
      left += probability * Math.abs(posterior.mean[model.layout.magnitudeAt(k)] ?? 0);
      usual += probability * Math.abs(direction.mean);
    });
  }
  return usual === 0 || left / usual < TREATED_BELOW;
}

/** The causes of a hypothesis that are still at work after what was done. */
export function stillAtWork({ model, space }: Belief, held: HeldHypothesis, done: readonly DoneStep[]): string[] {
  return held.hypothesis.causes.filter((each) => !isTreated({ model, space, held: [held], done }, each)).map(({ id }) => id);
}
