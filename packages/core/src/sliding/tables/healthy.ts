import type { Moves } from '../../model/moves';
import type { Spreading } from '../../model/tables';
import type { TableNames } from '../geometry/tableNames';

/** A sound door: its gaps are what its profile wants. */
export const SOUND_DOOR: Moves<TableNames> = {
  leadRise: 'target.foot',
  trailRise: 'target.foot',
  headRoom: 'target.room',
  jambGap: 'target.jamb',
  keep: { times: -1, of: 'target.foot' },
};

/** How sound doors in ordinary buildings differ from the drawing. Common practice, no source. */
export const HEALTHY_SPREAD: readonly Spreading<TableNames>[] = [
  { why: 'the panel stands a little high or low, hook and keep with it', sd: 0.9, moves: { leadRise: 1, trailRise: 1, keep: -1 } },
  { why: 'one end stands a little high', sd: 0.35, moves: { leadRise: 1, trailRise: -1 } },
  {
    why: 'the building leans and the panel was set to its jamb',
    sd: 2,
    moves: { jambLean: 'r', leadRise: 0.43, trailRise: -0.43, keep: -0.43 },
  },
  {
    why: 'track and all a little out of level, panel set to it',
    sd: 1,
    moves: { trackTilt: 1, leadRise: 0.43, trailRise: -0.43, otherTilt: 1 },
  },
  { why: 'track a little out of level by itself', sd: 0.6, moves: { trackTilt: 1 } },
  { why: 'track not quite straight', sd: 0.5, moves: { trackHump: 1 } },
  { why: 'head or floor runs off', sd: 1, moves: { otherTilt: 1 } },
  { why: 'head hangs a little', sd: 0.6, moves: { headSag: 1 } },
  { why: 'opening a little high or low', sd: 0.5, moves: { headRoom: 1 } },
  { why: 'floor clearance differs', sd: 1.6, moves: { floorRoom: 1 } },
  { why: 'panel held nearer or further from the jamb', sd: 3, moves: { jambGap: 1 } },
  { why: 'jamb leans a little by itself', sd: 0.6, moves: { jambLean: 1 } },
  { why: 'jamb not straight', sd: 0.5, moves: { jambBow: 1 } },
  { why: 'panel not quite square', sd: 0.5, moves: { rack: 1 } },
  { why: 'closing leaf hangs a little', sd: 0.4, moves: { droop: 'pivoted' } },
  { why: 'keep set a little high or low', sd: 1, moves: { keep: 1 } },
];

/** Local unevenness that no straight or bowed line follows, mm (common practice, no source). */
export const UNEVENNESS_MM = 0.3;
