import { diagnose, estimate, planningOf, whatNext } from '@proper-swing/core/sliding/slidingAnswers';
import type { EngineFunction } from './engineFunction';
import { kindFunctions } from './kindFunctions';
import { SLIDING_WORDS, slidingDoorSchema } from './slidingShapes';

const exampleObserved = {
  door: { kind: 'glass', panelWidthMm: 900, panelHeightMm: 2030, frame: 'aluminium' },
  readings: [
    { station: 'foot.lead', mm: 2.2 },
    { station: 'foot.middle', mm: 4.1 },
    { station: 'foot.trail', mm: 6 },
    { station: 'jamb.top', mm: 5.8 },
    { station: 'jamb.mid', mm: 9.9 },
    { station: 'jamb.foot', mm: 14 },
    { station: 'lift.lead', mm: 8 },
    { station: 'lift.trail', mm: 4 },
  ],
  findings: [
    { finding: 'trouble', answer: 'lock' },
    { finding: 'screws', answer: 'move' },
  ],
};

/** What is asked of a sliding door. */
export const SLIDING_FUNCTIONS: readonly EngineFunction[] = kindFunctions({
  prefix: 'sliding',
  titles: {
    diagnose: 'Name the likely causes of a sliding door’s trouble and estimate every gap',
    next: 'Say which reading or check of a sliding door would tell most next, and whether enough has been read',
    plan: 'Plan the correction of a sliding door',
    estimate: 'Estimate every gap of a sliding door and the chance of every cause, without the evidence',
  },
  names: SLIDING_WORDS,
  door: slidingDoorSchema.required(),
  example: exampleObserved,
  diagnose,
  estimate,
  whatNext,
  planningOf,
});
