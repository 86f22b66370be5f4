import type { Action as AnyAction } from '../../model/action';
import type { PanelKind } from '../card/panel';
import type { TableNames } from '../geometry/tableNames';
import type { CautionId } from './cautions';
import type { CauseId } from './causes';
import type { FindingId } from './findings';

type ActionNames = TableNames & { cause: CauseId; finding: FindingId };

/** Work on a sliding door, as it stands in a table. */
export interface ActionEntry extends Omit<AnyAction<ActionNames>, 'id'> {
  cautions: readonly CautionId[];
  /** Kinds of panel that have what it is done to; all unless said. */
  onlyFor?: readonly PanelKind[];
}

export interface Action extends ActionEntry {
  id: AnyAction<ActionNames>['id'];
}

/** It takes a fault away that shows in no gap, or all of one that does. */
export const whole = (leftSdMm = 0.3) => ({ share: 1, shareSd: 0.04, leftSdMm });
