import { choice, group, id, list, named, number, optional, text } from '@proper-swing/core/fields/field';
import { SHEET_NAMES } from '@proper-swing/core/sheets/names';
import { entry } from '../kind';

/** A calculation kept with the call: what was typed into it, and what it said. */
export const worksheets = entry({
  kind: 'worksheets',
  title: 'Worksheet',
  table: 'worksheet',
  inCall: 'worksheets',
  parent: { field: 'callId', kind: 'calls' },
  fields: {
    callId: id('Call it belongs to'),
    sheet: choice('Which calculation', SHEET_NAMES),
    figures: list(
      'What was typed, field by field',
      group('One field', { field: named('Field of its request', 80), typed: text('Exactly as typed', { longest: 2000 }) }, {}),
      { most: 80 },
    ),
    toDo: optional(
      number('Lines of its list that are not ticked off yet; absent where there is no list', { from: 0, to: 99, whole: true }),
    ),
    says: text('The answer in words', { longest: 1000 }),
  },
});
