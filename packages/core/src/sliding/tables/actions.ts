import { isForKind, type PanelKind } from '../card/panel';
import { ACTION_IDS, type ActionId } from '../names/actionIds';
import type { Action, ActionEntry } from './actionEntry';
import { PANEL_ACTIONS } from './panelActions';
import { PIVOT_ACTIONS } from './pivotActions';
import { RUNNING_ACTIONS } from './runningActions';

const ACTION_TABLE: Readonly<Record<ActionId, ActionEntry>> = { ...RUNNING_ACTIONS, ...PIVOT_ACTIONS, ...PANEL_ACTIONS };

export function action(id: ActionId): Action {
  return { id, ...ACTION_TABLE[id] };
}

export const ACTIONS: readonly Action[] = ACTION_IDS.map(action);

/** Whether a kind of panel has what an action is done to. */
export function isActionFor(id: ActionId, kind: PanelKind): boolean {
  return isForKind(action(id), kind);
}
