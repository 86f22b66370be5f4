import { choice, id, instant, optional, text } from '@proper-swing/core/fields/field';
import { CALL_STATES, CLOSED_STATES, type CallState } from '../../names/callStates';
import { JOBS } from '../../names/jobs';
import { card } from '../kind';

export const calls = card({
  kind: 'calls',
  title: 'Call',
  table: 'call',
  inCall: 'call',
  parent: { field: 'doorId', kind: 'doors' },
  indexed: ['scheduledFor'],
  fields: {
    doorId: id('Door it is about'),
    scheduledFor: instant('When the technician is expected'),
    job: optional(choice('What it is for; absent a door to be put right', JOBS)),
    complaint: text('What the customer says, in their words', { longest: 500 }),
    leftBecause: optional(
      text('Why it is left as it is: closed though the door is not proved, cancelled, not got at, or to come back to', { longest: 300 }),
    ),
    state: choice('Where it stands; open is booked and not yet begun', CALL_STATES),
  },
  few: { name: 'open', sortedBy: 'scheduledFor', field: 'state', notOneOf: CLOSED_STATES },
  faults: ({ state, leftBecause }: { state: CallState; leftBecause?: string | null }) =>
    state === 'cancelled' && (leftBecause ?? '').trim() === '' ? [{ field: 'leftBecause', message: 'Say why it is cancelled.' }] : [],
});
