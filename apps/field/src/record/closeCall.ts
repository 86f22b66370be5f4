import type { CallRecord } from '@proper-swing/contract';
import { revised, write } from '../offline/write';

/** Marks a call done, or opens it again. */
export function setCallState({ call }: CallRecord, state: 'open' | 'done'): void {
  write('calls', revised(call, { state }));
}
