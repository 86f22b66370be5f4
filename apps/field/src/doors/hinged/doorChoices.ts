import { HINGE_LAYOUT_IDS, HINGE_LAYOUTS } from '@proper-swing/core';

/** What is chosen from wherever a door's card is written: the side of its hinges, how many there are, and where they are usually set. */
export const HINGE_SIDES = [
  { id: 'left', label: 'On the left' },
  { id: 'right', label: 'On the right' },
] as const;

export const HINGE_COUNTS = ['2', '3', '4'].map((id) => ({ id, label: id }));

export const LAYOUTS = HINGE_LAYOUT_IDS.map((id) => ({ id, label: HINGE_LAYOUTS[id].label }));
