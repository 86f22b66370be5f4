import type { Finding, FindingAnswer } from '../../model/finding';
import type { HingeKind, SlabKind } from '../card/doorKinds';
import type { TableNames } from '../geometry/tableNames';
import type { CauseId } from './causes';

/** A check on a hinged door, or an answer of the customer, as it stands in a table. */
export interface FindingEntry extends Omit<Finding<TableNames & { cause: CauseId }>, 'id'> {
  /** Kinds of hinge it can be tried on; all unless said. */
  onlyFor?: readonly HingeKind[];
  /** Slabs of which it tells nothing. */
  notSlabs?: readonly SlabKind[];
  /** A door that a closer shuts tells nothing by it. */
  notWithCloser?: boolean;
  /** Doors with at least so many hinges; all unless said. */
  fromHinges?: number;
}

/** Slabs without a timber edge to paint, seal or swell. */
export const NO_TIMBER_EDGE: readonly SlabKind[] = ['composite', 'steel'];

/** Hinges with leaves in a recess, screwed through. */
export const WITH_LEAVES: readonly HingeKind[] = ['butt', 'ballBearing', 'cast'];

/** Hinges with knuckles on a pin. */
export const WITH_KNUCKLES: readonly HingeKind[] = [...WITH_LEAVES, 'faceFixed'];

export const answer = (id: string, label: string, says: string): FindingAnswer => ({ id, label, says });
