import type { ActionId } from '../names/actionIds';
import type { FindingId } from './findings';

/** Looks that find what holds a hinge not holding, and what is done about it: the first that the door allows. Common practice, no source. */
export const NOT_HOLDING: readonly { said: { finding: FindingId; answers: readonly string[] }; actions: readonly ActionId[] }[] = [
  { said: { finding: 'topScrews', answers: ['spinning', 'someSpin'] }, actions: ['longScrew', 'fillHoles'] },
  { said: { finding: 'topScrews', answers: ['inSlab'] }, actions: ['fillSlabHoles'] },
  { said: { finding: 'bottomScrews', answers: ['spinning', 'someSpin'] }, actions: ['longScrewBottom'] },
];
