import type { TableNames } from '../geometry/tableNames';
import type { CauseId } from './causes';
import type { FindingId } from './findings';
import type { SideId } from './sides';

/** Every name that a hinged door brings along. */
export interface HingedNames extends TableNames {
  cause: CauseId;
  finding: FindingId;
  side: SideId;
}
