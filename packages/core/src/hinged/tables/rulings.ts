import type { HingeKind } from '../card/doorKinds';

/** Hinges whose leaves lie in no recess of their own that can be packed, deepened or moved. */
const NO_RECESS: readonly HingeKind[] = ['adjustable', 'fullHeight', 'faceFixed'];
/** Hinges that have neither soft knuckles nor a pin to bend. */
export const NOT_BENT: readonly HingeKind[] = [...NO_RECESS, 'ballBearing', 'cast'];

/** What is not allowed on some doors, and why; said wherever it rules an action out. */
export const FIRE_FIXINGS = { fireRated: true, why: 'Fixings of a fire door are as its certificate says.' };
export const FIRE_OR_ADJUSTABLE = {
  fireRated: true,
  hingeKinds: NO_RECESS,
  why: 'Not behind adjustable, full-height or face-fixed hinges, nor on a fire door outside its certificate.',
} as const;
export const NOT_ADJUSTABLE = {
  hingeKinds: ['butt', 'ballBearing', 'cast', 'fullHeight', 'faceFixed'],
  why: 'These hinges have no such screw.',
  isObvious: true,
} as const;
export const CHANGED_AS_A_WHOLE = {
  fireRated: true,
  hingeKinds: ['adjustable', 'fullHeight'],
  why: 'Hinges of a fire door are as its certificate says; adjustable and full-height hinges are changed as a whole.',
} as const;
export const FRAME_OF_FIRE_DOOR = { fireRated: true, why: 'The frame of a fire door is packed only as its certificate says.' };
export const NO_TIMBER_OFF = {
  fireRated: true,
  slabKinds: ['composite', 'steel', 'glazed'],
  why: 'A fire door, a composite, steel or glazed door is not planed.',
} as const;
export const NO_TIMBER_OFF_NOR_ADJUSTABLE = {
  ...NO_TIMBER_OFF,
  hingeKinds: ['adjustable'],
  why: 'A fire door, a composite, steel or glazed door is not planed; adjustable hinges raise the slab by their height screw.',
} as const;
export const PIN_NOT_BENT = {
  closer: true,
  fireRated: true,
  hingeKinds: NOT_BENT,
  why: 'Only for butt hinges with a loose pin, and not where a closer must shut the door.',
} as const;
/** No leaf is let in deeper or moved on its leg. */
export const LEAF_STAYS = {
  fireRated: true,
  hingeKinds: NO_RECESS,
  slabKinds: ['steel'],
  why: 'Not for adjustable, full-height or face-fixed hinges, a steel frame or a fire door.',
} as const;
