import { putsInNew, setsSlab, type Action } from '../model/action';
import type { Cause } from '../model/cause';

/** Whether work leaves the slab hanging otherwise than before: dirt that is gone has moved no gap. */
export function displaces(action: Pick<Action, 'effect'>, cause: (id: string) => Pick<Cause, 'forms'>): boolean {
  const { effect } = action;
  if (setsSlab(action) || putsInNew(action)) return true;
  return effect.kind === 'cure' && effect.cures.some((id) => cause(id).forms.some(({ axes }) => axes.length > 0));
}
