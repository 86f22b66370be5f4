import type { CallRecord } from '@proper-swing/contract';
import { write } from '../../data/sendWrites';

/** Marks a call done, or opens it again. */
export function setCallState({ call }: CallRecord, state: 'open' | 'done'): void {
  write('calls', { ...call, revision: call.revision + 1, writtenAt: new Date().toISOString(), state });
}
