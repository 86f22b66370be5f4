import type { CallRecord } from '@proper-swing/contract';
import { revised, write } from '../offline/write';

/**
 * Marks a call done.
 *
 * @param because why it is left though the door is not proved
 */
export function closeCall({ call }: CallRecord, because?: string): void {
  write('calls', revised(call, { state: 'done', ...(because !== undefined && { leftBecause: because }) }));
}

/** Opens a call again; why it was left no longer holds. */
export function reopenCall({ call: { leftBecause: _, ...call } }: CallRecord): void {
  write('calls', revised(call, { state: 'open' }));
}
