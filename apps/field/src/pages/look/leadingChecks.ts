import type { FindingId } from '@proper-swing/core/doors';
import { useState } from 'react';

/**
 * The checks that stand first. They stay where they are while the page is open, so that nothing moves under a finger: the next ones come
 * below once all of those are answered.
 */
export function useLeadingChecks(telling: readonly FindingId[] | undefined, isAnswered: (id: FindingId) => boolean): readonly FindingId[] {
  const [shown, setShown] = useState<readonly FindingId[]>([]);
  const next = withNext(shown, telling ?? [], isAnswered);
  if (next !== shown) setShown(next);
  return next;
}

/** What stands there with those that tell most now, where none of it is still to be answered. */
export function withNext(
  shown: readonly FindingId[],
  telling: readonly FindingId[],
  isAnswered: (id: FindingId) => boolean,
): readonly FindingId[] {
  if (!shown.every(isAnswered)) return shown;
  const fresh = telling.filter((id) => !shown.includes(id));
  return fresh.length === 0 ? shown : [...shown, ...fresh];
}
