import { choice, id, instant, text } from '@proper-swing/core/fields/field';
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
    state: choice('Whether there is still something to do', ['open', 'done']),
  },
});
