import { choice, id, instant, optional, text } from '@proper-swing/core/fields/field';
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
    complaint: text('What the customer says, in their words', { longest: 500 }),
    leftBecause: optional(text('Why it was closed though the door is not proved', { longest: 300 })),
    state: choice('Whether there is still something to do', ['open', 'done']),
  },
});
