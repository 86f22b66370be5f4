import type { Finding, FindingAnswer } from '../../model/finding';
import type { HingeKind } from '../card/doorKinds';
import type { TableNames } from '../geometry/tableNames';
import type { CauseId } from './causes';

/** A check on a hinged door, or an answer of the customer, as it stands in a table. */
export interface FindingEntry extends Omit<Finding<TableNames & { cause: CauseId }>, 'id'> {
  /** Kinds of hinge it can be tried on; all unless said. */
  onlyFor?: readonly HingeKind[];
  /** A door that a closer shuts tells nothing by it. */
  notWithCloser?: boolean;
  /** Doors with at least so many hinges; all unless said. */
  fromHinges?: number;
}

export const answer = (id: string, label: string, says: string): FindingAnswer => ({ id, label, says });
