import type { Call } from '@proper-swing/contract';
import { revised, write } from '../offline/write';
import { wantsAnotherDay, type CallMove } from './callMoves';

/**
 * Says where a call stands now. A reason goes with the state it is given for, and with it alone.
 *
 * @throws when the device has no room left
 */
export function moveCall({ leftBecause: _, ...call }: Call, { to }: CallMove, because = ''): void {
  write('calls', revised<Call>(call, { state: to, ...(because.trim() !== '' && { leftBecause: because.trim() }) }));
}

/** The same for a key: a device without room is told of. @returns whether it was said */
export function tryToMove(call: Call, to: CallMove, onFault: (says: string) => void, because?: string): boolean {
  try {
    moveCall(call, to, because);
    return true;
  } catch {
    onFault('This device is full: it stands as before. Make room and try again.');
    return false;
  }
}

/**
 * Takes a booking back: the call is due when it was before, and stands as it stood.
 *
 * @throws when the device has no room left
 */
export function bookBack({ leftBecause: _, ...call }: Call, { scheduledFor, state, leftBecause }: Call): void {
  write('calls', revised<Call>(call, { scheduledFor, state, ...(leftBecause != null && { leftBecause }) }));
}

/**
 * Books a call for another moment. One that was tried in vain, or is to be come back to, is booked again.
 *
 * @throws when the device has no room left
 */
export function bookCall(call: Call, when: Date): void {
  const { leftBecause: _, ...rest } = call;
  const base: Call = wantsAnotherDay(call) ? { ...rest, state: 'open' } : call;
  write('calls', revised<Call>(base, { scheduledFor: when.toISOString() }));
}

/**
 * Books the return to a call that is left to dry: it is booked again, says why, and is due then.
 *
 * @throws when the device has no room left
 */
export function bookReturn(call: Call, when: Date, because: string): void {
  write('calls', revised<Call>(call, { state: 'open', scheduledFor: when.toISOString(), leftBecause: because }));
}
