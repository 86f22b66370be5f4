import { choice, id } from '@proper-swing/core/fields/field';
import { STAGES } from '../../names/stages';
import { plainEntry } from '../kind';

/** A walk round the door with a gauge. */
export const readingSets = plainEntry({
  kind: 'reading-sets',
  title: 'Walk-round',
  table: 'reading_set',
  inCall: 'readingSets',
  parent: { field: 'callId', kind: 'calls' },
  fields: {
    callId: id('Call it was taken on'),
    stage: choice('As found, a check between steps, or as left', STAGES),
  },
});
