import type { Action as AnyAction, ActionEffect as AnyEffect } from '../../model/action';
import type { HingeKind, SlabKind } from '../card/doorKinds';
import type { TableNames } from '../geometry/tableNames';
import type { CautionId } from './cautions';
import type { CauseId } from './causes';
import type { FindingId } from './findings';
import type { SideId } from './sides';
import type { UnitName } from '../../model/units';

type ActionNames = TableNames & { cause: CauseId; side: SideId; finding: FindingId };

export type ActionEffect = AnyEffect<ActionNames>;

/** Doors that an action is not for, and why. */
export interface Forbidden {
  hingeKinds?: readonly HingeKind[];
  slabKinds?: readonly SlabKind[];
  fireRated?: boolean;
  closer?: boolean;
  why: string;
  /** The door simply has no such thing: nobody need be told. */
  isObvious?: boolean;
}

/** Work on a hinged door, as it stands in a table. */
export interface ActionEntry extends Omit<AnyAction<ActionNames>, 'id'> {
  unit: UnitName;
  cautions: readonly CautionId[];
  forbidden: Forbidden;
}

export interface Action extends ActionEntry {
  id: AnyAction<ActionNames>['id'];
}
