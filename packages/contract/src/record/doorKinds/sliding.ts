import { choice, number, optional, type Faults } from '@proper-swing/core/fields/field';
import { FRAMES, PANEL_KINDS, SCREW_PLACES } from '@proper-swing/core/sliding/card/panel';
import { channelDepth, panelHeight, panelWidth, perTurn } from '@proper-swing/core/sliding/card/panelFields';

/** How a sliding door is made: what its card holds besides what every door's does. */
export const SLIDING_MAKE = {
  panelKind: choice('How the panel runs: on rollers, or hung', PANEL_KINDS),
  closesTo: choice('Which way it closes, seen from inside', ['left', 'right']),
  panels: optional(number('How many panels stand in the opening', { from: 1, to: 6, whole: true })),
  slides: optional(number('Which of them this is, counted from the left', { from: 1, to: 6, whole: true })),
  panelWidthMm: panelWidth,
  panelHeightMm: panelHeight,
  frame: choice('What the frame is made of', FRAMES),
  glassMm: optional(number('Thickness of all panes together', { from: 2, to: 60, unit: 'mm' })),
  screwsAt: optional(choice('Where its roller or hanger screws are', SCREW_PLACES)),
  liftsBy: optional(choice('Which way a screw is turned to lift the panel', ['clockwise', 'anticlockwise'])),
  mmPerTurn: optional(perTurn),
  travelMm: optional(number('How far the rollers or hangers can be set in all', { from: 0, to: 60, unit: 'mm' })),
  channelMm: optional(channelDepth),
} as const;

/** What is wrong with a make whose parts are each right. */
export const slidingFaults: Faults = ({ panels, slides }: { panels?: number | null; slides?: number | null }) =>
  (slides ?? 1) > (panels ?? 6) ? [{ field: 'slides', message: 'there are not so many panels' }] : [];
