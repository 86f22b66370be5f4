import { DOOR_PRESETS, type DoorPreset } from '../../doors/hinged/doorPresets';
import { PANEL_PRESETS, type PanelPreset } from '../../doors/sliding/panelPresets';

/** A usual make of door of some kind. */
export type Make = { kind: 'hinged'; preset: DoorPreset } | { kind: 'sliding'; preset: PanelPreset };

/** Every make a new door can be of, in the order they are offered. */
export const MAKES: readonly Make[] = [
  ...DOOR_PRESETS.map((preset): Make => ({ kind: 'hinged', preset })),
  ...PANEL_PRESETS.map((preset): Make => ({ kind: 'sliding', preset })),
];

export const makeOf = (presetId: string): Make | undefined => MAKES.find(({ preset }) => preset.id === presetId);
