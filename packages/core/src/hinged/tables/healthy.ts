import type { Moves, Share } from '../../model/moves';
import type { Spreading } from '../../model/tables';
import type { FigureName } from '../geometry/cardFigures';
import type { TableNames } from '../geometry/tableNames';

/** Gap that the latch leaves between slab and stop on a sound door, mm (common practice, no source). */
const STOP_GAP_MM = 1;

/** A sound door: its gaps are what its profile wants. */
export const SOUND_DOOR: Moves<TableNames> = {
  hingeGap: 'target.hinge',
  headGap: 'target.head',
  sideRoom: 'target.sides',
  heightRoom: 'target.heights',
  stopGap: STOP_GAP_MM,
};

/** A slab hung with its latch edge lower: its strike was cut where the bolt then was. */
const hung = (drop: Share<FigureName>) => ({ drop, strike: drop });

/**
 * How sound doors in ordinary buildings differ from the drawing. Common practice, no source: a few millimetres of
 * building, a door hung to its leg within half a millimetre.
 */
export const HEALTHY_SPREAD: readonly Spreading<TableNames>[] = [
  { why: 'legs lean together and the door was hung to them', sd: 1.5, moves: { hingeLean: 1, latchLean: 1, ...hung('1/r') } },
  { why: 'the whole opening is turned, door and all', sd: 0.8, moves: { hingeLean: 'r', latchLean: 'r', headTilt: 1, ...hung(1) } },
  { why: 'hinge leg leans by itself, door hung to it', sd: 0.7, moves: { hingeLean: 1, ...hung('1/r') } },
  { why: 'latch leg leans by itself', sd: 0.6, moves: { latchLean: 1 } },
  { why: 'hinge leg is not straight', sd: 0.6, moves: { hingeBow: 1 } },
  { why: 'latch leg is not straight', sd: 0.6, moves: { latchBow: 1 } },
  { why: 'head is not level', sd: 0.6, moves: { headTilt: 1 } },
  { why: 'head is not straight', sd: 0.5, moves: { headBow: 1 } },
  { why: 'floor runs off', sd: 3, moves: { floorTilt: 1 } },
  { why: 'floor is crowned', sd: 1, moves: { floorBow: 1 } },
  { why: 'hinges let in a little deep or proud', sd: 0.4, moves: { hingeGap: 1 } },
  { why: 'door hung a little high or low', sd: 0.6, moves: { headGap: 1, strike: 1 } },
  { why: 'door not hung quite to its leg', sd: 0.25, moves: hung(1) },
  { why: 'opening a little wide or narrow', sd: 0.6, moves: { sideRoom: 1 } },
  { why: 'floor clearance differs', sd: 4, moves: { heightRoom: 1 } },
  { why: 'slab width differs from its record', sd: 1.6, moves: { slabWidth: 1 } },
  { why: 'slab height differs from its record', sd: 1.6, moves: { slabHeight: 1 } },
  { why: 'strike set a little high or low', sd: 0.7, moves: { strike: 1 } },
  { why: 'wall out of plumb across', sd: 1.5, moves: { acrossLean: 1 } },
  { why: 'stop set a little near or far', sd: 0.4, moves: { stopGap: 1 } },
  { why: 'legs or slab not quite in one plane', sd: 0.8, moves: { twist: 1 } },
  { why: 'floor not flat along the swing', sd: 1.5, moves: { floorRise: 1 } },
];

/** Local unevenness of slab edges and linings that no straight-or-bowed line follows, mm (common practice, no source). */
export const UNEVENNESS_MM = 0.25;
