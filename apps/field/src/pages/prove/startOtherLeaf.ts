import type { CallRecord } from '@proper-swing/contract';
import { stamp, write } from '../../offline/write';

const OTHER_SIDE = { left: 'right', right: 'left' } as const;

/**
 * The other leaf of a pair as a door of its own, hung on the other leg, with a call on which it is proved.
 *
 * @returns the call's id
 */
export function startOtherLeaf({ door, call }: CallRecord): string {
  const card = { ...stamp(), revision: 1, siteId: door.siteId, title: `${door.title}, other leaf`, closesWith: door.id };
  const other =
    door.kind === 'hinged'
      ? { ...card, kind: door.kind, make: { ...door.make, hingesOn: OTHER_SIDE[door.make.hingesOn] } }
      : { ...card, kind: door.kind, make: door.make };
  write('doors', other);
  const own = {
    ...stamp(),
    revision: 1,
    doorId: other.id,
    scheduledFor: new Date().toISOString(),
    job: 'fitPair' as const,
    complaint: call.complaint,
    state: 'onSite' as const,
  };
  write('calls', own);
  return own.id;
}
