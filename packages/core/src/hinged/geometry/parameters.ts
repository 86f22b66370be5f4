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
