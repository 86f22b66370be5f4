import { putsInNew, setsSlab } from '../model/action';
import type { Belief, HeldHypothesis } from './belief';
import type { DoneStep } from './observed';

/** One round teaches no more than this of what a unit does, as a multiple. */
const LEAST_LEARNED = 0.5;
const MOST_LEARNED = 1.6;

/** What a unit of each action that was done turns out to do, as a multiple of what was expected at first. */
export function learnedFrom({ learned, model }: Belief, held: readonly HeldHypothesis[], done: readonly DoneStep[]): Map<string, number> {
  // New parts are set by screws of their own: what the old ones did is forgotten.
  const isRenewed = done.some(({ action }) => putsInNew(model.action(action)));
  const now = new Map(isRenewed ? [] : learned);
  for (const id of new Set(done.map((step) => step.action))) {
    if (!setsSlab(model.action(id))) continue;
    const own = done.flatMap((step, k) => (step.action === id ? [k] : []));
    const more = held.reduce((sum, { posterior, probability }) => {
      const firstError = posterior.mean.length - done.length;
      const shares = own.map((k) => posterior.mean[firstError + k] ?? 0);
      return sum + (probability * shares.reduce((all, each) => all + each, 0)) / Math.max(1, shares.length);
    }, 0);
    now.set(id, (now.get(id) ?? 1) * Math.min(MOST_LEARNED, Math.max(LEAST_LEARNED, 1 + more)));
  }
  return now;
}
