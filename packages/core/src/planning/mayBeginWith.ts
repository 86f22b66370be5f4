import type { DoorModel } from '../model/doorModel';
import type { Correction } from './correction';
import { CUTS_FROM } from './looksBeforeCutting';

/** What is worth beginning with before everything was weighed: a plan that serves, none of whose work is hard to undo. */
export const mayBeginWith = ({ outcome, plans }: Correction, { action }: DoorModel): boolean =>
  (outcome === 'cures' || outcome === 'helps') &&
  plans.every(({ steps }) => steps.length > 0 && steps.every((step) => action(step.action).irreversibility < CUTS_FROM));
