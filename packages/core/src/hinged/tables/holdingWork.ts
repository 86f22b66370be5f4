import type { ActionId } from '../names/actionIds';

/** What holds the hinges, put right: it counts as the hinges' own work. */
export const HOLDING_WORK: readonly ActionId[] = [
  'tighten',
  'tightenBottom',
  'fillHoles',
  'fillSlabHoles',
  'longScrew',
  'longScrewBottom',
  'replaceHinge',
  'wedgeHingeLeg',
];
