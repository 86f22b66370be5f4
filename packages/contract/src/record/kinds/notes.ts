import { id, named } from '@proper-swing/core/fields/field';
import { entry } from '../kind';

export const notes = entry({
  kind: 'notes',
  title: 'Note',
  table: 'note',
  inCall: 'notes',
  parent: { field: 'callId', kind: 'calls' },
  fields: { callId: id('Call it belongs to'), text: named('The note', 2000) },
});
