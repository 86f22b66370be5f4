import type { TableNames } from '../geometry/tableNames';
import type { CauseId } from './causes';
import type { FindingId } from './findings';

/** Every name that a sliding door brings along. */
export interface SlidingNames extends TableNames {
  cause: CauseId;
  finding: FindingId;
}
