import type { Finding, FindingAnswer } from '../../model/finding';
import type { PanelKind } from '../card/panel';
import type { TableNames } from '../geometry/tableNames';
import type { CauseId } from './causes';

/** A check on a sliding door, or an answer of the customer, as it stands in a table. */
export interface FindingEntry extends Omit<Finding<TableNames & { cause: CauseId }>, 'id'> {
  /** Kinds of panel it can be made on; all unless said. */
  onlyFor?: readonly PanelKind[];
}

export const answer = (id: string, label: string, says: string): FindingAnswer => ({ id, label, says });
