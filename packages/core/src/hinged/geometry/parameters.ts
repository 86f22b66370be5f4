/**
 * What a hinged door and its opening are described by, each in millimetres.
 *
 * The elevation is seen from the side where the barrels show, mirrored so that the hinges are on the left. Leans are
 * top minus bottom, + toward the latch; `drop` is how far the latch edge hangs below true over the slab's width;
 * head and floor tilts are how far they run down at the latch end; bows are at the middle, legs + toward the latch,
 * head + down, floor + up. Across the wall, + is toward the viewer at the top; twist is + when the top stands off the stop.
 */
export const PARAMETERS = [
  'hingeGap',
  'headGap',
  'drop',
  'hingeLean',
  'hingeBow',
  'latchLean',
  'latchBow',
  'headTilt',
  'headBow',
  'floorTilt',
  'floorBow',
  'sideRoom',
  'heightRoom',
  'slabWidth',
  'slabHeight',
  'strike',
  'acrossLean',
  'stopGap',
  'twist',
  'floorRise',
] as const;

export type ParameterId = (typeof PARAMETERS)[number];

/** What each parameter means, for tables a person reads. */
export const PARAMETER_TITLES: Readonly<Record<ParameterId, string>> = {
  hingeGap: 'hinge gap at mid-height',
  headGap: 'head gap at the hinge end',
  drop: 'drop of the latch edge',
  hingeLean: 'lean of the hinge leg',
  hingeBow: 'bow of the hinge leg',
  latchLean: 'lean of the latch leg',
  latchBow: 'bow of the latch leg',
  headTilt: 'tilt of the head',
  headBow: 'bow of the head',
  floorTilt: 'tilt of the floor',
  floorBow: 'crown of the floor',
  sideRoom: 'opening width less slab width',
  heightRoom: 'opening height less slab height',
  slabWidth: 'slab width against its record',
  slabHeight: 'slab height against its record',
  strike: 'strike against its true height',
  acrossLean: 'lean of the hinge line across the wall',
  stopGap: 'gap between slab and stop, latched',
  twist: 'latch edge off the stop, top against bottom',
  floorRise: 'rise of the floor along the swing',
};
