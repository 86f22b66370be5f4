import type { HingedDoor } from '../card/door';
import { ACTION_IDS, type ActionId } from '../names/actionIds';
import type { Action, ActionEntry } from './actionEntry';
import { FITTING_ACTIONS } from './fittingActions';
import { FRAME_ACTIONS } from './frameActions';
import { HINGE_ACTIONS } from './hingeActions';
import { JAMB_ACTIONS } from './jambActions';
import { SCREW_ACTIONS } from './screwActions';
import { OTHER_ACTIONS } from './otherActions';
import { SLAB_ACTIONS } from './slabActions';
import { STRIKE_ACTIONS } from './strikeActions';

const ACTION_TABLE: Readonly<Record<ActionId, ActionEntry>> = {
  ...SCREW_ACTIONS,
  ...HINGE_ACTIONS,
  ...STRIKE_ACTIONS,
  ...SLAB_ACTIONS,
  ...FRAME_ACTIONS,
  ...FITTING_ACTIONS,
  ...JAMB_ACTIONS,
  ...OTHER_ACTIONS,
};

export function action(id: ActionId): Action {
  return { id, ...ACTION_TABLE[id] };
}

export const ACTIONS: readonly Action[] = ACTION_IDS.map(action);

/** Whether a door is of a kind that an action is not for. */
export function isForbiddenOn({ forbidden }: Action, door: Pick<HingedDoor, 'fireRated' | 'hingeKind' | 'slabKind' | 'closer'>): boolean {
  return (
    (forbidden.fireRated === true && door.fireRated) ||
    (forbidden.closer === true && door.closer === true) ||
    forbidden.hingeKinds?.includes(door.hingeKind) === true ||
    forbidden.slabKinds?.includes(door.slabKind) === true
  );
}
