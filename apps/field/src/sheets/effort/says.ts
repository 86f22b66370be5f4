import type { Effort, EffortRange, EffortStep } from '@proper-swing/core/sheets';

export const RANGE_WORDS: Readonly<Record<EffortRange, string>> = {
  free: 'Runs free',
  dirty: 'Rough, but runs',
  stiff: 'Stiff',
  stuck: 'Hardly moves',
};

export const STEP_WORDS: Readonly<Record<EffortStep, string>> = {
  clean: 'Clean the track',
  adjust: 'Adjust',
  lubricate: 'Lubricate the wheels',
  replace: 'Replace the rollers, both ends',
  mendTrack: 'Mend the track',
  look: 'Look first',
  leave: 'Leave it',
};

export const effortSays = ({ range, after, next }: Effort): string =>
  `${RANGE_WORDS[after?.range ?? range]}: ${STEP_WORDS[next].toLowerCase()}.`;
