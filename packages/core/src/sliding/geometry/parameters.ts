/**
 * What a sliding panel and its opening are described by, each in millimetres, with the panel nearly shut.
 *
 * The elevation is seen from inside; `lead` is the end that closes, `trail` the other. Rises are how far the panel stands above
 * its track at each roller (or, hung, above its floor were floor and track as drawn). Tilts are how far track, and head or floor, run
 * down at the closing end over the width of the panel; humps and sags are at the middle of the opening, track and floor + up, head + down.
 * `droop` is how far the closing leaf of a bifold hangs down at its end, turned about the hinges between the leaves.
 * Leans are top minus bottom, + toward the panel; `rack` is how far the closing stile leans back at its top against the panel's foot.
 */
export const PARAMETERS = [
  'leadRise',
  'trailRise',
  'trackTilt',
  'trackHump',
  'otherTilt',
  'headSag',
  'headRoom',
  'floorRoom',
  'jambGap',
  'jambLean',
  'jambBow',
  'rack',
  'droop',
  'keep',
] as const;

export type ParameterId = (typeof PARAMETERS)[number];
