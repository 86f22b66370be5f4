import { action } from './actions';
import type { ActionId } from './actionIds';
import { CAUSES, type Cause, type CauseId } from './causes';
import { finding, FINDINGS, type FindingId } from './findings';
import type { Belief, HeldHypothesis } from './belief';
import type { DoneStep } from './readings';
import { STATE_SIZE } from './stations';

/** Less than this share of a fault's usual size left, and it has been treated. */
const TREATED_BELOW = 0.4;

/** Whether work already done has dealt with a cause: the magnitude that is left is small, or there is none to gauge. */
export function isTreated({ space, held, done }: Pick<Belief, 'space' | 'held' | 'done'>, { id, cures, at }: Cause): boolean {
  const own = done.filter((step) => cures.includes(step.action) && (at === undefined || step.hinge === at));
  if (own.length === 0) return false;
  // What is set rather than cured leaves no magnitude to gauge: it has been treated.
  if (own.some((step) => action(step.action).effect.kind !== 'cure')) return true;
  let left = 0;
  let usual = 0;
  for (const { hypothesis, posterior, probability } of held) {
    hypothesis.directions.forEach((place, a) => {
      const direction = space.directions[place];
      if (direction?.cause.id !== id) return;
      left += probability * Math.abs(posterior.mean[STATE_SIZE + a] ?? 0);
      usual += probability * Math.abs(direction.mean);
    });
  }
  return usual === 0 || left / usual < TREATED_BELOW;
}

/** The causes of a hypothesis that are still at work after what was done. */
export function stillAtWork(space: Belief['space'], held: HeldHypothesis, done: readonly DoneStep[]): CauseId[] {
  return held.hypothesis.causes.filter((each) => !isTreated({ space, held: [held], done }, each)).map(({ id }) => id);
}

/** A check whose answers differ by less than this share between a fault at work and none says nothing of whether it is gone. */
const TELLS_FROM = 0.35;
const MOST_LOOKS = 2;

/** The checks that tell best whether what an action cures is gone, most telling first. */
export function lookAgainAfter(id: ActionId): FindingId[] {
  // What only time cures shows nothing today.
  const cured = CAUSES.filter(({ cures, forbidsPlaning }) => cures.includes(id) && forbidsPlaning === undefined);
  return FINDINGS.filter(({ again }) => again === true)
    .map((each) => ({ id: each.id, tells: Math.max(0, ...cured.map((one) => apart(each.id, one.id))) }))
    .filter(({ tells }) => tells >= TELLS_FROM)
    .sort((a, b) => b.tells - a.tells)
    .slice(0, MOST_LOOKS)
    .map((each) => each.id);
}

/** Half the sum of the differences between the answers under a cause and the ordinary ones, 0 to 1. */
function apart(id: FindingId, cause: CauseId): number {
  const { chances } = finding(id);
  const own = chances[cause] ?? chances.otherwise;
  return own.reduce((sum, percent, i) => sum + Math.abs(percent - (chances.otherwise[i] ?? 0)), 0) / 200;
}
