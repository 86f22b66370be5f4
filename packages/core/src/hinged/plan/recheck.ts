import { recheckAfter as recheckAny } from '../../planning/steps';
import type { HingeName } from '../card/doorKinds';
import type { StationId } from '../geometry/stations';
import type { ActionId } from '../names/actionIds';
import { ACTIONS } from '../tables/actions';
import { knownAs } from '../tables/doneAt';
import { RECHECKS } from '../tables/rechecks';
import { side, SIDE_IDS } from '../tables/sides';

const TABLES = { actions: ACTIONS, sides: SIDE_IDS.map(side), rechecks: RECHECKS };

/** The readings that tell best whether an action did what it should, of what was read before some more. */
export function recheckAfter(id: ActionId, hinge?: HingeName, readBefore: readonly StationId[] = []): StationId[] {
  return recheckAny(TABLES, knownAs(id, hinge), hinge, readBefore) as StationId[];
}
