import { answerFaults, FINDING_IDS } from '@proper-swing/core/doors';
import { choice, id, named, optional } from '@proper-swing/core/fields/field';
import { entry } from '../kind';

/** The answer to a quick check. */
export const findings = entry({
  kind: 'findings',
  title: 'Finding',
  table: 'finding',
  inCall: 'findings',
  parent: { field: 'callId', kind: 'calls' },
  fields: {
    callId: id('Call it was found on'),
    finding: choice('Which check', FINDING_IDS),
    answer: named('Which of its answers', 40),
    stage: optional(choice('Tried as left; absent otherwise', ['left'])),
    adjustmentId: optional(id('The work after which it was checked again; absent as found')),
  },
  names: { adjustmentId: 'adjustments' },
  faults: answerFaults,
});
