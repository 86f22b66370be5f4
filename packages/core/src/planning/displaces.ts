import type { Action } from '../model/action';
import type { Cause } from '../model/cause';

/** Whether work leaves the slab hanging otherwise than before: dirt that is gone has moved no gap. */
export function displaces({ effect }: Pick<Action, 'effect'>, cause: (id: string) => Pick<Cause, 'forms'>): boolean {
  if (effect.kind === 'shift' || effect.kind === 'lower') return true;
  return (
    effect.kind === 'cure' &&
    (effect.unsettles !== undefined || effect.cures.some((id) => cause(id).forms.some(({ axes }) => axes.length > 0)))
  );
}
